import { useRouter } from 'expo-router';
import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { type Destination, type Standing, contentOf } from '@core/journal';
import { finishBowl } from '@core/verbs';
import { Button, Sheet, Words } from '@kit';
import { byField, doneTo, selectBakes, selectNow, useAppDispatch, useAppSelector } from '@state';

import { DestinationChoice } from '../parts/DestinationChoice';
import { WeightField } from '../parts/WeightField';
import { When, useWhen } from '../parts/When';
import { useKitchenWords } from '../words';

/** What sticks to a bowl needs no place, grams. */
const STICKS_G = 10;
const LEFT_TO: readonly Destination[] = ['discardJar', 'freezer', 'compost', 'animals', 'bin'];

/** The levain goes into its dough: how much, and where the rest goes. */
export function FinishSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const when = useWhen(words, useAppSelector(selectNow));
  const wish = jar.card.bowl?.wish;
  const bake = useAppSelector(selectBakes).find(({ id }) => id === wish);
  const there = Math.floor(contentOf(jar).massG);
  const [text, setText] = useState(String(Math.min(there, bake?.levainG ?? there)));
  const [to, setTo] = useState<Destination>('discardJar');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const usedG = gramsFromText(text, 'starter');
  const leftG = there - usedG;
  const finish = () => {
    const found = byField(
      dispatch(
        doneTo(
          jar.id,
          (atHand) => finishBowl(atHand, { usedG, to, at: when.at ?? atHand.now }),
          `${jar.card.name}: ${words.grams(usedG)} are in the dough`,
        ),
      ),
    );
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    onClose();
    router.navigate('/');
  };
  return (
    <Sheet title={`${jar.card.name}, into the dough`} onClose={onClose}>
      <Words tone="quiet">{`About ${words.roughly(there)} are in the bowl.`}</Words>
      <WeightField
        label="Into the dough"
        text={text}
        onText={setText}
        problem={problems.grams ?? null}
        onSubmit={finish}
      />
      {leftG > STICKS_G && (
        <>
          <Words>{`About ${words.roughly(leftG)} are left. Where do they go?`}</Words>
          <DestinationChoice hideLabel among={LEFT_TO} chosen={to} onChoose={setTo} />
        </>
      )}
      <When when={when} problem={problems.at ?? null} />
      <Button kind="main" onPress={finish}>
        In the dough
      </Button>
    </Sheet>
  );
}

import { useRouter } from 'expo-router';
import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { type Standing, contentOf } from '@core/journal';
import { type OutTo, takeOut } from '@core/verbs';
import { Button, Sheet, Words } from '@kit';
import { type DraftPart, byField, doneTo, selectNow, useAppDispatch, useAppSelector } from '@state';

import { PartsOut, partsFrom } from '../parts/PartsOut';
import { WeightField } from '../parts/WeightField';
import { useBowlBeside } from '../parts/useBowlBeside';
import { When, useWhen } from '../parts/When';
import { useKitchenWords } from '../words';

/** Taking starter out of the jar: how much, and where it goes. */
export function TakeSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const router = useRouter();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const [to, setTo] = useState<OutTo>('bake');
  const [parts, setParts] = useState<readonly DraftPart[]>([]);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const now = useAppSelector(selectNow);
  const when = useWhen(words, now);
  const grams = gramsFromText(text, 'starter');
  const left = contentOf(jar).massG - grams;
  const beside = useBowlBeside(standing);
  const take = () => {
    const found = dispatch(
      doneTo(
        jar.id,
        (atHand) =>
          takeOut(atHand, {
            grams,
            to,
            parts: partsFrom(parts),
            at: when.at ?? atHand.now,
            bowl: beside(),
          }),
        `${words.grams(grams)} taken from ${jar.card.name}`,
      ),
    );
    setProblems(byField(found));
    if (found.length > 0) return false;
    onClose();
    return true;
  };
  return (
    <Sheet title={`Take from ${jar.card.name}`} onClose={onClose}>
      <Words tone="quiet">{`About ${words.roughly(contentOf(jar).massG)} are in the jar.`}</Words>
      <WeightField
        label="How much"
        text={text}
        onText={setText}
        problem={problems.grams ?? null}
        hint={
          left < jar.card.keepG && left >= 0
            ? `Less than the keep of ${words.grams(jar.card.keepG)} stays. Leave some to carry on with.`
            : ''
        }
        onSubmit={take}
      />
      <PartsOut
        outG={grams}
        to={to}
        onTo={setTo}
        parts={parts}
        onParts={setParts}
        problem={problems.parts ?? null}
      />
      <When when={when} label="Taken at" problem={problems.at ?? null} />
      <Button kind="main" onPress={take}>
        Take it out
      </Button>
      <Button
        onPress={() => {
          if (take()) router.navigate(`/jar/${jar.id}/feed`);
        }}
      >
        Take it out, then feed what stays
      </Button>
    </Sheet>
  );
}

import { useRouter } from 'expo-router';
import { useState } from 'react';

import { type Destination, type Standing, contentOf } from '@core/journal';
import { takeOut } from '@core/verbs';
import { Field, Button, Sheet, Words, parseNumber } from '@kit';
import { doneTo, useAppDispatch } from '@state';

import { DestinationChoice } from '../parts/DestinationChoice';
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
  const [to, setTo] = useState<Destination>('bake');
  const [problem, setProblem] = useState<string | null>(null);
  const grams = parseNumber(text);
  const left = contentOf(jar).massG - grams;
  const take = () => {
    const [objection] = dispatch(
      doneTo(
        jar.id,
        (atHand) => takeOut(atHand, { grams, to }),
        `${Math.round(grams)} g taken from ${jar.card.name}`,
      ),
    );
    setProblem(objection?.message ?? null);
    if (objection) return false;
    onClose();
    return true;
  };
  return (
    <Sheet title={`Take from ${jar.card.name}`} onClose={onClose}>
      <Words tone="quiet">{`About ${words.grams(contentOf(jar).massG)} are in the jar.`}</Words>
      <Field
        label="How much"
        text={text}
        onText={setText}
        numeric
        unit="g"
        problem={problem}
        hint={
          left < jar.card.keepG && left >= 0
            ? `Less than the keep of ${words.grams(jar.card.keepG)} stays. Leave some to go on with.`
            : ''
        }
        onSubmit={take}
      />
      <DestinationChoice chosen={to} onChoose={setTo} />
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

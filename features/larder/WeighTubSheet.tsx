import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { type Tub } from '@core/larder';
import { putTubAway, weighTub } from '@core/verbs';
import { Button, Sheet, Words } from '@kit';
import { done, useAppDispatch } from '@state';

import { useKitchenWords } from '../words';
import { WeightField } from '../parts/WeightField';

/** A tub on the scale: what is really in it, after bread was baked from it or some was spilled. */
export function WeighTubSheet({
  tub,
  onClose,
}: {
  readonly tub: Tub;
  readonly onClose: () => void;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const save = () => {
    const grams = gramsFromText(text, 'white');
    const [objection] = dispatch(
      done(
        (now) => weighTub(tub.id, grams, now),
        () => `${tub.name} holds ${words.grams(grams)}`,
      ),
    );
    setProblem(objection?.message ?? null);
    if (objection) return;
    onClose();
  };
  const putAway = () => {
    dispatch(done((now) => putTubAway(tub.id, now), `${tub.name} is put away`));
    onClose();
  };
  return (
    <Sheet title={tub.name} onClose={onClose}>
      <Words>{`By the log, about ${words.roughly(tub.grams)} are in it. Flour for dough and spills do not show there.`}</Words>
      <WeightField
        of="white"
        label="It holds"
        text={text}
        onText={setText}
        problem={problem}
        onSubmit={save}
      />
      <Button kind="main" onPress={save}>
        That is in it
      </Button>
      <Button kind="danger" onPress={putAway}>
        Put the tub away for good
      </Button>
    </Sheet>
  );
}

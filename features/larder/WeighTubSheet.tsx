import { useState } from 'react';

import { type Tub } from '@core/larder';
import { Field, Button, Sheet, Words, parseNumber } from '@kit';
import { logEntries, selectNow, useAppDispatch, useAppSelector } from '@state';

import { useKitchenWords } from '../words';

const MOST_G = 50_000;

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
  const at = new Date(useAppSelector(selectNow)).toISOString();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const save = () => {
    const grams = parseNumber(text);
    if (!(grams >= 0 && grams <= MOST_G)) return setProblem('Grams from 0 to 50 000, please.');
    dispatch(
      logEntries(
        [{ kind: 'tubWeighed', at, tub: tub.id, grams }],
        `${tub.name} holds ${words.grams(grams)}`,
      ),
    );
    onClose();
  };
  const putAway = () => {
    dispatch(logEntries([{ kind: 'tubGone', at, tub: tub.id }], `${tub.name} is put away`));
    onClose();
  };
  return (
    <Sheet title={tub.name} onClose={onClose}>
      <Words>{`By the log about ${words.grams(tub.grams)} are in it. Baking and spills do not show there.`}</Words>
      <Field
        label="It holds"
        text={text}
        onText={setText}
        numeric
        unit="g"
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

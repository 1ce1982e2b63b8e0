import { useState } from 'react';

import { takeOldest } from '@core/larder';
import { Choice, Field, Press, Sheet, Words, parseNumber } from '@kit';
import { selectLots, takeLots, useAppDispatch, useAppSelector } from '@state';

import { DESTINATION_WORDS, useKitchenWords } from '../words';

const TO = ['bake', 'compost', 'animals', 'bin'] as const;

/** Some discard goes somewhere, the oldest first. */
export function UseSheet({ onClose }: { readonly onClose: () => void }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const lots = useAppSelector(selectLots).filter(({ store }) => store === 'fridge');
  const here = lots.reduce((sum, { grams }) => sum + grams, 0);
  const [text, setText] = useState(() => String(Math.round(lots[0]?.grams ?? 0)));
  const [to, setTo] = useState<(typeof TO)[number]>('bake');
  const [problem, setProblem] = useState<string | null>(null);
  const use = () => {
    const grams = parseNumber(text);
    if (!(grams > 0)) return setProblem('More than nothing, please.');
    if (takeOldest(lots, grams).lacksG > 0.5)
      return setProblem(
        `There are only ${words.grams(here)} in the fridge. Frozen ones thaw first.`,
      );
    dispatch(
      takeLots(lots, grams, to, `${words.grams(grams)} of discard: ${DESTINATION_WORDS[to]}`),
    );
    onClose();
  };
  return (
    <Sheet title="Take some discard" onClose={onClose}>
      <Words tone="quiet">The oldest goes first.</Words>
      <Field
        label="How much"
        text={text}
        onText={(typed) => {
          setText(typed);
          setProblem(null);
        }}
        numeric
        unit="g"
        problem={problem}
        onSubmit={use}
      />
      <Choice
        label="Where it goes"
        options={TO.map((is) => ({ is, text: DESTINATION_WORDS[is] }))}
        chosen={to}
        onChoose={setTo}
      />
      <Words size="small" tone="quiet">
        Compost is fine; a sink is not: it sets in the pipe.
      </Words>
      <Press kind="main" onPress={use}>
        Take it
      </Press>
    </Sheet>
  );
}

import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { type Lot, isOfUse } from '@core/larder';
import { spendLots } from '@core/verbs';
import { Choice, Button, Sheet, Words } from '@kit';
import {
  done,
  selectGoodLots,
  selectNow,
  selectSpokenFor,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { DestinationChoice } from '../parts/DestinationChoice';
import { useJarName } from '../words/useJarName';
import { DESTINATION_WORDS, lotWords, useKitchenWords } from '../words';
import { WeightField } from '../parts/WeightField';

const OLDEST = '';
const TO = ['bake', 'compost', 'animals', 'bin'] as const;

const sumOf = (lots: readonly Lot[]) => lots.reduce((sum, { grams }) => sum + grams, 0);

/** Some discard goes somewhere, the oldest first. */
export function UseSheet({ onClose }: { readonly onClose: () => void }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const nameOf = useJarName();
  const inFridge = useAppSelector(selectGoodLots).filter(({ store }) => store === 'fridge');
  const [which, setWhich] = useState(OLDEST);
  const lots = which === OLDEST ? inFridge : inFridge.filter(({ id }) => id === which);
  const [text, setText] = useState(() => String(Math.round(lots[0]?.grams ?? 0)));
  const [to, setTo] = useState<(typeof TO)[number]>(
    inFridge[0] && !isOfUse(inFridge[0]) ? 'compost' : 'bake',
  );
  const [problem, setProblem] = useState<string | null>(null);
  const { claims, free } = useAppSelector(selectSpokenFor);
  const freeG = sumOf(free.filter(({ id }) => inFridge.some((lot) => lot.id === id)));
  const [claim] = claims;
  // What is taken for today's bake may be the very thing that it was kept for.
  const spoils = claim && to !== 'bake' && gramsFromText(text, 'starter') > freeG + 0.5;
  const use = () => {
    const grams = gramsFromText(text, 'starter');
    const [objection] = dispatch(
      done(
        (clock) => spendLots(lots, { grams, to }, clock),
        () => `${words.grams(grams)} of discard: ${DESTINATION_WORDS[to]}`,
      ),
    );
    setProblem(objection?.message ?? null);
    if (objection) return;
    onClose();
  };
  return (
    <Sheet title="Take some discard" onClose={onClose}>
      {inFridge.length > 1 ? (
        <Choice
          label="Which"
          options={[
            { is: OLDEST, text: 'the oldest first' },
            ...inFridge.map((lot) => ({
              is: lot.id,
              text: `${nameOf(lot.jar)}, ${words.grams(lot.grams)} of ${words.day(lot.takenAt)}`,
            })),
          ]}
          chosen={which}
          onChoose={(is) => {
            const lot = inFridge.find(({ id }) => id === is) ?? inFridge[0];
            setWhich(is);
            setText(String(Math.round(lot?.grams ?? 0)));
            setProblem(null);
          }}
        />
      ) : (
        inFridge[0] && <Words tone="quiet">{lotWords(inFridge[0], now, words)}</Words>
      )}
      <WeightField
        label="How much"
        text={text}
        onText={(typed) => {
          setText(typed);
          setProblem(null);
        }}
        problem={problem}
        onSubmit={use}
      />
      {spoils && (
        <Words tone="crust" live>
          {freeG < 1
            ? `All of it is kept for ${claim.name}, ${words.day(claim.at)}.`
            : `Only ${words.grams(freeG)} are free: the rest is kept for ${claim.name}, ${words.day(claim.at)}.`}
        </Words>
      )}
      <DestinationChoice among={TO} chosen={to} onChoose={setTo} />
      <Button kind="main" onPress={use}>
        Take it
      </Button>
    </Sheet>
  );
}

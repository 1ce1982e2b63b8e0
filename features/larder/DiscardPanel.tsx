import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Lot, isOfUse } from '@core/larder';
import { type Instant } from '@core/measure';
import { moveLot, spendLots } from '@core/verbs';
import { NumberField, Notice, Panel, Button, Words, useLook } from '@kit';
import {
  done,
  selectGoodLots,
  selectLots,
  selectNow,
  selectQuarantined,
  selectSettings,
  settingsChanged,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { Term } from '../parts/Term';
import { useJarName } from '../words/useJarName';
import { lotWords, useKitchenWords } from '../words';
import { UseSheet } from './UseSheet';

/** Stirred-down discard takes about a millilitre a gram; gas and a rim of air need their room. */
const FULL_SHARE = 0.85;

const gramsIn = (lots: readonly Lot[]) => lots.reduce((sum, { grams }) => sum + grams, 0);

/** The discard that is here, by age, and what can be done with it. */
export function DiscardPanel({ making = false }: { readonly making?: boolean }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const lots = useAppSelector(selectLots);
  const good = useAppSelector(selectGoodLots);
  const { discardJarMl } = useAppSelector(selectSettings);
  const [using, setUsing] = useState(false);
  const inFridge = lots.filter(({ store }) => store === 'fridge');
  const frozen = lots.filter(({ store }) => store === 'freezer');
  const inFridgeG = gramsIn(inFridge);
  const goneG = gramsIn(inFridge.filter((lot) => !isOfUse(lot)));
  return (
    <Panel label="Discard">
      <Words size="title" level={2}>
        Discard
      </Words>
      <Term of="discard" />
      {lots.length === 0 && (
        <Words tone="quiet">
          You have none. What comes out of a jar at the bench can go into the discard jar or the
          freezer; then you find it here by its age.
        </Words>
      )}
      {inFridgeG > FULL_SHARE * discardJarMl && (
        <Notice title="The discard jar is full">
          {`${words.grams(inFridgeG)} in ${discardJarMl} ml: ${goneG > 0 ? `compost the ${words.grams(goneG)} that are too old, ` : ''}${goneG < inFridgeG ? 'use some, freeze some, ' : ''}or take a second jar. It still gives off gas: cover it loosely.`}
        </Notice>
      )}
      <Lots title="In the fridge" lots={inFridge} to="freezer" />
      <Lots title="In the freezer" lots={frozen} to="fridge" />
      {lots.some(({ keeping }) => keeping === 'old') && (
        <Words size="small" tone="quiet">
          Old discard is sour and grey. That is only age, and crackers hide it, for up to about six
          weeks in the fridge. Fuzz or coloured spots are another matter: throw all of that lot out.
        </Words>
      )}
      {good.length > 0 && (
        <View style={styles.stack}>
          {!making && good.some(isOfUse) && (
            <Button kind="main" href="/make">
              What can I make?
            </Button>
          )}
          <Button onPress={() => setUsing(true)}>Take some</Button>
        </View>
      )}
      <NumberField
        label="The discard jar holds"
        unit="ml"
        value={discardJarMl}
        low={100}
        high={10_000}
        onValue={(to) => dispatch(settingsChanged({ discardJarMl: to }))}
      />
      {using && <UseSheet onClose={() => setUsing(false)} />}
    </Panel>
  );
}

function Lots({
  title,
  lots,
  to,
}: {
  readonly title: string;
  readonly lots: readonly Lot[];
  readonly to: 'fridge' | 'freezer';
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const look = useLook();
  const now = useAppSelector(selectNow);
  const nameOf = useJarName();
  const held = useAppSelector(selectQuarantined);
  const [all, setAll] = useState(false);
  if (lots.length === 0) return null;
  const tooOld = lots.filter((lot) => !isOfUse(lot) && !held.has(lot.id));
  const tooOldG = gramsIn(tooOld);
  const shown = all ? lots : lots.slice(0, SHOWN_LOTS);
  return (
    <View style={styles.stack0}>
      <Words strong level={3} style={styles.words}>
        {`${title}: ${words.grams(gramsIn(lots))}`}
      </Words>
      {shown.map((lot) => (
        <View key={lot.id} style={[styles.row, { borderTopColor: look.seam }]}>
          <View style={styles.part}>
            <Words>{`${words.grams(lot.grams)} of ${nameOf(lot.jar)}`}</Words>
            {held.has(lot.id) ? (
              <Words size="small" tone="beet">
                Do not use it yet: its jar was thrown out. Look it over first.
              </Words>
            ) : (
              <Words size="small" tone={lot.keeping === 'good' ? 'quiet' : 'crust'}>
                {lotWords(lot, now, words)}
              </Words>
            )}
          </View>
          <LotButton lot={lot} to={to} />
        </View>
      ))}
      {tooOld.length > 1 && (
        <View style={styles.words}>
          <Button
            onPress={() =>
              dispatch(
                done(
                  (at) => spendLots(tooOld, { grams: tooOldG, to: 'compost' }, at),
                  `${words.grams(tooOldG)} composted`,
                ),
              )
            }
          >
            {`Compost the ${tooOld.length} that are too old: ${words.grams(tooOldG)}`}
          </Button>
        </View>
      )}
      {lots.length > SHOWN_LOTS && (
        <Button kind="bare" onPress={() => setAll(!all)}>
          {all ? 'Fewer' : `All ${lots.length}`}
        </Button>
      )}
    </View>
  );
}

/** What is left to do with a lot: it changes its store, or is composted when it is too old for anything. */
function LotButton({ lot, to }: { readonly lot: Lot; readonly to: 'fridge' | 'freezer' }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const nameOf = useJarName();
  const grams = words.grams(lot.grams);
  const [does, verb, said] = !isOfUse(lot)
    ? [
        'Compost',
        (at: Instant) => spendLots([lot], { grams: lot.grams, to: 'compost' }, at),
        `${grams} composted`,
      ]
    : [
        to === 'freezer' ? 'Freeze' : 'Thaw',
        (at: Instant) => moveLot(lot.id, to, at),
        to === 'freezer' ? `${grams} frozen` : `${grams} thaw overnight in the fridge`,
      ];
  return (
    <Button
      kind="bare"
      label={`${does} ${Math.round(lot.grams)} g of ${nameOf(lot.jar)}, ${words.date(lot.takenAt)}`}
      onPress={() => dispatch(done(verb, said))}
    >
      {does}
    </Button>
  );
}

/** The oldest are the ones to use. */
const SHOWN_LOTS = 4;

const styles = StyleSheet.create({
  stack: { gap: 8 },
  stack0: { gap: 0 },
  words: { paddingTop: 4, paddingBottom: 6 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8, borderTopWidth: 1 },
  part: { flex: 1, paddingVertical: 6 },
});

import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Tub, flourUse, shoppingNote } from '@core/larder';
import { Panel, Button, Words, useLook } from '@kit';
import { TubDrawing } from '@kit/TubDrawing';
import { selectJars, selectLiveEvents, selectNow, selectTubs, useAppSelector } from '@state';

import { useCopy } from '../parts/useCopy';
import { FLOUR_WORDS, blendWords, useKitchenWords } from '../words';
import { tubWords } from '../words/larderWords';
import { TubSheet } from './TubSheet';
import { WeighTubSheet } from './WeighTubSheet';

/** The tubs of flour, how long they last, and what feeding costs in a week. */
export function TubsPanel() {
  const words = useKitchenWords();
  const tubs = useAppSelector(selectTubs);
  const live = useAppSelector(selectLiveEvents);
  const now = useAppSelector(selectNow);
  const [adding, setAdding] = useState(false);
  const use = flourUse(live, now);
  return (
    <Panel label="Flour">
      <Words size="title" level={2}>
        Flour
      </Words>
      {use.gramsPerWeek > 0 && (
        <Words>
          {`The jars are fed about ${words.roughly(use.gramsPerWeek)} of flour a week${
            use.costPerWeek === null
              ? '.'
              : use.priced > 0.99
                ? `, for ${words.money(use.costPerWeek)}.`
                : `. The ${Math.round(use.priced * 100)} % with a known price costs ${words.money(use.costPerWeek)}.`
          }`}
        </Words>
      )}
      {tubs.length === 0 && (
        <Words tone="quiet">
          Many bakers keep a tub of their own blend, weighed together once. Set it up here, choose
          it on a jar’s card, and every feed uses some of it.
        </Words>
      )}
      {tubs.map((tub) => (
        <TubRow key={tub.id} tub={tub} />
      ))}
      <JarCosts />
      <ShoppingNote />
      <Button icon="plus" onPress={() => setAdding(true)}>
        A tub of flour
      </Button>
      {adding && <TubSheet tub={null} onClose={() => setAdding(false)} />}
    </Panel>
  );
}

function TubRow({ tub }: { readonly tub: Tub }) {
  const look = useLook();
  const words = useKitchenWords();
  const live = useAppSelector(selectLiveEvents);
  const now = useAppSelector(selectNow);
  const [sheet, setSheet] = useState<'fill' | 'weigh' | null>(null);
  const use = flourUse(live, now, (fed) => fed.tub === tub.id);
  const low = tub.grams <= tub.lowG;
  return (
    <View style={[styles.ruled, { borderTopColor: look.seam }]}>
      <View style={styles.row}>
        <TubDrawing grams={tub.grams} flour={tub.flour} />
        <View style={styles.part}>
          <Words strong level={3}>
            {tub.name}
          </Words>
          <Words size="small" tone="quiet">
            {blendWords(tub.flour)}
          </Words>
          <Words strong={low} tone={low ? 'crust' : 'ink'}>
            {tubWords(tub, use, now, words)}
          </Words>
        </View>
      </View>
      <View style={styles.row8}>
        <Button grow onPress={() => setSheet('fill')} label={`Fill up ${tub.name}`}>
          Fill up
        </Button>
        <Button grow onPress={() => setSheet('weigh')} label={`Weigh ${tub.name}`}>
          Weigh
        </Button>
      </View>
      {sheet === 'fill' && <TubSheet tub={tub} onClose={() => setSheet(null)} />}
      {sheet === 'weigh' && <WeighTubSheet tub={tub} onClose={() => setSheet(null)} />}
    </View>
  );
}

/** Weeks that a shopping trip should last. */
const SHOP_WEEKS = 4;

/** What to buy, to be copied into whatever the baker carries along. */
function ShoppingNote() {
  const words = useKitchenWords();
  const live = useAppSelector(selectLiveEvents);
  const tubs = useAppSelector(selectTubs);
  const now = useAppSelector(selectNow);
  const copy = useCopy();
  const note = shoppingNote(live, tubs, now, SHOP_WEEKS);
  if (note.length === 0) return null;
  const text = note
    .map(({ flour, grams }) => `${words.grams(grams)} ${FLOUR_WORDS[flour]}`)
    .join(', ');
  return (
    <View style={styles.rowNarrow}>
      <Words style={styles.fill}>{`For the next four weeks, buy ${text}.`}</Words>
      <Button
        kind="bare"
        label="Copy the shopping note"
        onPress={() => copy(`Flour: ${text}`, 'The shopping note is copied')}
      >
        Copy
      </Button>
    </View>
  );
}

/** Flour of each jar in a week. */
function JarCosts() {
  const words = useKitchenWords();
  const jars = useAppSelector(selectJars);
  const live = useAppSelector(selectLiveEvents);
  const now = useAppSelector(selectNow);
  const uses = jars
    .map(({ id, card }) => ({ name: card.name, ...flourUse(live, now, ({ jar }) => jar === id) }))
    .filter(({ gramsPerWeek }) => gramsPerWeek >= 1);
  if (uses.length < 2) return null;
  return (
    <Words size="small" tone="quiet">
      {`In a week: ${uses
        .map(
          ({ name, gramsPerWeek, costPerWeek }) =>
            `${name} ${words.grams(gramsPerWeek)}${costPerWeek === null ? '' : ` (${costPerWeek.toFixed(2)})`}`,
        )
        .join(', ')}.`}
    </Words>
  );
}

const styles = StyleSheet.create({
  ruled: { borderTopWidth: 1, paddingTop: 12, gap: 10 },
  row: { flexDirection: 'row', gap: 14, alignItems: 'center' },
  part: { flex: 1, gap: 2 },
  row8: { flexDirection: 'row', gap: 8 },
  rowNarrow: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  fill: { flex: 1 },
});

import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { proteinPct } from '@core/bench';
import { Field, Panel, Words, parseNumber } from '@kit';

/** Below, a flour makes cakes; from there on, bread; and bread that rises high. */
const BREAD_PCT = 11;
const STRONG_PCT = 12.5;
/** No flour holds more. */
const MOST_PCT = 25;

const figure = (pct: number) => String(Math.round(pct * 10) / 10);

/** What white flour of so much protein is for. */
const kindOf = (pct: number): string =>
  pct >= STRONG_PCT
    ? 'strong, for bread that rises high'
    : pct >= BREAD_PCT
      ? 'plain bread flour'
      : 'soft, for cakes; a starter lives on it but rises little';

/** What a flour is good for, and what may be in the water. */
export function FlourAndWater() {
  const [protein, setProtein] = useState('4');
  const [serving, setServing] = useState('30');
  const [low, high] = proteinPct(parseNumber(protein), parseNumber(serving));
  const known = high > 0 && low <= MOST_PCT;
  return (
    <Panel label="Flour and water">
      <Words size="title" level={2}>
        Flour and water
      </Words>
      <Words>
        Labels give the protein in a serving. White bread flour of 12.5 % and more rises highest;
        whole grain and rye feed a starter best. Whole grain’s protein is not strength: much of it
        sits in bran and germ, and makes no gluten.
      </Words>
      <View style={styles.row}>
        <View style={styles.fill}>
          <Field label="Protein" text={protein} onText={setProtein} numeric unit="g" />
        </View>
        <View style={styles.fill}>
          <Field label="in a serving of" text={serving} onText={setServing} numeric unit="g" />
        </View>
      </View>
      <Words strong tone={known ? 'ink' : 'beet'} live>
        {known
          ? `${figure(low)} to ${figure(high)} %: ${[...new Set([kindOf(low), kindOf(high)])].join(', or ')}. The label is rounded, so it cannot be told more closely.`
          : 'No flour is like that. Check the two numbers.'}
      </Words>
      <Words>
        Water that smells of chlorine slows a starter down: filter it, or let it stand overnight.
        Chloramine stays however long it stands; only a filter takes it out. Bleached or bromated
        flour is a poor choice.
      </Words>
      <Words>
        Change a starter’s flour slowly, over four feeds: a quarter of the new, half, three
        quarters, all of it.
      </Words>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
  fill: { flex: 1 },
});

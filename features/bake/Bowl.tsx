import { StyleSheet, View } from 'react-native';

import { cupsText } from '@core/bench';
import { type Ingredient } from '@core/measure';
import { Panel, Button, Words, useLook, printText } from '@kit';
import { selectSettings, useAppSelector } from '@state';

import { useCopy } from '../parts/useCopy';
import { useKitchenWords } from '../words';

/** What a part of the bowl is when it is measured by cups. */
const BY_CUP: Readonly<Record<string, Ingredient>> = {
  levain: 'starter',
  water: 'water',
  flour: 'white',
  'white flour': 'white',
  'whole grain': 'wholeWheat',
};

/** What goes into the bowl, to read, weigh, copy or print. */
export function Bowl({
  parts,
  text,
  onWeigh,
}: {
  readonly parts: readonly (readonly [name: string, grams: number])[];
  readonly text: string;
  readonly onWeigh: () => void;
}) {
  const look = useLook();
  const { cups, ounces } = useAppSelector(selectSettings);
  const words = useKitchenWords();
  const total = parts.reduce((sum, [, grams]) => sum + grams, 0);
  const copy = useCopy();
  return (
    <Panel label="Into the bowl" style={styles.panel}>
      <Words size="title" level={2}>
        Into the bowl
      </Words>
      {parts.map(([name, grams], i) => (
        <View
          key={name}
          style={[styles.row, { borderTopWidth: i > 0 ? 1 : 0, borderTopColor: look.seam }]}
        >
          <Words style={styles.fill}>{name}</Words>
          {cups && BY_CUP[name] && (
            <Words size="small" tone="quiet">{`about ${cupsText(grams, BY_CUP[name])}`}</Words>
          )}
          <Words size="number">
            {grams}
            <Words size="body">{` g${ounces ? ` · ${words.ounces(grams)}` : ''}`}</Words>
          </Words>
        </View>
      ))}
      <Words tone="quiet">{`${words.grams(total)} of dough.`}</Words>
      <View style={styles.wrap}>
        <Button kind="main" grow onPress={onWeigh}>
          Weigh it out
        </Button>
        <Button onPress={() => copy(text, 'The dough is copied as text')}>Copy</Button>
        <Button onPress={() => printText('Dough', text)}>Print</Button>
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 2 },
  row: { flexDirection: 'row', alignItems: 'baseline', gap: 10, paddingVertical: 4 },
  fill: { flex: 1 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 6 },
});

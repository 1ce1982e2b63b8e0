import { StyleSheet, View } from 'react-native';

import { INOCULATIONS, type DoughFormula, inoculationBySeason } from '@core/bench';
import { FieldRow, NumberField, Panel, Button, Words } from '@kit';
import { doughChanged, useAppDispatch, useAppSelector, selectDough } from '@state';

import { useKitchenWords } from '../words';
import { useKitchenCelsius } from './useKitchenCelsius';

import { WeightNumber } from '../parts/WeightNumber';

/** What each number of a formula is called, and the bounds it makes sense in. */
const FIELDS: readonly (readonly {
  readonly of: keyof DoughFormula;
  readonly label: string;
  readonly unit?: string;
  readonly low: number;
  readonly high: number;
}[])[] = [
  [
    { of: 'loaves', label: 'Loaves', low: 1, high: 60 },
    { of: 'flourEachG', label: 'Flour each', unit: 'g', low: 20, high: 5000 },
  ],
  [
    { of: 'hydrationPct', label: 'Hydration', unit: '%', low: 40, high: 150 },
    { of: 'saltPct', label: 'Salt', unit: '%', low: 0, high: 5 },
  ],
  [
    {
      of: 'inoculationPct',
      label: 'Flour from levain',
      unit: '%',
      low: INOCULATIONS.least,
      high: INOCULATIONS.most,
    },
    { of: 'levainHydrationPct', label: 'Its hydration', unit: '%', low: 40, high: 200 },
  ],
  [
    { of: 'wholePct', label: 'Whole grain', unit: '%', low: 0, high: 100 },
    { of: 'levainWholePct', label: 'In the levain', unit: '%', low: 0, high: 100 },
  ],
];

/** What is usual from levain at this time of the year, by the kitchen's own warmth. */
function Season() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const formula = useAppSelector(selectDough).formula;
  const celsius = useKitchenCelsius();
  const usual = inoculationBySeason(celsius);
  return (
    <View style={styles.stack}>
      <Words size="small" tone="quiet">
        {`Usually 10 to 20 % of the flour comes from levain, less in summer and more in winter: at ${words.celsius(celsius)} about ${usual} %.`}
      </Words>
      {Math.round(formula.inoculationPct) !== usual && (
        <Button
          onPress={() => dispatch(doughChanged({ formula: { ...formula, inoculationPct: usual } }))}
        >
          {`Take the season’s ${usual} %`}
        </Button>
      )}
    </View>
  );
}

/** The dough by baker's percentages: all of them of all the flour, the levain's included. */
export function PercentagesPanel() {
  const dispatch = useAppDispatch();
  const formula = useAppSelector(selectDough).formula;
  const fieldOf = (of: keyof typeof formula, label: string, low: number, high: number) => ({
    label,
    low,
    high,
    value: formula[of],
    onValue: (value: number) => dispatch(doughChanged({ formula: { ...formula, [of]: value } })),
  });
  return (
    <Panel label="The dough">
      {FIELDS.map((row) => (
        <FieldRow key={row[0]!.of}>
          {row.map(({ of, label, unit, low, high }) =>
            unit === 'g' ? (
              <WeightNumber key={of} of="white" {...fieldOf(of, label, low, high)} />
            ) : (
              <NumberField
                key={of}
                {...fieldOf(of, label, low, high)}
                {...(unit ? { unit } : {})}
              />
            ),
          )}
        </FieldRow>
      ))}
      <Words size="small" tone="quiet">
        Percentages are of all the flour, the levain’s included.
      </Words>
      <Season />
    </Panel>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 6 },
});

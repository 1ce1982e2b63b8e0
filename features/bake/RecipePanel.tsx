import { StyleSheet, View } from 'react-native';

import { INOCULATIONS, type YeastRecipe } from '@core/bench';
import { NumberField, Panel, Words } from '@kit';
import { doughChanged, useAppDispatch, useAppSelector, selectDough } from '@state';

const PAIRS: readonly (readonly { readonly of: keyof YeastRecipe; readonly label: string }[])[] = [
  [
    { of: 'flourG', label: 'Flour' },
    { of: 'waterG', label: 'Water, all that is wet' },
  ],
  [
    { of: 'saltG', label: 'Salt' },
    { of: 'sugarG', label: 'Sugar, honey' },
  ],
];

/** A recipe with baker's yeast, and the levain that takes its place. */
export function RecipePanel() {
  const dispatch = useAppDispatch();
  const { recipe, formula } = useAppSelector(selectDough);
  const change = (to: Partial<YeastRecipe>) =>
    dispatch(doughChanged({ recipe: { ...recipe, ...to } }));
  const field = (of: keyof YeastRecipe, label: string) => (
    <View key={of} style={styles.fill}>
      <NumberField
        label={label}
        unit="g"
        value={recipe[of]}
        low={of === 'flourG' ? 20 : 0}
        high={20_000}
        onValue={(value) => change({ [of]: value })}
      />
    </View>
  );
  return (
    <Panel label="The recipe">
      {PAIRS.map((pair) => (
        <View key={pair[0]!.of} style={styles.row}>
          {pair.map(({ of, label }) => field(of, label))}
        </View>
      ))}
      <View style={styles.row}>
        {field('fatG', 'Butter, oil')}
        <View style={styles.fill}>
          <NumberField
            label="Flour from levain"
            unit="%"
            value={formula.inoculationPct}
            low={INOCULATIONS.least}
            high={INOCULATIONS.most}
            onValue={(inoculationPct) =>
              dispatch(doughChanged({ formula: { ...formula, inoculationPct } }))
            }
          />
        </View>
      </View>
      <Words size="small" tone="quiet">
        The yeast is left out. Of milk and eggs count the water in them: nine tenths of milk, three
        quarters of an egg. Where an hour was said, expect most of a day.
      </Words>
    </Panel>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  row: { flexDirection: 'row', gap: 12 },
});

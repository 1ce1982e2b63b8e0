import { StyleSheet, View } from 'react-native';

import { INOCULATIONS, type YeastRecipe } from '@core/bench';
import { type Ingredient } from '@core/measure';
import { NumberField, Panel, Words } from '@kit';
import { doughChanged, useAppDispatch, useAppSelector, selectDough } from '@state';

import { WeightNumber } from '../parts/WeightNumber';
import { useKitchenWords } from '../words';

interface Part {
  readonly of: keyof YeastRecipe;
  readonly label: string;
  readonly is: Ingredient;
}

const PAIRS: readonly (readonly Part[])[] = [
  [
    { of: 'flourG', label: 'Flour', is: 'white' },
    { of: 'waterG', label: 'Water and other liquids', is: 'water' },
  ],
  [
    { of: 'saltG', label: 'Salt', is: 'salt' },
    { of: 'sugarG', label: 'Sugar, honey', is: 'sugar' },
  ],
  [
    { of: 'fatG', label: 'Butter, oil', is: 'fat' },
    { of: 'yeastG', label: 'Yeast, dried', is: 'yeast' },
  ],
];

/** A recipe with baker's yeast, and the levain that takes its place. */
export function RecipePanel() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const { recipe, formula } = useAppSelector(selectDough);
  const change = (to: Partial<YeastRecipe>) =>
    dispatch(doughChanged({ recipe: { ...recipe, ...to } }));
  const field = ({ of, label, is }: Part) => (
    <View key={of} style={styles.fill}>
      <WeightNumber
        label={label}
        of={is}
        value={recipe[of] ?? 0}
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
          {pair.map(field)}
        </View>
      ))}
      <View style={styles.row}>
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
        {recipe.yeastG
          ? `The ${words.grams(recipe.yeastG)} of yeast are left out: the levain does their work. `
          : 'Leave the yeast out: the levain does its work. '}
        Milk is nine tenths water, an egg three quarters: count that much. Where the recipe says an
        hour, expect most of a day.
      </Words>
    </Panel>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  row: { flexDirection: 'row', gap: 12 },
});

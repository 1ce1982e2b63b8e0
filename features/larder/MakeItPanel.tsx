import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Lot, lotsTogether } from '@core/larder';
import {
  type Extra,
  type Formula,
  type Occasion,
  TEASPOON_G,
  discardFor,
  minutesFor,
  mixtureFor,
  batchFor,
} from '@core/larder/formulas';
import { spendLots } from '@core/verbs';
import { NumberField, Panel, Button, Words, useLook } from '@kit';
import { done, useAppDispatch } from '@state';

import { useKitchenWords } from '../words';
import { ALLERGEN_WORDS, EXTRA_WORDS, FORMULA_WORDS } from './formulaWords';

/** Where nothing is here, a formula is shown for so much discard, grams. */
const EXAMPLE_G = 150;
/** Discard of nobody's: at usual hydration, tangy. */
const UNKNOWN = { hydrationPct: 100, acid: 11 };

/** A formula for the discard there is, or for a number that is wanted: amounts, method, and off the ledger. */
export function MakeItPanel({
  formula,
  lots,
  occasion,
}: {
  readonly formula: Formula;
  readonly lots: readonly Lot[];
  /** It begins with what suits the time and the people there are. */
  readonly occasion: Occasion;
}) {
  const look = useLook();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const here = lotsTogether(lots);
  const all = here.grams >= 1 ? here.grams : EXAMPLE_G;
  const discard = here.grams >= 1 ? here : UNKNOWN;
  const begun = batchFor(formula, { ...discard, grams: all }, occasion);
  // Null for all there is.
  const [wanted, setWanted] = useState<number | null>(begun.discardG < all ? begun.pieces : null);
  const discardG = wanted === null ? all : discardFor(formula, wanted, discard);
  const made = mixtureFor(formula, { ...discard, grams: discardG });
  const { name, piece, method, instead } = FORMULA_WORDS[formula.id];
  if ('tooWet' in made || Number.isNaN(discardG))
    return (
      <Panel label={name}>
        <Words size="title" level={2}>
          {name}
        </Words>
        <Words tone="crust">
          This discard is too wet for the mix. Pour off what stands on top, or stir in some flour
          first.
        </Words>
      </Panel>
    );
  const lacking = discardG > here.grams + 0.5;
  const figure = (grams: number) =>
    grams < 10 ? String(Math.round(grams * 10) / 10) : String(Math.round(grams));
  const rows: readonly (readonly [string, number, string])[] = [
    ['discard', made.discardG, ''],
    ['flour', made.flourG, ''],
    ['water', made.waterG, ''],
    ...made.extras.map(
      ([extra, grams]) => [EXTRA_WORDS[extra], grams, spoons(extra, grams)] as const,
    ),
  ];
  return (
    <Panel label={name}>
      <Words size="heading" level={2}>
        {name}
      </Words>
      <NumberField
        label={`How many ${piece[1]}`}
        value={wanted ?? made.pieces}
        low={1}
        high={500}
        onValue={(pieces) => setWanted(Math.round(pieces))}
      />
      {wanted !== null && (
        <Button kind="bare" onPress={() => setWanted(null)}>
          For all the discard there is
        </Button>
      )}
      <View>
        {rows
          .filter(([, grams]) => grams >= 0.05)
          .map(([of, grams, bySpoon]) => (
            <View key={of} style={[styles.apart, { borderTopColor: look.seam }]}>
              <Words>{of}</Words>
              <Words
                strong
              >{`${grams < 10 ? `${figure(grams)} g` : words.grams(grams)}${bySpoon}`}</Words>
            </View>
          ))}
      </View>
      <Words>{`About ${minutesFor(formula, made.pieces)} minutes for ${made.pieces} ${made.pieces === 1 ? piece[0] : piece[1]}.`}</Words>
      {method.map((step, i) => (
        <View key={step} style={styles.row}>
          <Words size="title" tone="rim" style={styles.column}>
            {i + 1}
          </Words>
          <Words style={styles.fill}>{words.inUnits(step)}</Words>
        </View>
      ))}
      <Words size="small" tone="quiet">
        {words.inUnits(`Instead: ${instead}`)}
      </Words>
      <Words size="small" tone="quiet">
        {`Holds ${formula.allergens.map((one) => ALLERGEN_WORDS[one]).join(', ')}. Do not taste the raw mix, and bake it through. If somebody at the table has a weak immune system, ask a clinician; to sell it, follow your local food code.`}
      </Words>
      {lacking ? (
        <Words tone="crust" live>
          {`That takes ${words.grams(discardG)} of discard; ${here.grams < 1 ? 'there is none' : `${words.grams(here.grams)} are here`}. Make fewer, or make up the rest with flour and water.`}
        </Words>
      ) : (
        <Button
          kind="main"
          onPress={() =>
            dispatch(
              done(
                (now) =>
                  spendLots(lots, { grams: discardG, to: 'bake', note: name.toLowerCase() }, now),
                `${words.grams(discardG)} of discard became ${name.toLowerCase()}`,
              ),
            )
          }
        >
          {`Made: take ${words.grams(discardG)} off`}
        </Button>
      )}
    </Panel>
  );
}

/** By the spoon, to the quarter, where a scale is too coarse: " (¾ tsp)". */
function spoons(extra: Extra, grams: number): string {
  const teaspoon = TEASPOON_G[extra];
  if (teaspoon === undefined) return '';
  const quarters = Math.round((4 * grams) / teaspoon);
  if (quarters === 0) return ' (a pinch)';
  const whole = Math.floor(quarters / 4);
  return ` (${whole > 0 ? whole : ''}${QUARTERS[quarters % 4]} tsp)`;
}

const QUARTERS = ['', '¼', '½', '¾'] as const;

const styles = StyleSheet.create({
  apart: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    borderTopWidth: 1,
    paddingVertical: 5,
  },
  row: { flexDirection: 'row', gap: 10 },
  column: { minWidth: 18 },
  fill: { flex: 1 },
});

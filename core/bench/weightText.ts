import { type Ingredient, ouncesToGrams } from '../measure';
import { countFrom, gramsFromMeasure } from './cups';

const IN_GRAMS: Readonly<Record<string, number>> = {
  '': 1,
  g: 1,
  gr: 1,
  gram: 1,
  grams: 1,
  kg: 1000,
  oz: ouncesToGrams(1),
  ounce: ouncesToGrams(1),
  ounces: ouncesToGrams(1),
  lb: ouncesToGrams(16),
  lbs: ouncesToGrams(16),
};

const WEIGHT = /^\s*([-+\u2212]?)\s*([\d.,¼⅓½⅔¾][\d\s.,/¼⅓½⅔¾]*?)\s*([a-z]*)\.?\s*$/i;
/** "1 000": a space that only parts the thousands. */
const THOUSANDS = /^\d{1,3}([\s\u00a0]\d{3})+$/;
/** "1,500" of grams is a kilo and a half: nobody weighs to the milligram. */
const THOUSANDS_OF_GRAMS = /^[1-9]\d{0,2}([,\s\u00a0]\d{3})+$/;

/**
 * A weight as bakers write it: grams, or with a unit, or by cups and spoons of an ingredient.
 *
 * @returns grams; NaN where it is no weight
 * @example gramsFromText('8 oz', 'white') // = 227
 * @example gramsFromText('½ cup and 1 tbsp', 'water') // = 133
 * @example gramsFromText('half a cup', 'water') // = 119
 */
export function gramsFromText(text: string, ingredient: Ingredient): number {
  const weight = WEIGHT.exec(text);
  const unit = weight && IN_GRAMS[weight[3]!.toLowerCase()];
  if (unit) {
    const count = weight[2]!.trim();
    // Less than nothing is read as such, for whoever asked to say so.
    const sign = weight[1] === '' || weight[1] === '+' ? 1 : -1;
    const parted = (unit === 1 ? THOUSANDS_OF_GRAMS : THOUSANDS).test(count);
    const grams = unit * countFrom(parted ? count.replace(/[\s,]/g, '') : count);
    return sign * (unit === 1 || unit === IN_GRAMS.kg ? grams : asKnown(grams));
  }
  return asKnown(gramsFromMeasure(text, ingredient) ?? NaN);
}

/** By cups, spoons and ounces nobody knows a weight better than this: whole grams, and halves of the little ones. */
const asKnown = (grams: number): number =>
  grams >= 10 || grams === 0 ? Math.round(grams) : Math.max(0.5, Math.round(2 * grams) / 2);

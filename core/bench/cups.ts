import { type Ingredient, type Measure, gramsToVolume, volumeToGrams } from '../measure';

/**
 * How far a levelled measure may be off, as a share: flour settles or is spooned loose, a starter holds its gas.
 *
 * @example measureError('water') // = 0.03
 */
export function measureError(ingredient: Ingredient): number {
  if (ingredient === 'water') return 0.03;
  return ingredient === 'starter' ? 0.1 : 0.12;
}

/** Fractions of a cup and of a spoon that drawers hold. */
const CUPS = [1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4, 1] as const;
const FRACTIONS = new Map<number, string>([
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
]);
/** Below so much of a cup, spoons serve better. */
const SPOONS_BELOW = 0.249;
const SPOONS_IN_A_CUP = 16;

/**
 * A mass by cups and spoons, to the nearest measure that a drawer holds: "1 ¾ cups", "3 tbsp", "½ tsp".
 *
 * @param grams not negative
 * @example cupsText(118, 'water') // = '½ cup'
 */
export function cupsText(grams: number, ingredient: Ingredient): string {
  const cups = gramsToVolume(grams, 'cup', ingredient);
  if (cups >= SPOONS_BELOW) {
    const close = nearest(cups, CUPS);
    // The nearest cup, where it is as good as meant; up to two cups a spoon more or less still counts.
    const counts = cups < 2 && Math.abs(cups - close) * SPOONS_IN_A_CUP > 0.5;
    const whole = counts ? below(cups, CUPS) : close;
    const more = counts ? Math.round((cups - whole) * SPOONS_IN_A_CUP) : 0;
    const text = `${mixedNumber(whole)} ${whole > 1 ? 'cups' : 'cup'}`;
    return more > 0 ? `${text} and ${more} tbsp` : text;
  }
  const spoons = gramsToVolume(grams, 'tablespoon', ingredient);
  if (spoons >= 0.75) return `${mixedNumber(nearest(spoons, [1 / 2, 1]))} tbsp`;
  return `${mixedNumber(nearest(gramsToVolume(grams, 'teaspoon', ingredient), [1 / 4, 1 / 2, 3 / 4, 1]))} tsp`;
}

/** The most of some fractions, above whole ones, that is not more than a number. */
function below(count: number, fractions: readonly number[]): number {
  const whole = Math.floor(count);
  return whole + (fractions.findLast((fraction) => fraction <= count - whole + 1e-3) ?? 0);
}

/** A number to the nearest of some fractions, above whole ones. */
function nearest(count: number, fractions: readonly number[]): number {
  const whole = Math.floor(count);
  const rest = count - whole;
  const best = [0, ...fractions].reduce((a, b) =>
    Math.abs(b - rest) < Math.abs(a - rest) ? b : a,
  );
  return Math.max(fractions[0]!, whole + best);
}

function mixedNumber(count: number): string {
  const whole = Math.floor(count + 1e-9);
  const fraction = [...FRACTIONS].find(([of]) => Math.abs(count - whole - of) < 1e-6)?.[1];
  return [whole > 0 ? String(whole) : '', fraction ?? ''].filter(Boolean).join('\u00a0') || '0';
}

const UNITS: Readonly<Record<string, Measure>> = {
  cup: 'cup',
  cups: 'cup',
  c: 'cup',
  tbs: 'tablespoon',
  tbsp: 'tablespoon',
  tbsps: 'tablespoon',
  tablespoon: 'tablespoon',
  tablespoons: 'tablespoon',
  tsp: 'teaspoon',
  tsps: 'teaspoon',
  teaspoon: 'teaspoon',
  teaspoons: 'teaspoon',
  ml: 'millilitre',
};

/** Counts in words, as they are said: "half a cup", "one and a half cups", "a tablespoon". */
const SAID: readonly (readonly [RegExp, string])[] = [
  [/\bthree[\s-]quarters?(?: of)?(?: an?)?\b/gi, '¾'],
  [/\btwo[\s-]thirds?(?: of)?(?: an?)?\b/gi, '⅔'],
  [/\b(?:an? |one )?half(?: of)?(?: an?)?\b/gi, '½'],
  [/\b(?:an? |one )?quarter(?: of)?(?: an?)?\b/gi, '¼'],
  [/\b(?:an? |one )?third(?: of)?(?: an?)?\b/gi, '⅓'],
  [/\b(?:an?|one)\b/gi, '1'],
  [/\btwo\b/gi, '2'],
  [/\bthree\b/gi, '3'],
  // One and a half is one count.
  [/(\d)\s+and\s+([¼⅓½⅔¾]|\d+\/\d+)/gi, '$1 $2'],
];
const inFigures = (text: string) =>
  SAID.reduce((said, [words, figure]) => said.replace(words, figure), text);

/**
 * Reads "1 1/2 cups", "⅓ cup and 1 tbsp", "¾ cup" or "120 ml" as grams of an ingredient.
 *
 * @returns null when it is no measure
 * @example gramsFromMeasure('a pinch', 'white') // = null
 * @example Math.round(gramsFromMeasure('120 ml', 'water')) // = 120
 */
export function gramsFromMeasure(text: string, ingredient: Ingredient): number | null {
  const parts = inFigures(text).split(/\s+and\s+|\s*\+\s*/i);
  if (parts.length > 1) {
    const grams = parts.map((part) => gramsFromMeasure(part, ingredient));
    return grams.includes(null) ? null : grams.reduce<number>((sum, g) => sum + g!, 0);
  }
  const given = /^\s*([\d\s.,/¼⅓½⅔¾]+?)\s*([a-z]+)\.?\s*$/i.exec(parts[0]!);
  const measure = given && UNITS[given[2]!.toLowerCase()];
  const count = given ? countFrom(given[1]!) : NaN;
  return measure && count > 0 ? volumeToGrams(count, measure, ingredient) : null;
}

/** "1 1/2", "1½", "0.5" as a number; NaN for anything else. */
export function countFrom(text: string): number {
  let rest = text;
  let sum = 0;
  for (const [value, sign] of FRACTIONS)
    if (rest.includes(sign)) {
      sum += value;
      rest = rest.replace(sign, ' ');
    }
  for (const part of rest.trim().split(/\s+/).filter(Boolean)) {
    const fraction = /^(\d+)\/(\d+)$/.exec(part);
    sum += fraction ? Number(fraction[1]) / Number(fraction[2]) : Number(part.replace(',', '.'));
  }
  return sum;
}

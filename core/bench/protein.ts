/** A label rounds to so much, grams: to whole ones, or to tenths where it gives them. */
const roundedTo = (grams: number) => (Number.isInteger(grams) ? 1 : 0.1);

/** From here on white flour is strong, percent of protein. */
const STRONG_FROM = 12.5;

/** What a flour that is much like white flour is, by the protein on its label, percent: plain or strong. */
export const whiteOf = (proteinPct: number): 'white' | 'strongWhite' =>
  proteinPct >= STRONG_FROM ? 'strongWhite' : 'white';

/**
 * Protein of a flour in percent, at least and at most, from a label that gives it in grams for a serving of so many grams. Both
 * are rounded: 4 g in 30 g may be anything from 11.7 to 15 %.
 *
 * @example proteinPct(4, 30).map(Math.round) // = [12, 15]
 */
export function proteinPct(proteinG: number, servingG: number): readonly [number, number] {
  const half = roundedTo(proteinG) / 2;
  return [(100 * Math.max(0, proteinG - half)) / servingG, (100 * (proteinG + half)) / servingG];
}

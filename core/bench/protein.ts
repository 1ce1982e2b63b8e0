/** Protein of a flour in percent, from a label that gives it in grams for a serving of so many grams. */
export const proteinPct = (proteinG: number, servingG: number): number =>
  (100 * proteinG) / servingG;

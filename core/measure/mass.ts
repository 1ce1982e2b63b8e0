/** Grams in one avoirdupois ounce (exact by definition). */
const GRAMS_PER_OUNCE = 28.349523125;

/** Mass in grams as ounces. */
export const gramsToOunces = (grams: number): number => grams / GRAMS_PER_OUNCE;

/** Mass in ounces as grams. */
export const ouncesToGrams = (ounces: number): number => ounces * GRAMS_PER_OUNCE;

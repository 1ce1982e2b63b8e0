/** Grams in one avoirdupois ounce (exact by definition). */
const GRAMS_PER_OUNCE = 28.349523125;

/** Mass in grams as ounces. */
export const gramsToOunces = (grams: number): number => grams / GRAMS_PER_OUNCE;

/**
 * A mass in ounces, as a kitchen scale shows it.
 *
 * @example ouncesText(200) // = '7.1 oz'
 * @example ouncesText(524) // = '1 lb 2.5 oz'
 */
export function ouncesText(grams: number): string {
  const tenths = Math.round(gramsToOunces(grams) * 10);
  const ounces = (of: number) => `${(of / 10).toFixed(1)} oz`;
  return tenths < 160 ? ounces(tenths) : `${Math.floor(tenths / 160)} lb ${ounces(tenths % 160)}`;
}

/**
 * Mass in ounces as grams.
 *
 * @example ouncesToGrams(8) // = 226.8
 */
export const ouncesToGrams = (ounces: number): number => ounces * GRAMS_PER_OUNCE;

/** A feeding ratio, starter : flour : water by weight, with the starter as 1. */
export interface Ratio {
  readonly flour: number;
  readonly water: number;
}

/** Parts of flour a keeper would consider, from a thick top-up to a week's rest. */
export const USUAL_PARTS = [0.5, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10] as const;

/**
 * "1 : 4.4 : 4.4", to one decimal, without a needless zero.
 *
 * @example ratioText({ flour: 4.4, water: 3 }) // = '1 : 4.4 : 3'
 */
export function ratioText(ratio: Ratio): string {
  const short = (parts: number) => (Math.round(parts * 10) / 10).toString();
  return `1 : ${short(ratio.flour)} : ${short(ratio.water)}`;
}

/**
 * The ratio of masses as they are, in grams. A keep of nothing has no ratio.
 *
 * @example ratioOf(20, 80, 60) // = { flour: 4, water: 3 }
 */
export const ratioOf = (keepG: number, flourG: number, waterG: number): Ratio | null =>
  keepG > 0 ? { flour: flourG / keepG, water: waterG / keepG } : null;

/**
 * Flour and water in a mass of starter, in grams. Hydration is water over flour, in percent.
 *
 * @example flourAndWater(150, 50) // = { flourG: 100, waterG: 50 }
 */
export function flourAndWater(
  massG: number,
  hydrationPct: number,
): { readonly flourG: number; readonly waterG: number } {
  const flourG = massG / (1 + hydrationPct / 100);
  return { flourG, waterG: massG - flourG };
}

/**
 * Hydration in percent of so much flour and water. Without flour it is infinite.
 *
 * @example hydrationOf(80, 52) // = 65
 */
export const hydrationOf = (flourG: number, waterG: number): number => (100 * waterG) / flourG;

/**
 * Density of a fresh, stirred mix in g/ml: 1.05 at 100 % and denser when stiffer.
 * Volumes of flour (0.70 ml/g once wetted) and water add up; the rest is air that stirring folds in.
 *
 * @example freshDensity(100) // = 1.05
 */
export function freshDensity(hydrationPct: number): number {
  const h = hydrationPct / 100;
  const AIR = 0.107;
  return ((1 + h) / (0.7 + h)) * (1 - AIR);
}

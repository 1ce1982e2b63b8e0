/** A dough by baker's percentages of all its flour, the levain's included. */
export interface DoughFormula {
  readonly loaves: number;
  /** All flour of one loaf, grams. */
  readonly flourEachG: number;
  readonly hydrationPct: number;
  readonly saltPct: number;
  /** Share of the flour that the levain brings. */
  readonly inoculationPct: number;
  readonly levainHydrationPct: number;
  /** Share of whole grain in all the flour. */
  readonly wholePct: number;
  /** Share of whole grain in the levain's flour. */
  readonly levainWholePct: number;
}

/** What goes into the bowl, whole grams; the flour is split into white and whole. */
export interface DoughCard {
  readonly levainG: number;
  readonly whiteG: number;
  readonly wholeG: number;
  readonly waterG: number;
  readonly saltG: number;
  readonly doughG: number;
}

/** Why there is no such dough. */
export type DoughProblem =
  /** The levain brings more water than the dough has. */
  | 'levainTooWet'
  /** The levain brings more whole grain than the dough has. */
  | 'levainTooWhole'
  /** The levain brings more white flour than the dough has. */
  | 'levainTooWhite';

export const USUAL_DOUGH: DoughFormula = {
  loaves: 2,
  flourEachG: 500,
  hydrationPct: 72,
  saltPct: 2,
  inoculationPct: 15,
  levainHydrationPct: 100,
  wholePct: 20,
  levainWholePct: 0,
};

/**
 * The dough of a formula, or why there is none. Rounding moves no mass by more than half a gram.
 *
 * @example doughCard({ ...USUAL_DOUGH, hydrationPct: 10, inoculationPct: 30 }) // = 'levainTooWet'
 */
export function doughCard(formula: DoughFormula): DoughCard | DoughProblem {
  const { loaves, flourEachG, hydrationPct, saltPct, inoculationPct, wholePct } = formula;
  const flourG = loaves * flourEachG;
  const levainFlourG = (flourG * inoculationPct) / 100;
  const levainWaterG = (levainFlourG * formula.levainHydrationPct) / 100;
  const waterG = (flourG * hydrationPct) / 100 - levainWaterG;
  if (waterG < 0) return 'levainTooWet';
  const wholeG = (flourG * wholePct) / 100 - (levainFlourG * formula.levainWholePct) / 100;
  const whiteG = flourG - levainFlourG - wholeG;
  // The levain may bring all there is of either, and rounding may make that a little more.
  if (wholeG < -0.5) return 'levainTooWhole';
  if (whiteG < -0.5) return 'levainTooWhite';
  const card = {
    levainG: Math.round(levainFlourG + levainWaterG),
    whiteG: Math.max(0, Math.round(whiteG)),
    wholeG: Math.max(0, Math.round(wholeG)),
    waterG: Math.round(waterG),
    saltG: Math.round((flourG * saltPct) / 10) / 10,
  };
  const doughG = Object.values(card).reduce((sum, grams) => sum + grams, 0);
  return { ...card, doughG: Math.round(doughG) };
}

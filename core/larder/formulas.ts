import { flourAndWater } from '../measure';

/** What discard can become. */
export const FORMULAS_OF = [
  'crackers',
  'pancakes',
  'flatbread',
  'waffles',
  'crumpets',
  'muffins',
  'batter',
  'quickLoaf',
] as const;
export type FormulaId = (typeof FORMULAS_OF)[number];

/** What goes in beside flour, water and discard. */
export const EXTRAS = [
  'milk',
  'oil',
  'butter',
  'egg',
  'sugar',
  'salt',
  'bakingPowder',
  'soda',
  'seeds',
] as const;
export type Extra = (typeof EXTRAS)[number];

/** Who must not eat it: what a formula holds that a flour label does not say. Gluten comes with the flour. */
export type Allergen = 'gluten' | 'milk' | 'egg' | 'sesame';

/** A formula at baker's percentages: of all its flour, the discard's counted. */
export interface Formula {
  readonly id: FormulaId;
  /** Share of the flour that comes with the discard, percent. */
  readonly fromDiscardPct: number;
  /** All its water, the discard's counted, percent of the flour. */
  readonly waterPct: number;
  readonly extras: Readonly<Partial<Record<Extra, number>>>;
  readonly allergens: readonly Allergen[];
  /** From bowl to table, minutes. */
  readonly minutes: number;
  /** The sourest discard that suits it, ml 0.1 N per 10 g. */
  readonly acidUpTo: number;
  /** Grams of finished mix to one piece. */
  readonly pieceG: number;
}

/** Our own, tried at these percentages. Soda takes the edge off what is sharp; what has none wants milder discard. */
export const FORMULAS: readonly Formula[] = [
  {
    id: 'crackers',
    fromDiscardPct: 50,
    waterPct: 55,
    extras: { oil: 18, salt: 2.5, seeds: 10 },
    allergens: ['gluten', 'sesame'],
    minutes: 60,
    acidUpTo: 20,
    pieceG: 6,
  },
  {
    id: 'pancakes',
    fromDiscardPct: 50,
    waterPct: 50,
    extras: { milk: 65, egg: 50, butter: 15, sugar: 10, salt: 1.2, bakingPowder: 3, soda: 1 },
    allergens: ['gluten', 'milk', 'egg'],
    minutes: 30,
    acidUpTo: 15,
    pieceG: 60,
  },
  {
    id: 'flatbread',
    fromDiscardPct: 35,
    waterPct: 62,
    extras: { oil: 6, salt: 2, bakingPowder: 1.5 },
    allergens: ['gluten'],
    minutes: 45,
    acidUpTo: 15,
    pieceG: 90,
  },
  {
    id: 'waffles',
    fromDiscardPct: 50,
    waterPct: 50,
    extras: { milk: 70, egg: 55, butter: 30, sugar: 12, salt: 1.2, bakingPowder: 2.5, soda: 1 },
    allergens: ['gluten', 'milk', 'egg'],
    minutes: 35,
    acidUpTo: 15,
    pieceG: 110,
  },
  {
    id: 'crumpets',
    fromDiscardPct: 100,
    waterPct: 105,
    extras: { sugar: 3, salt: 1.8, soda: 1.5 },
    allergens: ['gluten'],
    minutes: 25,
    acidUpTo: 18,
    pieceG: 75,
  },
  {
    id: 'muffins',
    fromDiscardPct: 30,
    waterPct: 30,
    extras: { milk: 35, egg: 40, butter: 40, sugar: 50, salt: 1, bakingPowder: 3, soda: 0.8 },
    allergens: ['gluten', 'milk', 'egg'],
    minutes: 40,
    acidUpTo: 14,
    pieceG: 85,
  },
  {
    id: 'batter',
    fromDiscardPct: 70,
    waterPct: 130,
    extras: { salt: 1.5, bakingPowder: 2 },
    allergens: ['gluten'],
    minutes: 20,
    acidUpTo: 18,
    pieceG: 25,
  },
  {
    id: 'quickLoaf',
    fromDiscardPct: 40,
    waterPct: 50,
    extras: { milk: 30, oil: 8, sugar: 4, salt: 1.8, bakingPowder: 3.5, soda: 1 },
    allergens: ['gluten', 'milk'],
    minutes: 75,
    acidUpTo: 16,
    pieceG: 60,
  },
];

/** What goes into the bowl, grams. */
export interface Mixture {
  readonly discardG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly extras: readonly (readonly [Extra, number])[];
  readonly totalG: number;
  readonly pieces: number;
}

/** A discard that brings more water than a formula has: it would stay a soup. */
export interface TooWet {
  readonly tooWet: true;
  readonly waterOverG: number;
}

/** A formula that uses exactly so much discard. Masses scale with it in a straight line. */
export function mixtureFor(
  formula: Formula,
  discardG: number,
  discardHydrationPct: number,
): Mixture | TooWet {
  const inDiscard = flourAndWater(discardG, discardHydrationPct);
  const allFlour = (100 * inDiscard.flourG) / formula.fromDiscardPct;
  const waterG = (allFlour * formula.waterPct) / 100 - inDiscard.waterG;
  if (waterG < -0.02 * allFlour) return { tooWet: true, waterOverG: -waterG };
  const extras = EXTRAS.flatMap((extra) => {
    const pct = formula.extras[extra];
    return pct === undefined ? [] : [[extra, (allFlour * pct) / 100] as const];
  });
  const flourG = allFlour - inDiscard.flourG;
  const totalG =
    discardG + flourG + Math.max(0, waterG) + extras.reduce((sum, [, grams]) => sum + grams, 0);
  return {
    discardG,
    flourG,
    waterG: Math.max(0, waterG),
    extras,
    totalG,
    pieces: Math.max(1, Math.round(totalG / formula.pieceG)),
  };
}

/** Discard that so many pieces of a formula use, grams. */
export function discardFor(formula: Formula, pieces: number, discardHydrationPct: number): number {
  const one = mixtureFor(formula, 100, discardHydrationPct);
  return 'tooWet' in one ? NaN : (100 * pieces * formula.pieceG) / one.totalG;
}

/** Why a formula does not suit what there is. */
export type Unfit = 'tooSour' | 'tooLittle' | 'tooLong' | 'tooWet';

/** Less than four pieces of something are not worth the bowl. */
const LEAST_PIECES = 4;

/** What stands against a formula with the discard there is and the time there is; null when nothing does. */
export function unfit(
  formula: Formula,
  discard: { readonly grams: number; readonly hydrationPct: number; readonly acid: number },
  minutes: number,
): Unfit | null {
  const mixture = mixtureFor(formula, discard.grams, discard.hydrationPct);
  if ('tooWet' in mixture) return 'tooWet';
  if (mixture.totalG < LEAST_PIECES * formula.pieceG) return 'tooLittle';
  if (discard.acid > formula.acidUpTo) return 'tooSour';
  return formula.minutes > minutes ? 'tooLong' : null;
}

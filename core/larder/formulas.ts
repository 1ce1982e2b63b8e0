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
  /** From bowl to table for what fits one pan, iron, tray or tin, minutes. */
  readonly minutes: number;
  /** Pieces that one of these holds, and the minutes that each further one takes. */
  readonly batch: { readonly pieces: number; readonly minutes: number };
  /** What one person eats of it, pieces. */
  readonly serving: number;
  /** The sourest discard that suits it, ml 0.1 N per 10 g. */
  readonly acidUpTo: number;
  /** Grams of finished mix to one piece. */
  readonly pieceG: number;
}

/** Our own, worked out from usual percentages of such mixes. Soda takes the edge off what is sharp; what has none wants milder discard. */
export const FORMULAS: readonly Formula[] = [
  {
    id: 'crackers',
    fromDiscardPct: 50,
    waterPct: 55,
    extras: { oil: 18, salt: 2.5, seeds: 10 },
    allergens: ['gluten', 'sesame'],
    minutes: 60,
    batch: { pieces: 70, minutes: 18 },
    serving: 15,
    acidUpTo: 20,
    pieceG: 6,
  },
  {
    id: 'pancakes',
    fromDiscardPct: 50,
    waterPct: 50,
    extras: { milk: 65, egg: 50, butter: 15, sugar: 10, salt: 1.2, bakingPowder: 3, soda: 1 },
    allergens: ['gluten', 'milk', 'egg'],
    minutes: 20,
    batch: { pieces: 3, minutes: 4 },
    serving: 3,
    acidUpTo: 15,
    pieceG: 60,
  },
  {
    id: 'flatbread',
    fromDiscardPct: 35,
    waterPct: 62,
    extras: { oil: 6, salt: 2, bakingPowder: 1.5 },
    allergens: ['gluten'],
    minutes: 40,
    batch: { pieces: 1, minutes: 3 },
    serving: 2,
    acidUpTo: 15,
    pieceG: 90,
  },
  {
    id: 'waffles',
    fromDiscardPct: 50,
    waterPct: 50,
    extras: { milk: 70, egg: 55, butter: 30, sugar: 12, salt: 1.2, bakingPowder: 2.5, soda: 1 },
    allergens: ['gluten', 'milk', 'egg'],
    minutes: 25,
    batch: { pieces: 2, minutes: 5 },
    serving: 2,
    acidUpTo: 15,
    pieceG: 110,
  },
  {
    id: 'crumpets',
    fromDiscardPct: 100,
    waterPct: 105,
    extras: { sugar: 3, salt: 1.8, soda: 1.5 },
    allergens: ['gluten'],
    minutes: 20,
    batch: { pieces: 4, minutes: 9 },
    serving: 2,
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
    batch: { pieces: 12, minutes: 22 },
    serving: 2,
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
    batch: { pieces: 6, minutes: 4 },
    serving: 6,
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
    batch: { pieces: 32, minutes: 50 },
    serving: 3,
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

/** Discard as it goes into a bowl. */
export interface Pouring {
  readonly grams: number;
  readonly hydrationPct: number;
  /** Acidity, ml 0.1 N per 10 g. */
  readonly acid: number;
}

/**
 * A formula that uses exactly so much discard; masses scale with it in a straight line. Water that thin discard brings beyond
 * the formula's comes off the milk; the soda is as much as there is acid for.
 */
export function mixtureFor(
  formula: Formula,
  { grams, hydrationPct, acid }: Pouring,
): Mixture | TooWet {
  const inDiscard = flourAndWater(grams, hydrationPct);
  const allFlour = (100 * inDiscard.flourG) / formula.fromDiscardPct;
  const ofFlour = (pct: number) => (allFlour * pct) / 100;
  const water = ofFlour(formula.waterPct) - inDiscard.waterG;
  const milk = ofFlour(formula.extras.milk ?? 0);
  const offMilk = Math.min(milk, Math.max(0, -water));
  const over = -water - offMilk;
  if (over > 0.02 * allFlour) return { tooWet: true, waterOverG: over };
  const extras = EXTRAS.flatMap((extra): readonly (readonly [Extra, number])[] => {
    const pct = formula.extras[extra];
    if (pct === undefined) return [];
    if (extra === 'milk') return [[extra, milk - offMilk]];
    if (extra === 'soda') return [[extra, sodaFor(grams, acid, ofFlour(pct))]];
    return [[extra, ofFlour(pct)]];
  });
  const flourG = allFlour - inDiscard.flourG;
  const waterG = Math.max(0, water);
  const totalG = grams + flourG + waterG + extras.reduce((sum, [, of]) => sum + of, 0);
  return {
    discardG: grams,
    flourG,
    waterG,
    extras,
    totalG,
    pieces: Math.max(1, Math.round(totalG / formula.pieceG)),
  };
}

/** Baking soda to a millilitre of 0.1 N acid, grams: 84 g to the mole. */
const SODA_PER_ML = 0.0084;
/** A mix stays a little sour, and never tastes of soda. */
const SODA_SHARE = 0.85;
const MOST_SODA = 1.5;

/** As much soda as the discard's acid takes up, a little less; never much more than the formula says. */
const sodaFor = (grams: number, acid: number, usual: number): number =>
  Math.min(MOST_SODA * usual, (SODA_SHARE * SODA_PER_ML * acid * grams) / 10);

/** A levelled US teaspoon, grams. */
export const TEASPOON_G: Readonly<Partial<Record<Extra, number>>> = {
  soda: 6,
  bakingPowder: 4.8,
  salt: 6,
};

/**
 * From bowl to table, minutes: every further pan, iron, tray or tin takes its time.
 *
 * @example minutesFor({ minutes: 25, batch: { pieces: 4, minutes: 6 } }, 9) // = 37
 */
export const minutesFor = ({ minutes, batch }: Formula, pieces: number): number =>
  minutes + batch.minutes * Math.max(0, Math.ceil(pieces / batch.pieces) - 1);

/** What is to be made: in so many minutes, for so many people; Infinity for as many as there is discard for. */
export interface Occasion {
  readonly minutes: number;
  readonly people: number;
}

/** Discard that so many pieces of a formula use, grams. */
export function discardFor(
  formula: Formula,
  pieces: number,
  discard: Omit<Pouring, 'grams'>,
): number {
  const one = mixtureFor(formula, { ...discard, grams: 100 });
  return 'tooWet' in one ? NaN : (100 * pieces * formula.pieceG) / one.totalG;
}

/** So much of a formula. */
export interface Batch {
  readonly pieces: number;
  readonly discardG: number;
}

/** How much of a formula to make: for the people there are, and no more than the time and the discard allow; at least one piece. */
export function batchFor(formula: Formula, discard: Pouring, { minutes, people }: Occasion): Batch {
  const mixture = mixtureFor(formula, discard);
  if ('tooWet' in mixture) return { pieces: 1, discardG: NaN };
  const batches = 1 + Math.floor((minutes - formula.minutes) / formula.batch.minutes);
  const wanted = Math.max(1, Math.min(batches * formula.batch.pieces, people * formula.serving));
  // The last piece may be a little short: nothing stays behind for it.
  if (wanted >= mixture.pieces) return { pieces: mixture.pieces, discardG: discard.grams };
  return { pieces: wanted, discardG: discardFor(formula, wanted, discard) };
}

/** Why a formula does not suit what there is. */
export type Unfit = 'tooSour' | 'tooLittle' | 'tooLong' | 'tooWet';

/** Less than four pieces of something are not worth the bowl. */
const LEAST_PIECES = 4;

/** What stands against a formula with the discard there is and the time there is; null when nothing does. */
export function unfit(formula: Formula, discard: Pouring, minutes: number): Unfit | null {
  const mixture = mixtureFor(formula, discard);
  if ('tooWet' in mixture) return 'tooWet';
  if (mixture.totalG < LEAST_PIECES * formula.pieceG) return 'tooLittle';
  if (discard.acid > formula.acidUpTo) return 'tooSour';
  // Nobody has to use all of it at once.
  return minutesFor(formula, Math.min(mixture.pieces, formula.batch.pieces)) > minutes
    ? 'tooLong'
    : null;
}

import { type Mix, type Pace, feed, simulate, starterIn, usualVessel } from '../ferment';
import { flourAndWater } from '../measure';
import { type DoughFormula } from './dough';

/** Bulk is over when the dough has risen by so much: a little before it would double. */
const RISEN = 0.6;
/** Each percent of salt slows the yeast by so much. */
const SALT_SLOWS = 0.06;
/** Nobody waits longer, hours. */
const LONGEST = 36;

/**
 * A levain as it goes into its dough: ripe, of white flour.
 *
 * @example bulkHours(USUAL_DOUGH, ripeLevain(80), 24, USUAL_PACE)
 */
export const ripeLevain = (hydrationPct: number): Mix =>
  starterIn('ripe', { white: 1 }, hydrationPct, 100);

/**
 * How long a dough's bulk takes at one temperature: a guide, by the model of the starter, from a levain that is ripe.
 *
 * @param levain as it goes in
 * @returns hours, or null when it takes longer than a day and a half
 * @example bulkHours(USUAL_DOUGH, ripeLevain(100), 24, USUAL_PACE)
 */
export function bulkHours(
  formula: DoughFormula,
  levain: Mix,
  celsius: number,
  pace: Pace,
): number | null {
  const levainFlour = formula.inoculationPct;
  const keepG = levainFlour * (1 + formula.levainHydrationPct / 100);
  const brought = flourAndWater(keepG, formula.levainHydrationPct);
  const whole = formula.wholePct / 100;
  const dough = feed(
    { ...levain, hydrationPct: formula.levainHydrationPct, celsius },
    {
      keepG,
      flourG: 100 - brought.flourG,
      waterG: Math.max(0, formula.hydrationPct - brought.waterG),
      flour: { strongWhite: 1 - whole, wholeWheat: whole },
    },
  );
  const salted = { ...pace, pace: pace.pace * Math.max(0.3, 1 - SALT_SLOWS * formula.saltPct) };
  let risen: number | null = null;
  let before = { hours: 0, gas: 0 };
  simulate(
    dough,
    { air: () => celsius, vessel: usualVessel(dough.massG, dough.hydrationPct), pace: salted },
    LONGEST,
    (hours, { gas }) => {
      if (risen === null && gas >= RISEN)
        risen = before.hours + ((hours - before.hours) * (RISEN - before.gas)) / (gas - before.gas);
      before = { hours, gas };
    },
  );
  return risen;
}

/** Shares of flour that a levain may bring, percent. */
export const INOCULATIONS = { least: 2, most: 40 } as const;

/**
 * The inoculation with which bulk takes so many hours, to a percent.
 *
 * @returns null when none between the least and the most does
 * @example inoculationFor(8, USUAL_DOUGH, ripeLevain(100), 24, USUAL_PACE)
 */
export function inoculationFor(
  hours: number,
  formula: DoughFormula,
  levain: Mix,
  celsius: number,
  pace: Pace,
): number | null {
  const takes = (inoculationPct: number) =>
    bulkHours({ ...formula, inoculationPct }, levain, celsius, pace) ?? Infinity;
  let low: number = INOCULATIONS.least;
  let high: number = INOCULATIONS.most;
  if (takes(low) < hours || takes(high) > hours) return null;
  while (high - low > 0.5) {
    const middle = (low + high) / 2;
    if (takes(middle) > hours) low = middle;
    else high = middle;
  }
  return Math.round(high);
}

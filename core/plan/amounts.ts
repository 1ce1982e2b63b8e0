import { type PlannedJar } from './problem';

/** What clings to bowl and spoon, grams. */
export const STICKS_G = 7;

/** A feed in whole grams, and what has to go before it. */
export interface StepAmounts {
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly discardG: number;
}

/** A feed of so many parts on the usual keep, or on what there is when that is less. */
export function keepingFeed(jar: PlannedJar, massG: number, parts: number): StepAmounts {
  const keepG = Math.max(1, Math.min(jar.keepG, Math.floor(massG)));
  return amountsOf(jar, massG, keepG, parts);
}

/** A feed that gives the levain, what sticks, and the keep that stays. Null when there is not enough starter to begin with. */
export function buildingFeed(
  jar: PlannedJar,
  massG: number,
  parts: number,
  levainG: number,
): StepAmounts | null {
  const needed = levainG + STICKS_G + jar.keepG;
  const keepG = Math.max(jar.keepG, Math.ceil(needed / (1 + parts * (1 + jar.hydration))));
  if (keepG > Math.floor(massG)) return null;
  const amounts = amountsOf(jar, massG, keepG, parts);
  // Rounding to whole grams may fall short by one or two.
  const short = needed - (amounts.keepG + amounts.flourG + amounts.waterG);
  return short > 0
    ? {
        ...amounts,
        flourG: amounts.flourG + Math.ceil(short / 2),
        waterG: amounts.waterG + Math.ceil(short / 2),
      }
    : amounts;
}

function amountsOf(jar: PlannedJar, massG: number, keepG: number, parts: number): StepAmounts {
  return {
    keepG,
    flourG: Math.round(keepG * parts),
    waterG: Math.round(keepG * parts * jar.hydration),
    discardG: Math.max(0, Math.round(massG) - keepG),
  };
}

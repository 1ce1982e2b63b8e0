import { STICKS_G } from '../bench';
import { flourAndWater } from '../measure';
import { type PlannedJar, type Wanted } from './problem';

/** A feed in whole grams, and what has to go before it. */
export interface StepAmounts {
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly discardG: number;
}

/** What must be in the jar when a bake takes its levain: the levain, what sticks, and the keep that stays. */
export const neededG = (jar: PlannedJar, bake: Wanted): number =>
  bake.levainG + STICKS_G + jar.keepG;

export const totalG = ({ keepG, flourG, waterG }: Omit<StepAmounts, 'discardG'>): number =>
  keepG + flourG + waterG;

/** Between bakes so much does what more would do, grams: the rest only feeds the discard. */
const LEAN_KEEP_G = 10;

/** A feed of so many parts on a lean keep, or on what there is when that is less. */
export function keepingFeed(jar: PlannedJar, massG: number, parts: number): StepAmounts {
  const keepG = Math.max(1, Math.min(jar.keepG, LEAN_KEEP_G, Math.floor(massG)));
  return {
    keepG,
    flourG: Math.round(keepG * parts),
    waterG: Math.round(keepG * parts * jar.hydration),
    discardG: Math.max(0, Math.round(massG) - keepG),
  };
}

/**
 * A feed that gives a bake's levain at the bake's hydration, and the keep that stays. Null when there is not enough
 * starter to begin with.
 *
 * @param hydrationPct of what is in the jar
 */
export function buildingFeed(
  jar: PlannedJar,
  massG: number,
  hydrationPct: number,
  parts: number,
  bake: Wanted,
): StepAmounts | null {
  const needed = neededG(jar, bake);
  // Solved for the keep as if the levain came out at its hydration exactly; whole grams are settled below.
  const { flourG: shareOfFlour } = flourAndWater(1, hydrationPct);
  const hydration = bake.hydration ?? jar.hydration;
  const perKeep = (shareOfFlour + parts) * (1 + hydration);
  const keepG = Math.max(jar.keepG, Math.ceil(needed / perKeep));
  if (keepG > Math.floor(massG)) return null;
  return grownTo(needed, keepG, hydrationPct, hydration, massG, Math.round(keepG * parts));
}

/** A levain from all that is in the jar and the flour and water it falls short. Null when nothing falls short. */
export function toppingUp(
  jar: PlannedJar,
  massG: number,
  hydrationPct: number,
  bake: Wanted,
): StepAmounts | null {
  const keepG = Math.floor(massG);
  const needed = neededG(jar, bake);
  if (keepG < LEAST_TOPPED_SHARE * needed || needed - keepG < LEAST_TOP_UP_G) return null;
  const hydration = bake.hydration ?? jar.hydration;
  const flourG = Math.ceil((needed - keepG) / (1 + hydration));
  const amounts = grownTo(needed, keepG, hydrationPct, hydration, massG, flourG);
  return { ...amounts, discardG: 0 };
}

/** Less than this in the jar is fed, not topped up; less than this is not worth the spoon. */
const LEAST_TOPPED_SHARE = 0.3;
const LEAST_TOP_UP_G = 10;

/** Water for the hydration wanted, and a little more of both where whole grams fall short of what is needed. */
function grownTo(
  needed: number,
  keepG: number,
  keepHydrationPct: number,
  hydration: number,
  massG: number,
  parts: number,
): StepAmounts {
  const kept = flourAndWater(keepG, keepHydrationPct);
  let flourG = parts;
  const water = () => Math.max(0, Math.round(hydration * (kept.flourG + flourG) - kept.waterG));
  while (keepG + flourG + water() < needed) flourG++;
  return { keepG, flourG, waterG: water(), discardG: Math.max(0, Math.round(massG) - keepG) };
}

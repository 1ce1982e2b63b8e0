import { STICKS_G, grownLevain } from '../bench';
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

/**
 * What a mixing comes to, grams.
 *
 * @example totalG({ keepG: 20, flourG: 80, waterG: 60 }) // = 160
 */
export const totalG = ({ keepG, flourG, waterG }: Omit<StepAmounts, 'discardG'>): number =>
  keepG + flourG + waterG;

/** Between bakes so much does what more would do, grams: the rest only feeds the discard. */
const LEAN_KEEP_G = 10;

/**
 * A feed of so many parts on a lean keep, or on what there is when that is less.
 *
 * @example keepingFeed({ keepG: 20, hydration: 0.8 }, 150, 5) // = { keepG: 10, flourG: 50, waterG: 40, discardG: 140 }
 */
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
  return grown(
    Math.max(needed, Math.round(keepG * perKeep)),
    keepG,
    hydrationPct,
    hydration,
    massG,
  );
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
  const amounts = grown(needed, keepG, hydrationPct, hydration, massG);
  return amounts && { ...amounts, discardG: 0 };
}

/** Less than this in the jar is fed, not topped up; less than this is not worth the spoon. */
const LEAST_TOPPED_SHARE = 0.3;
const LEAST_TOP_UP_G = 10;

/** A keep grown to a mass, and what goes before it. Null where it is too wet or too dry for that. */
function grown(
  massG: number,
  keepG: number,
  keepHydrationPct: number,
  hydration: number,
  thereG: number,
): StepAmounts | null {
  const levain = grownLevain(massG, keepG, keepHydrationPct, 100 * hydration);
  if (!levain) return null;
  const { flourG, waterG } = levain;
  return { keepG, flourG, waterG, discardG: Math.max(0, Math.round(thereG) - keepG) };
}

import { STICKS_G, grownLevain } from '../bench';
import { flourAndWater, hydrationOf } from '../measure';
import { type Limits, type PlannedJar, type Wanted } from './problem';

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
 * A feed that gives a bake's levain at the bake's hydration, and the keep that stays. Its seed is what the ratio asks for,
 * also where that is less than the keep: more would make a levain that nobody wants. Null when there is not enough starter to
 * begin with.
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
  // A ratio that was read off whole grams comes back to them.
  const keepG = Math.ceil(Math.max(LEAST_SEED_G, needed / perKeep) - 1e-6);
  if (keepG > Math.floor(massG)) return null;
  return grown(
    Math.max(needed, Math.round(keepG * perKeep)),
    keepG,
    hydrationPct,
    hydration,
    massG,
  );
}

/** A seed of less than this is a smear on the spoon, grams. */
const LEAST_SEED_G = 5;

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

/** What a levain has to come to, however it is weighed. */
export interface LevainAsked {
  /** At the least, grams. */
  readonly neededG: number;
  /** Of its seed, percent. */
  readonly seedHydrationPct: number;
  readonly hydration: number;
  /** Whether all that is in the jar is its seed. */
  readonly toppedUp: boolean;
}

/**
 * A levain in grams that are easily weighed: flour in fives, seed and water too where that changes little, and never less
 * than is needed. The amounts as they are where none are near.
 *
 * @param exact what is to be weighed, to the gram
 */
export function inFives(
  { partsMin, partsMax }: Pick<Limits, 'partsMin' | 'partsMax'>,
  exact: StepAmounts,
  { neededG, seedHydrationPct, hydration, toppedUp }: LevainAsked,
): StepAmounts {
  const thereG = exact.keepG + exact.discardG;
  const parts = exact.flourG / exact.keepG;
  const seeds = toppedUp
    ? [exact.keepG]
    : [FIVE_G * Math.round(exact.keepG / FIVE_G), exact.keepG, exact.keepG + 1];
  for (const keepG of seeds) {
    if (keepG < LEAST_SEED_G || keepG > thereG) continue;
    const seed = flourAndWater(keepG, seedHydrationPct);
    const flourG = upToFive(flourAndWater(neededG, 100 * hydration).flourG - seed.flourG);
    const exactG = Math.round(hydration * (seed.flourG + flourG) - seed.waterG);
    const waterG = [FIVE_G * Math.round(exactG / FIVE_G), upToFive(exactG), exactG].find(
      (grams) =>
        keepG + flourG + grams >= neededG &&
        Math.abs(hydrationOf(seed.flourG + flourG, seed.waterG + grams) - 100 * hydration) <=
          HYDRATION_PCT,
    );
    const roundParts = flourG / keepG;
    const isNear = toppedUp || Math.abs(Math.log(roundParts / parts)) <= NEARLY;
    const isAllowed = toppedUp || (roundParts >= partsMin && roundParts <= partsMax);
    if (flourG >= 0 && waterG !== undefined && waterG >= 0 && isNear && isAllowed)
      return { keepG, flourG, waterG, discardG: thereG - keepG };
  }
  return exact;
}

const FIVE_G = 5;
const upToFive = (grams: number): number => FIVE_G * Math.ceil(grams / FIVE_G);
/** How far round amounts may change a ratio, as a logarithm, and a hydration, points. */
const NEARLY = 0.08;
const HYDRATION_PCT = 2;

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

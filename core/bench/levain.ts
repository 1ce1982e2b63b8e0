import { flourAndWater, hydrationOf } from '../measure';

/** What clings to bowl and spoon, grams. */
export const STICKS_G = 7;

/** A levain that a recipe asks for, and the jar it is to come from as it really stands. */
export interface LevainTask {
  readonly levainG: number;
  /** Water over flour wanted, percent. */
  readonly hydrationPct: number;
  /** What must stay for the jar. */
  readonly keepG: number;
  readonly inJarG: number;
  readonly inJarHydrationPct: number;
}

/** One way to have it, whole grams. */
export interface LevainWay {
  /**
   * `take`: there is enough. `topUp`: flour and water added to all there is. `feed`: reduced to a seed, which is fed; jar
   * and levain are one. `beside`: a seed taken out into a bowl beside it, and the mother stays as she is.
   */
  readonly kind: 'take' | 'topUp' | 'feed' | 'beside';
  readonly seedG: number;
  readonly flourG: number;
  readonly waterG: number;
  /** Of what the vessel then holds, hydration in percent. */
  readonly hydrationPct: number;
}

/**
 * Ways to a levain from what is really in the jar, the keep held back and what sticks added.
 *
 * @param parts flour to one of seed, where it is built
 * @example levainWays({ levainG: 100, hydrationPct: 100, keepG: 20, inJarG: 200, inJarHydrationPct: 100 }, 4)[0].kind // = 'take'
 */
export function levainWays(task: LevainTask, parts: number): readonly LevainWay[] {
  const { levainG, keepG, inJarG, inJarHydrationPct, hydrationPct } = task;
  const inTheJar = levainG + STICKS_G + keepG;
  const ways: LevainWay[] = [];
  if (inJarG >= inTheJar) {
    const seedG = Math.round(inJarG);
    ways.push({ kind: 'take', seedG, flourG: 0, waterG: 0, hydrationPct: inJarHydrationPct });
  } else {
    const toppedUp = grownLevain(inTheJar, Math.floor(inJarG), inJarHydrationPct, hydrationPct);
    if (toppedUp) ways.push({ kind: 'topUp', ...toppedUp });
    const fed = built(inTheJar, inJarHydrationPct, hydrationPct, parts);
    if (fed && fed.seedG <= inJarG) ways.push({ kind: 'feed', ...fed });
  }
  const beside = built(levainG + STICKS_G, inJarHydrationPct, hydrationPct, parts);
  // The mother keeps what she needs.
  if (beside && beside.seedG <= inJarG - keepG) ways.push({ kind: 'beside', ...beside });
  return ways;
}

type Built = Omit<LevainWay, 'kind'>;

/** A seed and what it is fed, at a ratio, for a mass in all. */
function built(
  massG: number,
  seedHydrationPct: number,
  hydrationPct: number,
  parts: number,
): Built | null {
  const { flourG: ofSeed } = flourAndWater(1, seedHydrationPct);
  const perSeed = (ofSeed + parts) * (1 + hydrationPct / 100);
  const seedG = Math.max(1, Math.round(massG / perSeed));
  return grownLevain(massG, seedG, seedHydrationPct, hydrationPct);
}

/**
 * Flour and water, in whole grams, that bring a seed to a mass at a hydration: the one arithmetic of a levain, for the bench
 * and for plans.
 *
 * @param hydrationPct of the whole levain, percent
 * @returns null when the seed is too wet or too dry for that, or there is none
 * @example grownLevain(150, 92, 100, 100) // { seedG: 92, flourG: 29, waterG: 29, hydrationPct: 100 }
 */
export function grownLevain(
  massG: number,
  seedG: number,
  seedHydrationPct: number,
  hydrationPct: number,
): Built | null {
  if (seedG < 1) return null;
  const whole = Math.ceil(massG);
  const seed = flourAndWater(seedG, seedHydrationPct);
  const wanted = flourAndWater(whole, hydrationPct);
  const flourG = Math.round(wanted.flourG - seed.flourG);
  const waterG = whole - seedG - flourG;
  if (flourG < 0 || waterG < 0) return null;
  return {
    seedG,
    flourG,
    waterG,
    hydrationPct: hydrationOf(seed.flourG + flourG, seed.waterG + waterG),
  };
}

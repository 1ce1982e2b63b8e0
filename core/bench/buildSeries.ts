import { type Conditions, type Mix, feed, forecast, keepOf, simulate } from '../ferment';
import { flourAndWater } from '../measure';
import { STICKS_G, type LevainTask } from './levain';

/** One build of several: a seed, and what it is fed. Whole grams. */
export interface Build {
  readonly seedG: number;
  readonly flourG: number;
  readonly waterG: number;
}

/** More builds than this are a new starter, not a levain. */
const MOST_BUILDS = 4;

/**
 * A levain in several builds, where the jar can spare too little for one: each is fed whole and becomes the seed of the next.
 * Null when one build is enough, when there is nothing to spare, or when even four are too few.
 *
 * @param parts flour to one of seed that a build should not pass by much
 * @example buildSeries({ levainG: 400, hydrationPct: 100, keepG: 20, inJarG: 30, inJarHydrationPct: 100 }, 5)?.length // = 2
 */
export function buildSeries(task: LevainTask, parts: number): readonly Build[] | null {
  const { levainG, hydrationPct, keepG, inJarG, inJarHydrationPct } = task;
  const spareG = Math.floor(inJarG - keepG);
  if (spareG < 1) return null;
  const neededG = Math.ceil(levainG + STICKS_G);
  const perBuild = 1 + parts * (1 + hydrationPct / 100);
  const count = Math.ceil(Math.log(neededG / spareG) / Math.log(perBuild) - 1e-9);
  if (count < 2 || count > MOST_BUILDS) return null;
  const growth = (neededG / spareG) ** (1 / count);
  const builds: Build[] = [];
  let seedG = spareG;
  let seed = flourAndWater(spareG, inJarHydrationPct);
  for (let i = 1; i <= count; i++) {
    const massG = i === count ? neededG : Math.round(spareG * growth ** i);
    const wanted = flourAndWater(massG, hydrationPct);
    const flourG = Math.round(wanted.flourG - seed.flourG);
    const waterG = massG - seedG - flourG;
    if (flourG < 0 || waterG < 0) return null;
    builds.push({ seedG, flourG, waterG });
    seed = { flourG: seed.flourG + flourG, waterG: seed.waterG + waterG };
    seedG = massG;
  }
  return builds;
}

/**
 * When each build is ripe, hours from the first, the next being made at the peak of the one before. Null where a build does
 * not ripen.
 *
 * @param mix what the first seed is taken from
 * @param conditionsFrom what a build stands in from so many hours on
 * @example ripeHours(builds, jar.fedMix, () => ({ air: () => 24, vessel, pace: USUAL_PACE })) // e.g. [5.5, 12]
 */
export function ripeHours(
  builds: readonly Build[],
  mix: Mix,
  conditionsFrom: (hours: number) => Conditions,
): readonly (number | null)[] {
  let seed: Mix | null = mix;
  let hours = 0;
  return builds.map(({ seedG, flourG, waterG }) => {
    if (!seed) return null;
    const mixed = feed(keepOf(seed, seedG), { keepG: seedG, flourG, waterG, flour: mix.flour });
    const conditions = conditionsFrom(hours);
    const { ripeFromH, peaksAtH } = forecast(mixed, conditions, 72);
    seed = peaksAtH === null ? null : simulate(mixed, conditions, peaksAtH);
    if (ripeFromH === null || peaksAtH === null) return null;
    const ripe = hours + ripeFromH;
    hours += peaksAtH;
    return ripe;
  });
}

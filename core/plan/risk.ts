import { type Mix, tenthAndNineTenths } from '../ferment';
import { HOUR, blendTraits } from '../measure';
import { type Ripeness, ripenessOf } from './course';
import { type Draw, FEW, MANY, OWN_SPREAD, exactMixIn, nearlyMixIn, otherwise } from './drawnMixes';
import { kitchenOf } from './kitchen';
import { type PlannedJar, type Problem, type Prospect, type Wanted } from './problem';
import { remembered } from './remembered';
import { type Mixing } from './walk';

/** A levain that rises less than this share of what its flour could is no levain. */
const LEAST_LIFT = 0.62;
/** Height above the band of a white starter at its best, volumes. */
const FULL_RISE = 1.37;

/** Whether a levain has risen as one should. */
export const risesWell = (jar: PlannedJar, mix: Mix, { peakHeight }: Ripeness): boolean =>
  peakHeight - 1 >= LEAST_LIFT * FULL_RISE * blendTraits(mix.flour).lift * jar.pace.lift;

/** Spread of the ripening in time, as a logarithm: the pace, the place's thermometer, and what neither explains. */
export function ripeningSpread(problem: Problem, jar: PlannedJar, place: string): number {
  const { byId, growth } = kitchenOf(problem);
  return Math.hypot(jar.paceSd, byId.get(place)!.sd * growth.get(place)!.perCelsius, OWN_SPREAD);
}

/**
 * The chance that a levain is ripe all through its window, when its ripening may be quicker or slower as a whole. Quick
 * to reckon, for a search that asks it of thousands.
 *
 * @param fromH,untilH the window in hours from the mixing; where the levain is held in the cold, in hours that count as
 *   much where it stood before
 * @param spread of the ripening, as a logarithm
 */
export function quickChance(
  { ripeFromH, ripeUntilH }: Pick<Ripeness, 'ripeFromH' | 'ripeUntilH'>,
  fromH: number,
  untilH: number,
  spread: number,
): number {
  if (ripeFromH === null || fromH <= 0) return 0;
  const ripe = normalShare(Math.log(fromH / ripeFromH) / spread);
  const over = ripeUntilH === null ? 0 : normalShare(Math.log(untilH / ripeUntilH) / spread);
  return Math.max(0, ripe - over);
}

/**
 * A levain followed from now on for each of the draws, through every feed before it: how many are ripe through the window,
 * and when they peak, in hours from its mixing.
 *
 * @param atLeast left off as soon as the chance cannot come to so much; it is then told as nought
 */
function drawn(
  problem: Problem,
  jar: PlannedJar,
  levain: Mixing,
  bake: Wanted,
  draws: readonly Draw[],
  mixIn: typeof exactMixIn,
  atLeast: number,
) {
  const fromH = (bake.from - levain.from) / HOUR;
  const untilH = (bake.until - levain.from) / HOUR;
  const hours = untilH + PAST_WINDOW_H;
  const peaks: number[] = [];
  let ripe = 0;
  for (const [i, draw] of draws.entries()) {
    if (ripe + draws.length - i < atLeast * draws.length) return { chance: 0, peaks };
    const mix = mixIn(problem, jar, levain, draw);
    const other = otherwise(problem, jar, levain, draw);
    const course = ripenessOf(problem, jar, mix, levain.from, levain.stays, hours, other);
    peaks.push(course.peakH ?? hours);
    const { ripeFromH, ripeUntilH } = course;
    const inTime = ripeFromH !== null && ripeFromH <= fromH;
    if (inTime && (ripeUntilH ?? Infinity) >= untilH && risesWell(jar, mix, course)) ripe++;
  }
  return { chance: ripe / draws.length, peaks };
}

/** What was found of a levain's chance: what it is, or only that it is below something. */
type Found = { readonly chance: number } | { readonly below: number };

/**
 * By bake, which is another with another window: mixings are shared by all plans that come to the same levain, also while a
 * bake that cannot be had is tried at other hours.
 */
const found = new WeakMap<Mixing, Map<Wanted, Found>>();

/** The chance that a levain is ripe all through its window, by the full model for a few draws; nought below `atLeast`. */
export function chanceOf(
  problem: Problem,
  jar: PlannedJar,
  levain: Mixing,
  bake: Wanted,
  atLeast: number,
): number {
  const ofBakes = remembered(found, levain, () => new Map<Wanted, Found>());
  const known = ofBakes.get(bake);
  if (known && 'chance' in known) return known.chance >= atLeast ? known.chance : 0;
  if (known && known.below <= atLeast) return 0;
  const { chance } = drawn(problem, jar, levain, bake, FEW, nearlyMixIn, atLeast);
  ofBakes.set(bake, chance > 0 ? { chance } : { below: atLeast });
  return chance;
}

/**
 * How a levain may turn out: followed from now on, through every feed before it, with the full model for many draws of pace,
 * thermometer, frailty and the mood of each feed.
 *
 * @param levain its mixing, and where it stands through the bake's window
 */
export function prospectOf(
  problem: Problem,
  jar: PlannedJar,
  levain: Mixing,
  bake: Wanted,
): Prospect {
  const ofBakes = remembered(foretold, levain, () => new Map<Wanted, Prospect>());
  return remembered(ofBakes, bake, () => prospectFrom(problem, jar, levain, bake));
}

/** By bake: plans of several schools may come to the same levain. */
const foretold = new WeakMap<Mixing, Map<Wanted, Prospect>>();

function prospectFrom(problem: Problem, jar: PlannedJar, levain: Mixing, bake: Wanted): Prospect {
  const { chance, peaks } = drawn(problem, jar, levain, bake, MANY, exactMixIn, 0);
  const { low, middle, high } = tenthAndNineTenths(peaks);
  const { from } = levain;
  return {
    id: bake.id,
    chance,
    peakAt: from + middle * HOUR,
    low: from + low * HOUR,
    high: from + high * HOUR,
  };
}

/** A peak is known for one when the height falls after it, hours. */
const PAST_WINDOW_H = 4;

/**
 * Share of a standard normal distribution below z (Abramowitz & Stegun 26.2.17, error below 8e-8).
 *
 * @example normalShare(1.96) // = 0.975
 */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    0.3989422804014327 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z > 0 ? 1 - tail : tail;
}

import { type Mix, type Pace, evenDraws, simulate, tenthAndNineTenths } from '../ferment';
import { airOf } from '../journal';
import { HOUR, type Instant, blendTraits } from '../measure';
import { COARSELY, type Ripeness, ripenessOf } from './course';
import { fedWith } from './fedWith';
import { kitchenOf } from './kitchen';
import { type PlannedJar, type Problem, type Prospect, type Wanted } from './problem';
import { type Stretch } from './walk';

/** A levain that rises less than this share of what its flour could is no levain. */
const LEAST_LIFT = 0.62;
/** Height above the band of a white starter at its best, volumes. */
const FULL_RISE = 1.37;
/** Spread of ripening that neither pace nor thermometer explains, as a logarithm. */
const OWN_SPREAD = 0.08;

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

/** Unknowns of a draw: pace, thermometer, frailty, and the mood of the present feed and of those that follow. */
const OWN = 0;
const THERMOMETER = 1;
const FRAILTY = 2;
const MOODS = 3;
const FOLLOWING = 5;
const UNKNOWNS = MOODS + 1 + FOLLOWING;
/** How far starters differ in what hunger does to them, as a logarithm. */
export const FRAILTY_SPREAD = 0.4;

type Draw = readonly number[];

/** The same draws for every plan: many, and few for a first view. */
const MANY: readonly Draw[] = evenDraws(100, UNKNOWNS);
/** The farthest out first: a levain that is not ripe through its window fails there, and need not be followed further. */
const FEW: readonly Draw[] = evenDraws(16, UNKNOWNS).toSorted((a, b) => farOut(b) - farOut(a));

function farOut(draw: Draw): number {
  return Math.abs(draw[OWN]!);
}

/** The pace of one feed in a draw: the starter's own, and the feed's mood. */
function drawnPace({ pace, paceSd }: PlannedJar, draw: Draw, feeds: number): Pace {
  const mood = draw[MOODS + Math.min(feeds, FOLLOWING)]!;
  return {
    ...pace,
    pace: pace.pace * Math.exp(paceSd * draw[OWN]! + OWN_SPREAD * mood),
    frailty: pace.frailty * Math.exp(FRAILTY_SPREAD * draw[FRAILTY]!),
  };
}

/** A feed in a draw: how it goes otherwise than believed. */
function otherwise(problem: Problem, jar: PlannedJar, stretch: Stretch, draw: Draw) {
  const { sd } = kitchenOf(problem).byId.get(stretch.stays[0]!.place)!;
  return {
    pace: drawnPace(jar, draw, feedsBefore(stretch)),
    shiftCelsius: sd * draw[THERMOMETER]!,
  };
}

const feedsBefore = ({ before }: Stretch): number => (before ? 1 + feedsBefore(before) : 0);

/** How a draw goes: the pace and frailty of its feeds in their order, and its thermometer. */
type Drawing = (feeds: number) => { readonly pace: Pace; readonly thermometer: number };

const drawingOf =
  (jar: PlannedJar, draw: Draw): Drawing =>
  (feeds) => ({ pace: drawnPace(jar, draw, feeds), thermometer: draw[THERMOMETER]! });

/** A stretch lived through otherwise, to the mixing of the next. */
function endOf(
  problem: Problem,
  jar: PlannedJar,
  stretch: Stretch,
  mix: Mix,
  until: Instant,
  drawing: Drawing,
): Mix {
  const { pace, thermometer } = drawing(feedsBefore(stretch));
  const { sd } = kitchenOf(problem).byId.get(stretch.stays[0]!.place)!;
  const { stays, from } = stretch;
  const air = airOf(stays, from, problem.places, problem.time, sd * thermometer);
  return simulate(
    mix,
    { air, vessel: jar.vessel, pace },
    (until - from) / HOUR,
    undefined,
    COARSELY,
  );
}

/** The mix at the beginning of a stretch in a drawing, lived through from what the jar may hold now. */
function mixIn(
  problem: Problem,
  jar: PlannedJar,
  stretch: Stretch,
  drawing: Drawing,
  earlier: (before: Stretch) => Mix,
): Mix {
  const { before, step, from, mix } = stretch;
  if (!before) return presentMix(problem, jar, mix, drawing);
  const stood = endOf(problem, jar, before, earlier(before), from, drawing);
  const { keepG, flourG, waterG } = step!;
  return fedWith(problem, jar, stood, from, { keepG: keepG!, flourG: flourG!, waterG: waterG! });
}

/** What the jar may hold now: its present feed, gone through in another way than believed. */
function presentMix(problem: Problem, jar: PlannedJar, believed: Mix, drawing: Drawing): Mix {
  const { fedMix, since, stays } = jar;
  const { sd } = kitchenOf(problem).byId.get(stays[stays.length - 1]!.place)!;
  const { pace, thermometer } = drawing(0);
  const air = airOf(stays, since, problem.places, problem.time, sd * thermometer);
  const hours = Math.max(0, (problem.now - since) / HOUR);
  const stood = simulate(fedMix, { air, vessel: jar.vessel, pace }, hours, undefined, COARSELY);
  return { ...stood, massG: believed.massG, hydrationPct: believed.hydrationPct };
}

/** The directions in which what is in the jar may differ: one spread of pace, thermometer, frailty, and the moods of all feeds so far. */
const DIRECTIONS: readonly Draw[] = [OWN, THERMOMETER, FRAILTY, MOODS].map((unknown) =>
  Array.from({ length: UNKNOWNS }, (_, i) =>
    i === unknown || (unknown === MOODS && i > MOODS) ? 1 : 0,
  ),
);
/** What a mix is told apart by, and moved along: all that grows by factors, and all that does not. */
const BY_FACTORS = ['yeast', 'lactic', 'dormant', 'ready'] as const;
const BY_STEPS = ['food', 'acid', 'gluten', 'gas', 'hunger', 'celsius'] as const;

/** The mixes that a stretch begins with, one spread away in each direction: shared by all plans that come to it. */
const leanings = new WeakMap<Stretch, readonly Mix[]>();

function leaningsOf(problem: Problem, jar: PlannedJar, stretch: Stretch): readonly Mix[] {
  let known = leanings.get(stretch);
  if (!known) {
    const before = stretch.before && leaningsOf(problem, jar, stretch.before);
    known = DIRECTIONS.map((direction, k) =>
      mixIn(problem, jar, stretch, drawingOf(jar, direction), () => before![k]!),
    );
    leanings.set(stretch, known);
  }
  return known;
}

/** The mix of a stretch in a draw: as believed, and moved by what the draw differs in. Quick, for a search that asks often. */
function nearlyMixIn(problem: Problem, jar: PlannedJar, stretch: Stretch, draw: Draw): Mix {
  const { mix } = stretch;
  const moods = draw[MOODS + Math.min(FOLLOWING, Math.max(0, feedsBefore(stretch) - 1))]!;
  const along = [draw[OWN]!, draw[THERMOMETER]!, draw[FRAILTY]!, moods];
  const moved: { -readonly [K in keyof Mix]: Mix[K] } = { ...mix };
  leaningsOf(problem, jar, stretch).forEach((leaning, k) => {
    const by = along[k]!;
    for (const key of BY_FACTORS)
      if (mix[key] > 0) moved[key] *= Math.max(1e-9, leaning[key] / mix[key]) ** by;
    for (const key of BY_STEPS) moved[key] += by * (leaning[key] - mix[key]);
  });
  for (const key of BY_STEPS) if (key !== 'celsius') moved[key] = Math.max(0, moved[key]);
  moved.food = Math.min(1, moved.food);
  return moved;
}

/** The mix of a stretch in a draw, with every feed before it lived through. */
function exactMixIn(problem: Problem, jar: PlannedJar, stretch: Stretch, draw: Draw): Mix {
  const drawing = drawingOf(jar, draw);
  const mixOf = (of: Stretch): Mix => mixIn(problem, jar, of, drawing, mixOf);
  return mixOf(stretch);
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
  levain: Stretch,
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

/** By bake: stretches are shared by all plans that come to the same levain. */
const found = new WeakMap<Stretch, Map<string, Found>>();

/** The chance that a levain is ripe all through its window, by the full model for a few draws; nought below `atLeast`. */
export function chanceOf(
  problem: Problem,
  jar: PlannedJar,
  levain: Stretch,
  bake: Wanted,
  atLeast: number,
): number {
  const ofBakes = found.get(levain) ?? new Map<string, Found>();
  found.set(levain, ofBakes);
  const known = ofBakes.get(bake.id);
  if (known && 'chance' in known) return known.chance >= atLeast ? known.chance : 0;
  if (known && known.below <= atLeast) return 0;
  const { chance } = drawn(problem, jar, levain, bake, FEW, nearlyMixIn, atLeast);
  ofBakes.set(bake.id, chance > 0 ? { chance } : { below: atLeast });
  return chance;
}

/**
 * How a levain may turn out: followed from now on, through every feed before it, with the full model for many draws of pace,
 * thermometer, frailty and the mood of each feed.
 *
 * @param levain the stretch that begins with its mixing and holds the bake's window
 */
export function prospectOf(
  problem: Problem,
  jar: PlannedJar,
  levain: Stretch,
  bake: Wanted,
): Prospect {
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

/** Share of a standard normal distribution below z (Abramowitz & Stegun 26.2.17, error below 8e-8). */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    0.3989422804014327 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z > 0 ? 1 - tail : tail;
}

import { type Mix, type Pace, evenDraws, simulate } from '../ferment';
import { airOf } from '../journal';
import { HOUR, type Instant } from '../measure';
import { COARSELY } from './course';
import { fedWith } from './fedWith';
import { kitchenOf } from './kitchen';
import { type PlannedJar, type Problem } from './problem';
import { type Stretch } from './walk';

/** Spread of ripening that neither pace nor thermometer explains, as a logarithm. */
export const OWN_SPREAD = 0.08;

/** Unknowns of a draw: pace, thermometer, frailty, and the mood of the present feed and of those that follow. */
const OWN = 0;
const THERMOMETER = 1;
const FRAILTY = 2;
const MOODS = 3;
const FOLLOWING = 5;
const UNKNOWNS = MOODS + 1 + FOLLOWING;
/** How far starters differ in what hunger does to them, as a logarithm. */
export const FRAILTY_SPREAD = 0.4;

export type Draw = readonly number[];

/** The same draws for every plan: many, and few for a first view. */
export const MANY: readonly Draw[] = evenDraws(100, UNKNOWNS);
/** The farthest out first: a levain that is not ripe through its window fails there, and need not be followed further. */
export const FEW: readonly Draw[] = evenDraws(16, UNKNOWNS).toSorted(
  (a, b) => farOut(b) - farOut(a),
);

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
export function otherwise(problem: Problem, jar: PlannedJar, stretch: Stretch, draw: Draw) {
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
export function nearlyMixIn(problem: Problem, jar: PlannedJar, stretch: Stretch, draw: Draw): Mix {
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
export function exactMixIn(problem: Problem, jar: PlannedJar, stretch: Stretch, draw: Draw): Mix {
  const drawing = drawingOf(jar, draw);
  const mixOf = (of: Stretch): Mix => mixIn(problem, jar, of, drawing, mixOf);
  return mixOf(stretch);
}

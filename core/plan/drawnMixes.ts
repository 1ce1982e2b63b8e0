import { type Mix, type Pace, evenDraws, simulate } from '../ferment';
import { airOf } from '../journal';
import { DAY, HOUR, type Instant } from '../measure';
import { COARSELY, type Otherwise } from './course';
import { fedWith } from './fedWith';
import { kitchenOf } from './kitchen';
import { type PlannedJar, type Problem } from './problem';
import { remembered } from './remembered';
import { type Mixing } from './walk';

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
export function otherwise(
  problem: Problem,
  jar: PlannedJar,
  mixing: Mixing,
  draw: Draw,
): Otherwise {
  return {
    pace: drawnPace(jar, draw, feedsBefore(mixing)),
    shiftCelsius: shiftOf(problem, mixing.stays[0]!.place, draw),
  };
}

const feedsBefore = ({ before }: Mixing): number => (before ? 1 + feedsBefore(before) : 0);

/** How far off the thermometer of a place is in a draw, °C. */
const shiftOf = (problem: Problem, place: string, draw: Draw): number =>
  kitchenOf(problem).byId.get(place)!.sd * draw[THERMOMETER]!;

const ofDraws = <T>() => new Map<Draw, T>();
/** What was lived through in draws already: mixes, as often as they were asked for, and each mixing day by day. */
const mixes = new WeakMap<Mixing, Map<Draw, Mix>>();
const followed = new WeakMap<Mixing, Map<Draw, Mix[]>>();
const present = new WeakMap<Problem, WeakMap<PlannedJar, Map<Draw, Mix>>>();

/** What was mixed, in a draw, with every feed before it lived through. */
export function exactMixIn(problem: Problem, jar: PlannedJar, mixing: Mixing, draw: Draw): Mix {
  return remembered(remembered(mixes, mixing, ofDraws<Mix>), draw, () => {
    const { before, step, from, mix } = mixing;
    if (!before) {
      const { massG, hydrationPct } = mix;
      return { ...presentMix(problem, jar, draw), massG, hydrationPct };
    }
    const { keepG, flourG, waterG } = step!;
    const amounts = { keepG: keepG!, flourG: flourG!, waterG: waterG! };
    return fedWith(problem, jar, stoodUntil(problem, jar, before, from, draw), from, amounts);
  });
}

/** Followed so far at a time, and kept: what is asked next is most often an hour or two further on. */
const FOLLOWED = DAY;

/** What became of a mixing by an instant in a draw. */
function stoodUntil(
  problem: Problem,
  jar: PlannedJar,
  mixing: Mixing,
  until: Instant,
  draw: Draw,
): Mix {
  const { from, stays } = mixing;
  const { pace, shiftCelsius } = otherwise(problem, jar, mixing, draw);
  const goOn = (mix: Mix, at: Instant, to: Instant) => {
    const air = airOf(stays, at, problem.places, problem.time, shiftCelsius);
    return simulate(mix, { air, vessel: jar.vessel, pace }, (to - at) / HOUR, undefined, COARSELY);
  };
  const days = remembered(remembered(followed, mixing, ofDraws<Mix[]>), draw, () => [
    exactMixIn(problem, jar, mixing, draw),
  ]);
  const whole = Math.floor((until - from) / FOLLOWED);
  for (let n = days.length; n <= whole; n++)
    days.push(goOn(days[n - 1]!, from + (n - 1) * FOLLOWED, from + n * FOLLOWED));
  return goOn(days[whole]!, from + whole * FOLLOWED, until);
}

/** What the jar may hold now: its present feed, gone through in another way than believed. */
function presentMix(problem: Problem, jar: PlannedJar, draw: Draw): Mix {
  const ofJar = remembered(present, problem, () => new WeakMap<PlannedJar, Map<Draw, Mix>>());
  return remembered(remembered(ofJar, jar, ofDraws<Mix>), draw, () => {
    const { fedMix, since, stays } = jar;
    const air = airOf(
      stays,
      since,
      problem.places,
      problem.time,
      shiftOf(problem, stays.at(-1)!.place, draw),
    );
    const hours = Math.max(0, (problem.now - since) / HOUR);
    const conditions = { air, vessel: jar.vessel, pace: drawnPace(jar, draw, 0) };
    return simulate(fedMix, conditions, hours, undefined, COARSELY);
  });
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

/** What was mixed, in a draw: as believed, and moved by what the draw differs in. Quick, for a search that asks often. */
export function nearlyMixIn(problem: Problem, jar: PlannedJar, mixing: Mixing, draw: Draw): Mix {
  const { mix } = mixing;
  const moods = draw[MOODS + Math.min(FOLLOWING, Math.max(0, feedsBefore(mixing) - 1))]!;
  const along = [draw[OWN]!, draw[THERMOMETER]!, draw[FRAILTY]!, moods];
  const moved: { -readonly [K in keyof Mix]: Mix[K] } = { ...mix };
  DIRECTIONS.forEach((direction, k) => {
    const leaning = exactMixIn(problem, jar, mixing, direction);
    const by = along[k]!;
    for (const key of BY_FACTORS)
      if (mix[key] > 0) moved[key] *= Math.max(1e-9, leaning[key] / mix[key]) ** by;
    for (const key of BY_STEPS) moved[key] += by * (leaning[key] - mix[key]);
  });
  for (const key of BY_STEPS) if (key !== 'celsius') moved[key] = Math.max(0, moved[key]);
  moved.food = Math.min(1, moved.food);
  return moved;
}

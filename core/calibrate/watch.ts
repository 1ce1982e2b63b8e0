import {
  PACE_KEYS,
  type PaceBelief,
  USUAL_BELIEF,
  drawnPace,
  evenDraws,
  middlePace,
  paceFromLogs,
  tenthAndNineTenths,
} from '../ferment';
import { type Course, courseForecast, updatedBelief } from './update';
import { miss } from './reading';

/** A peak as it was forecast before the feed was watched, and as it was seen; hours after the feed. */
export interface Foretold {
  readonly expectedH: number;
  readonly low: number;
  readonly high: number;
  readonly seenH: number;
}

/** What has been learnt of a starter so far; plain numbers, ready to be taken up again. */
export interface Learnt {
  readonly belief: PaceBelief;
  /** Feeds and readings it rests on. */
  readonly feeds: number;
  readonly readings: number;
  readonly foretold: readonly Foretold[];
  /** Middle of the logarithm of the pace after each watched feed. */
  readonly history: readonly number[];
  /** Feeds in a row that the belief before them could not explain. */
  readonly surprises: number;
}

/** Nothing learnt yet. */
export const NOTHING_LEARNT: Learnt = {
  belief: USUAL_BELIEF,
  feeds: 0,
  readings: 0,
  foretold: [],
  history: [],
  surprises: 0,
};

const FORETELL_DRAWS = evenDraws(15, 6);
/** Mean squared miss, in predicted spreads, from which a feed counts as a surprise. */
const SURPRISING = 5;
/** After so many surprising feeds in a row the old belief is loosened by so much of the pace's logarithm. */
const LOOSEN_AFTER = 2;
const LOOSENED = 0.2;

/** What is learnt from one more watched feed. A feed without readings teaches nothing. */
export function learn(before: Learnt, course: Course): Learnt {
  if (course.readings.length === 0) return before;
  const foretold = foretell(before.belief, course);
  const surprises = surprise(before.belief, course) > SURPRISING ? before.surprises + 1 : 0;
  const loosened = surprises >= LOOSEN_AFTER ? loosen(before.belief) : before.belief;
  const belief = updatedBelief(loosened, course);
  return {
    belief,
    feeds: before.feeds + 1,
    readings: before.readings + course.readings.length,
    foretold: foretold ? [...before.foretold, foretold] : before.foretold,
    history: [...before.history, belief.mean[0]!],
    surprises,
  };
}

function foretell(belief: PaceBelief, course: Course): Foretold | null {
  const seen = course.readings.find((r) => 'sign' in r && r.sign === 'peaked');
  if (!seen) return null;
  const expectedH = courseForecast(course, middlePace(belief)).peaksAtH;
  const peaks = FORETELL_DRAWS.map(
    (normal) => courseForecast(course, drawnPace(belief, normal)).peaksAtH,
  ).filter((h) => h !== null);
  if (expectedH === null || peaks.length < FORETELL_DRAWS.length / 2) return null;
  const { low, high } = tenthAndNineTenths(peaks);
  return { expectedH, low, high, seenH: seen.afterH };
}

/** Mean squared miss of a feed by the middle of a belief, allowing for the belief's own spread. */
function surprise(belief: PaceBelief, course: Course): number {
  const middle = courseForecast(course, middlePace(belief));
  const wide = belief.mean.map((m, i) => m + Math.hypot(...belief.factor[i]!));
  const spread = PACE_KEYS.map((_, k) =>
    courseForecast(course, paceFromLogs(belief.mean.map((m, i) => (i === k ? wide[i]! : m)))),
  );
  const squares = course.readings.map((reading) => {
    const m = miss(reading, middle);
    const variance = spread.reduce((sum, f) => sum + (miss(reading, f) - m) ** 2, 0);
    return (m * m) / (1 + variance);
  });
  // The middle one: a single wrong entry is no surprise.
  return squares.sort((a, b) => a - b)[Math.floor((squares.length - 1) / 2)]!;
}

function loosen({ mean, factor }: PaceBelief): PaceBelief {
  return {
    mean,
    factor: factor.map((row, i) =>
      i === 0 ? row.map((f, j) => (j === 0 ? Math.hypot(f, LOOSENED) : f)) : row,
    ),
  };
}

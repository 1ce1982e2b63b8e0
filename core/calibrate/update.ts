import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { CholeskyDecomposition, Matrix, inverse } from 'ml-matrix';

import { highest } from '../measure';
import {
  type Conditions,
  type FeedParts,
  type Forecast,
  type Mix,
  PACE_KEYS,
  type Pace,
  type PaceBelief,
  feed,
  forecast,
  paceFromLogs,
  simulate,
  takenUp,
} from '../ferment';
import { type Reading, miss } from './reading';

/** A stretch of time a mix stood, hours. */
export interface Standing {
  readonly mix: Mix;
  readonly conditions: Omit<Conditions, 'pace'>;
  readonly hours: number;
}

/**
 * A feed that was watched: the mix of the feed before (as mixed, before the starter's own lag) and how long it stood,
 * what it was fed, where it stood then, and what was read. The feed before is gone through again for every pace that is
 * tried: a quick or frail starter comes to this feed in another state.
 */
export interface Course {
  readonly before: Standing;
  readonly parts: FeedParts;
  /** Temperature of the fresh mix, °C, where it was measured. */
  readonly celsius?: number;
  readonly conditions: Omit<Conditions, 'pace'>;
  readonly readings: readonly Reading[];
}

/** From feed to feed a starter drifts: standard deviations of the logarithms added between two feeds. */
const DRIFT = [0.03, 0.06, 0.02, 0.03, 0.05];
/** Degrees of freedom of the readings' Student distribution: few, so that one wrong entry weighs little. */
const FREEDOM = 4;
/** Readings of one feed share its own mood: this much of the error does not average out. */
const SHARED = 0.5;
const ROUNDS = 2;
const ITERATIONS = 5;
const STEP = 0.02;
/** No starter is more than so far from the usual, as a logarithm. */
const FARTHEST = 1.6;

/** The forecast of a course for a starter of some pace. */
export function courseForecast(
  { before, parts, ...course }: Course,
  pace: Pace,
  hours = horizonOf(course.readings),
): Forecast {
  const stood = simulate(takenUp(before.mix, pace), { ...before.conditions, pace }, before.hours);
  const mixed = feed(stood, parts);
  const mix = course.celsius === undefined ? mixed : { ...mixed, celsius: course.celsius };
  return forecast(takenUp(mix, pace), { ...course.conditions, pace }, hours);
}

/** Far enough to see a late peak behind the last reading. */
const horizonOf = (readings: readonly Reading[]) =>
  1.5 * Math.max(highest(readings.map(({ afterH }) => afterH)), 6) + 6;

/**
 * What is believed after a watched feed: the maximum a posteriori by Levenberg–Marquardt (Student weights by
 * reweighting, so that a wrong entry is soon disregarded) and a Laplace approximation of the spread around it.
 *
 * @param before what was believed when the feed was made
 */
export function updatedBelief(before: PaceBelief, course: Course): PaceBelief {
  const n = PACE_KEYS.length;
  const factor = new Matrix(before.factor.map((row) => [...row]));
  const covariance = factor.mmul(factor.transpose());
  for (let i = 0; i < n; i++) covariance.set(i, i, covariance.get(i, i) + DRIFT[i]! ** 2);
  const priorRoot = lowerRoot(inverse(covariance)).transpose();
  const readings = course.readings;
  const misses = memoized((logs: readonly number[]) => {
    const f = courseForecast(course, paceFromLogs(logs));
    return readings.map((reading) => miss(reading, f));
  });

  let logs = [...before.mean];
  const spread = expectedSpread(misses, logs, covariance);
  let weights = misses(logs).map((m, i) => studentWeight(m / Math.sqrt(1 + spread[i]!)));
  const crowd = 1 + SHARED * (readings.length - 1);
  for (let round = 0; round < ROUNDS; round++) {
    const scale = weights.map((w) => Math.sqrt(w / Math.sqrt(crowd)));
    const rows = readings.length + n;
    const model = (params: number[]) => {
      const found = misses(params);
      const away = priorRoot.mmul(Matrix.columnVector(params.map((p, i) => p - before.mean[i]!)));
      return (row: number) =>
        row < readings.length ? found[row]! * scale[row]! : away.get(row - readings.length, 0);
    };
    logs = levenbergMarquardt(
      { x: Array.from({ length: rows }, (_, i) => i), y: new Array<number>(rows).fill(0) },
      model,
      {
        initialValues: logs,
        gradientDifference: STEP,
        damping: 0.1,
        maxIterations: ITERATIONS,
        errorTolerance: 1e-6,
        minValues: new Array<number>(n).fill(-FARTHEST),
        maxValues: new Array<number>(n).fill(FARTHEST),
      },
    ).parameterValues;
    weights = misses(logs).map(studentWeight);
  }

  const slopes = jacobian(misses, logs);
  const information = inverse(covariance);
  for (let r = 0; r < readings.length; r++)
    for (let i = 0; i < n; i++)
      for (let j = 0; j < n; j++)
        information.set(
          i,
          j,
          information.get(i, j) +
            (weights[r]! / Math.sqrt(crowd)) * slopes[r]![i]! * slopes[r]![j]!,
        );
  return { mean: logs, factor: lowerRoot(inverse(information)).to2DArray() };
}

/** Lower Cholesky factor; rounding may have left the matrix a hair from symmetric. */
const lowerRoot = (matrix: Matrix): Matrix =>
  new CholeskyDecomposition(matrix.clone().add(matrix.transpose()).mul(0.5)).lowerTriangularMatrix;

const studentWeight = (m: number) => (FREEDOM + 1) / (FREEDOM + m * m);

/** Variance of each miss that the belief alone explains, in squared errors of the reading. */
function expectedSpread(
  misses: (logs: readonly number[]) => readonly number[],
  logs: readonly number[],
  covariance: Matrix,
): readonly number[] {
  return jacobian(misses, logs).map((row) => {
    const slope = Matrix.rowVector([...row]);
    return slope.mmul(covariance).mmul(slope.transpose()).get(0, 0);
  });
}

/** Slopes of each miss by each logarithm, by central differences. */
function jacobian(
  misses: (logs: readonly number[]) => readonly number[],
  logs: readonly number[],
): readonly (readonly number[])[] {
  const columns = logs.map((_, k) => {
    const shifted = (by: number) => misses(logs.map((log, i) => (i === k ? log + by : log)));
    const up = shifted(STEP);
    const down = shifted(-STEP);
    return up.map((m, r) => (m - down[r]!) / (2 * STEP));
  });
  return misses(logs).map((_, r) => columns.map((column) => column[r]!));
}

/** Remembers the last few answers: the solver asks for each row of the same parameters in turn. */
function memoized<T>(compute: (logs: readonly number[]) => T): (logs: readonly number[]) => T {
  const known = new Map<string, T>();
  return (logs) => {
    const key = logs.join();
    const found = known.get(key);
    if (found !== undefined) return found;
    if (known.size > 16) known.clear();
    const made = compute(logs);
    known.set(key, made);
    return made;
  };
}

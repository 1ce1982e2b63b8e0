import { CholeskyDecomposition, Matrix, inverse } from 'ml-matrix';

import { MOOD, type PaceBelief } from '../ferment';
import { type Lesson } from './lesson';

/** A belief as it is reckoned with: the mean of the logarithms and their covariance. */
export interface Normal {
  readonly mean: readonly number[];
  readonly covariance: Matrix;
}

export function normalOf({ mean, factor }: PaceBelief): Normal {
  const root = new Matrix(factor.map((row) => [...row]));
  return { mean, covariance: root.mmul(root.transpose()) };
}

/** The belief of a normal distribution; rounding may have left its covariance a hair from symmetric. */
export function beliefOf({ mean, covariance }: Normal, width: number): PaceBelief {
  const even = covariance.clone().add(covariance.transpose()).mul(0.5);
  return { mean, factor: new CholeskyDecomposition(even).lowerTriangularMatrix.to2DArray(), width };
}

/** The same belief some time later, or after a change: wider by so much for each logarithm. */
export const widened = ({ mean, covariance }: Normal, by: readonly number[]): Normal => ({
  mean,
  covariance: covariance.clone().add(Matrix.diag(by.map((sd) => sd * sd))),
});

/**
 * A belief after one more lesson: the usual update of a normal distribution by readings that are straight in it. All
 * readings of a feed share its mood, which therefore never averages away, however often it is looked at.
 *
 * @param at the logarithms near which the lesson holds
 * @param weights of the readings, 1 where they are believed
 */
export function taught(
  { mean, covariance }: Normal,
  lesson: Lesson,
  at: readonly number[],
  weights: readonly number[],
): Normal {
  const { misses, slopes, moodSlopes } = lesson;
  const away = Matrix.columnVector(mean.map((m, i) => m - at[i]!));
  const expected = Matrix.columnVector([...misses]).add(slopes.mmul(away));
  const mood = Matrix.columnVector([...moodSlopes]);
  const noise = Matrix.diag(weights.map((w) => 1 / w)).add(
    mood.mmul(mood.transpose()).mul(MOOD * MOOD),
  );
  const across = covariance.mmul(slopes.transpose());
  const gain = across.mmul(inverse(slopes.mmul(across).add(noise)));
  const step = gain.mmul(expected).to1DArray();
  return {
    mean: mean.map((m, i) => m - step[i]!),
    covariance: covariance.clone().sub(gain.mmul(across.transpose())),
  };
}

/** Variance of a sum of the logarithms. */
export function varianceOf({ covariance }: Normal, slopes: readonly number[]): number {
  const row = Matrix.rowVector([...slopes]);
  return row.mmul(covariance).mmul(row.transpose()).get(0, 0);
}

/**
 * Points that cover a standard normal distribution evenly in several unknowns, the same at every call: an additive
 * recurrence with the roots of x^(d+1) = x + 1 (Roberts 2018), carried over by the inverse of the normal distribution.
 *
 * @returns `count` vectors of `dimensions` standard normal numbers
 * @example evenDraws(16, 3).length // = 16
 */
export function evenDraws(count: number, dimensions: number): readonly (readonly number[])[] {
  let root = 2;
  for (let i = 0; i < 40; i++) root = (1 + root) ** (1 / (dimensions + 1));
  return Array.from({ length: count }, (_, i) =>
    Array.from({ length: dimensions }, (_, d) =>
      // the first unknown is spread exactly evenly: it matters most
      d === 0
        ? normalQuantile((i + 0.5) / count)
        : normalQuantile((0.5 + (i + 1) * root ** -(d + 1)) % 1),
    ),
  );
}

/**
 * Sixteen points for a standard normal distribution in eight unknowns: each unknown goes through the sixteen even quantiles,
 * no two of them go together, and with each point goes its opposite. What follows the unknowns in nearly straight lines has
 * its middle where it belongs, and its tenth and nine tenths off by an eighth of their distance, in whatever direction it
 * lies; {@link evenDraws} of as many points are off by a quarter, and to one side.
 *
 * An orthogonal design of order eight, as the products of octonions give it (Geramita and Seberry 1979), filled with
 * quantiles.
 *
 * @example balancedDraws().length // = 16
 */
export function balancedDraws(): readonly (readonly number[])[] {
  const half = upperQuantiles();
  const rows = DESIGN.map((row) => row.map((nth) => Math.sign(nth) * half[Math.abs(nth) - 1]!));
  return [...rows, ...rows.map((row) => row.map((normal) => -normal))];
}

/**
 * The 10 and 90 % points of hours that were reckoned in {@link balancedDraws}, by the mean and the spread of their
 * logarithms. Those the draws have exactly, in whatever direction the hours follow the unknowns; their second smallest and
 * second largest are a matter of which draws happen to lie out there.
 *
 * @param hours in as many of the draws as have any, at least one
 * @example likelyHours([6, 6]) // = { low: 6, high: 6 }
 */
export function likelyHours(hours: readonly number[]): {
  readonly low: number;
  readonly high: number;
} {
  const logs = hours.map((h) => Math.log(Math.max(A_MINUTE, h)));
  const mean = logs.reduce((sum, log) => sum + log, 0) / logs.length;
  const spread = Math.sqrt(logs.reduce((sum, log) => sum + (log - mean) ** 2, 0) / logs.length);
  const tenth = (normalQuantile(0.9) * spread) / DRAWN_SPREAD;
  return { low: Math.exp(mean - tenth), high: Math.exp(mean + tenth) };
}

const A_MINUTE = 1 / 60;

/** Row `k` is the product of the unit `k` with (1, 2, ... 8): signs and places. */
const DESIGN = [
  [1, 2, 3, 4, 5, 6, 7, 8],
  [-2, 1, -4, 3, -6, 5, 8, -7],
  [-3, 4, 1, -2, -7, -8, 5, 6],
  [-4, -3, 2, 1, -8, 7, -6, 5],
  [-5, 6, 7, 8, 1, -2, -3, -4],
  [-6, -5, 8, -7, 2, 1, 4, -3],
  [-7, -8, -5, 6, 3, -4, 1, 2],
  [-8, 7, -6, -5, 4, 3, -2, 1],
] as const;

const upperQuantiles = () => Array.from({ length: 8 }, (_, i) => normalQuantile((8.5 + i) / 16));

/**
 * The number below which a standard normal variable falls with a given probability (0 to 1).
 * Acklam's rational approximation, relative error below 1.2e-9.
 *
 * @example normalQuantile(0.9) // = 1.28
 */
export function normalQuantile(probability: number): number {
  if (probability > 0.5) return -normalQuantile(1 - probability);
  if (probability < 0.02425) {
    const q = Math.sqrt(-2 * Math.log(probability));
    return polynomial(TAIL_UP, q) / (polynomial(TAIL_DOWN, q) * q + 1);
  }
  const q = probability - 0.5;
  const r = q * q;
  return (polynomial(MIDDLE_UP, r) * q) / (polynomial(MIDDLE_DOWN, r) * r + 1);
}

const MIDDLE_UP = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
  2.506628277459239,
];
const MIDDLE_DOWN = [
  -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
];
const TAIL_UP = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734,
  4.374664141464968, 2.938163982698783,
];
const TAIL_DOWN = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];

const polynomial = (coefficients: readonly number[], x: number) =>
  coefficients.reduce((sum, c) => sum * x + c, 0);

/** Standard deviation of an unknown in {@link balancedDraws}: their outermost sixteenths are one draw each. */
const DRAWN_SPREAD = Math.sqrt(upperQuantiles().reduce((sum, q) => sum + q * q, 0) / 8);

/**
 * The middle, 10 % and 90 % points of a few numbers, between neighbours in straight lines.
 *
 * @example tenthAndNineTenths([1, 2, 3]).middle // = 2
 */
export function tenthAndNineTenths(numbers: readonly number[]): {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
} {
  const sorted = [...numbers].sort((a, b) => a - b);
  const at = (share: number) => {
    const position = Math.min(sorted.length - 1, Math.max(0, share * sorted.length - 0.5));
    const below = Math.floor(position);
    const next = sorted[Math.min(sorted.length - 1, below + 1)]!;
    return sorted[below]! + (position - below) * (next - sorted[below]!);
  };
  return { low: at(0.1), middle: at(0.5), high: at(0.9) };
}

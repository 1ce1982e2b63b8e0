import { MODEL } from './constants';

/** The two kinds of organism that share a starter. */
export type Organism = 'yeast' | 'lactic';

/**
 * Growth rates, 1/h, of *Lactobacillus sanfranciscensis* and *Candida humilis* against temperature, °C.
 * Gänzle, Ehmann & Hammes, Appl. Environ. Microbiol. 64 (1998) 2616–2623, as commonly tabulated.
 */
export const RATE_TABLE = {
  celsius: [2, 4, 6, 8, 16, 18, 20, 22, 24, 26, 28, 30, 32, 34, 36],
  lactic: [
    0.019, 0.026, 0.035, 0.047, 0.144, 0.187, 0.239, 0.301, 0.374, 0.453, 0.535, 0.609, 0.658,
    0.657, 0.579,
  ],
  yeast: [
    0.005, 0.008, 0.013, 0.021, 0.114, 0.163, 0.225, 0.295, 0.365, 0.414, 0.417, 0.346, 0.202, 0.05,
    0,
  ],
} as const;

/** Nothing grows from here on, °C. */
const GROWTH_ENDS = 38;
/** Below this nothing grows and water freezes out, °C. */
const GROWTH_BEGINS = -4;

const STEP = 0.05;

/**
 * Growth rate in 1/h at a temperature in °C: a monotone cubic on the logarithm between the published points, continued
 * in a straight line below 2 °C, falling to zero at 36 °C (yeast) and 38 °C (bacteria).
 *
 * @example growthRate('yeast', 24) // = 0.365
 */
export function growthRate(organism: Organism, celsius: number): number {
  return onGrid(organism === 'yeast' ? YEAST_GRID : LACTIC_GRID, celsius);
}

/**
 * How fast gas leaves a mix against 22 °C: it doubles with each 10 °C, as diffusion and flow in a thick paste do.
 * Held at the ends of the range in which anything grows.
 *
 * @example leakFactor(32) / leakFactor(22) // = 2.0
 */
export function leakFactor(celsius: number): number {
  return onGrid(LEAK_GRID, Math.min(GROWTH_ENDS, Math.max(GROWTH_BEGINS + STEP, celsius)));
}

const POINTS = Math.round((GROWTH_ENDS - GROWTH_BEGINS) / STEP) + 2;
const YEAST_GRID = tabulate('yeast');
const LACTIC_GRID = tabulate('lactic');
const LEAK_GRID = Float64Array.from(
  { length: POINTS },
  (_, i) => 2 ** ((GROWTH_BEGINS + i * STEP - 22) / MODEL.leakDoubling),
);

function onGrid(grid: Float64Array, celsius: number): number {
  const at = (celsius - GROWTH_BEGINS) / STEP;
  if (!(at > 0) || at >= POINTS - 1) return 0;
  const below = Math.floor(at);
  const left = grid[below]!;
  return left + (at - below) * (grid[below + 1]! - left);
}

function tabulate(organism: Organism): Float64Array {
  const known = RATE_TABLE.celsius
    .map((celsius, i) => [celsius, RATE_TABLE[organism][i]!] as const)
    .filter(([, rate]) => rate > 0);
  const xs = known.map(([celsius]) => celsius);
  const ys = known.map(([, rate]) => Math.log(rate));
  const slopes = monotoneSlopes(xs, ys);
  const last = known[known.length - 1]!;
  const end = organism === 'yeast' ? 36 : GROWTH_ENDS;
  return Float64Array.from({ length: POINTS }, (_, i) => {
    const celsius = GROWTH_BEGINS + i * STEP;
    if (celsius >= last[0]) return Math.max(0, (last[1] * (end - celsius)) / (end - last[0]));
    return Math.exp(hermite(xs, ys, slopes, celsius));
  });
}

/** Fritsch & Carlson, SIAM J. Numer. Anal. 17 (1980): slopes that keep a cubic between its points. */
function monotoneSlopes(xs: readonly number[], ys: readonly number[]): number[] {
  const secant = xs.slice(1).map((x, i) => (ys[i + 1]! - ys[i]!) / (x - xs[i]!));
  return xs.map((_, i) => {
    const before = secant[i - 1];
    const after = secant[i];
    if (before === undefined) return after!;
    if (after === undefined) return before;
    return before * after <= 0 ? 0 : (2 * before * after) / (before + after);
  });
}

function hermite(
  xs: readonly number[],
  ys: readonly number[],
  slopes: readonly number[],
  x: number,
): number {
  if (x <= xs[0]!) return ys[0]! + slopes[0]! * (x - xs[0]!);
  let i = 0;
  while (i < xs.length - 2 && x > xs[i + 1]!) i++;
  const width = xs[i + 1]! - xs[i]!;
  const t = (x - xs[i]!) / width;
  return (
    ys[i]! * (1 + 2 * t) * (1 - t) ** 2 +
    slopes[i]! * width * t * (1 - t) ** 2 +
    ys[i + 1]! * t * t * (3 - 2 * t) +
    slopes[i + 1]! * width * t * t * (t - 1)
  );
}

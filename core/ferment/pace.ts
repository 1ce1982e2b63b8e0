/**
 * How one starter differs from the usual: factors on all that goes on in it, on the gas it can carry, and on how fast it
 * starves. The last three are for what no equation of ours knows: how the hour of its peak answers to the ratio and to
 * the temperature, and how its rise bends on the way up.
 */
export interface Pace {
  readonly pace: number;
  readonly lift: number;
  readonly frailty: number;
  /** Factor on the pace for each e-fold by which a feed is thinner than equal parts. */
  readonly reach: number;
  /** Factor on the pace for each 3 °C above 22 °C. */
  readonly tilt: number;
  /** Exponent on the share of the way to the peak: above 1 it rises late, below 1 early. */
  readonly bend: number;
}

/** The order of the six in vectors and matrices. */
export const PACE_KEYS = [
  'pace',
  'lift',
  'frailty',
  'reach',
  'tilt',
  'bend',
] as const satisfies readonly (keyof Pace)[];

/** The usual starter. */
export const USUAL_PACE: Pace = paceFromLogs(PACE_KEYS.map(() => 0));

/**
 * What is believed of a starter's pace: a normal distribution of the logarithms, as their mean and the lower Cholesky
 * factor of their covariance. Plain numbers, so that it can travel between threads.
 */
export interface PaceBelief {
  readonly mean: readonly number[];
  readonly factor: readonly (readonly number[])[];
  /** How much wider than that its forecasts have turned out to miss; 1 when they miss as believed. */
  readonly width: number;
}

/** Spread of starters around the usual, standard deviations of the logarithms. */
const SPREAD = [0.25, 0.25, 0.5, 0.1, 0.08, 0.25];

/** What is believed of a starter nobody has watched yet. */
export const USUAL_BELIEF: PaceBelief = {
  mean: SPREAD.map(() => 0),
  factor: SPREAD.map((sd, i) => SPREAD.map((_, j) => (i === j ? sd : 0))),
  width: 1,
};

/** A feed has its own mood: standard deviation of the logarithm of growth from one feed to the next. */
export const MOOD = 0.06;

/** What a forecast cannot tell though the pace were known: the mood, and what no law of ours explains. As a logarithm. */
export const UNTOLD = 0.11;

/** The same for a feed by eye: how much it was fed is not known either. */
export const UNTOLD_BY_EYE = 0.25;

/** Unknowns of a draw: the six, and what cannot be told of the feed. */
export const PACE_UNKNOWNS = PACE_KEYS.length + 1;

/** The pace in the middle of a belief. */
export const middlePace = (belief: PaceBelief): Pace => paceFromLogs(belief.mean);

/**
 * The pace of logarithms in the order of {@link PACE_KEYS}.
 *
 * @example paceFromLogs([0, 0, 0, 0]).pace // = 1
 */
export function paceFromLogs(logs: readonly number[]): Pace {
  const [pace, lift, frailty, reach, tilt, bend] = logs.map(Math.exp) as Six;
  return { pace, lift, frailty, reach, tilt, bend };
}

type Six = [number, number, number, number, number, number];

/**
 * One draw from a belief and the feed's mood, for {@link PACE_UNKNOWNS} standard normal numbers.
 *
 * @example drawnPace(USUAL_BELIEF, evenDraws(1, PACE_UNKNOWNS)[0])
 */
export function drawnPace(
  { mean, factor, width }: PaceBelief,
  normal: readonly number[],
  untold = UNTOLD,
): Pace {
  const logs = mean.map(
    (m, i) => m + width * factor[i]!.reduce((sum, f, j) => sum + f * normal[j]!, 0),
  );
  logs[0]! += width * untold * normal[PACE_KEYS.length]!;
  return paceFromLogs(logs);
}

/** Factor of the growth at a quantile given as a standard normal number. */
export const paceAtQuantile = ({ mean, factor, width }: PaceBelief, normal: number): number =>
  Math.exp(mean[0]! + normal * width * Math.hypot(...factor[0]!));

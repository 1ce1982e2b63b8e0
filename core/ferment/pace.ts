/**
 * How one starter differs from the usual: factors on its growth, on its adaptation when it is fed, on the gas it can
 * carry, on the fading of its gluten, and on how fast it starves.
 */
export interface Pace {
  readonly pace: number;
  readonly lag: number;
  readonly lift: number;
  readonly fade: number;
  readonly frailty: number;
}

/** The order of the five in vectors and matrices. */
export const PACE_KEYS = [
  'pace',
  'lag',
  'lift',
  'fade',
  'frailty',
] as const satisfies readonly (keyof Pace)[];

/** The usual starter. */
export const USUAL_PACE: Pace = { pace: 1, lag: 1, lift: 1, fade: 1, frailty: 1 };

/**
 * What is believed of a starter's pace: a normal distribution of the five logarithms, as their mean and the lower
 * Cholesky factor of their covariance. Plain numbers, so that it can travel between threads.
 */
export interface PaceBelief {
  readonly mean: readonly number[];
  readonly factor: readonly (readonly number[])[];
}

/** Spread of starters around the usual, standard deviations of the logarithms. */
const SPREAD = [0.25, 0.6, 0.25, 0.3, 0.5];

/** What is believed of a starter nobody has watched yet. */
export const USUAL_BELIEF: PaceBelief = {
  mean: [0, 0, 0, 0, 0],
  factor: SPREAD.map((sd, i) => SPREAD.map((_, j) => (i === j ? sd : 0))),
};

/** From one feed to the next the same starter differs by so much in its growth: standard deviation of the logarithm. */
const FEED_TO_FEED = 0.07;

/** The pace in the middle of a belief. */
export const middlePace = (belief: PaceBelief): Pace => paceFromLogs(belief.mean);

/** The pace of five logarithms, in the order of {@link PACE_KEYS}. */
export function paceFromLogs(logs: readonly number[]): Pace {
  const [pace, lag, lift, fade, frailty] = logs.map(Math.exp) as [
    number,
    number,
    number,
    number,
    number,
  ];
  return { pace, lag, lift, fade, frailty };
}

/** One draw from a belief and what is usual from feed to feed, for six standard normal numbers. */
export function drawnPace({ mean, factor }: PaceBelief, normal: readonly number[]): Pace {
  const logs = mean.map((m, i) => m + factor[i]!.reduce((sum, f, j) => sum + f * normal[j]!, 0));
  logs[0]! += FEED_TO_FEED * normal[5]!;
  return paceFromLogs(logs);
}

/** Factor of the growth at a quantile given as a standard normal number. */
export const paceAtQuantile = ({ mean, factor }: PaceBelief, normal: number): number =>
  Math.exp(mean[0]! + normal * Math.hypot(...factor[0]!));

/** A mix as this starter takes a feed: the lag tells how ready its cells are. */
export const takenUp = <M extends { readonly ready: number }>(mix: M, { lag }: Pace): M => ({
  ...mix,
  ready: mix.ready * lag,
});

/** The mix before {@link takenUp}. */
export const asMixed = <M extends { readonly ready: number }>(mix: M, { lag }: Pace): M => ({
  ...mix,
  ready: mix.ready / lag,
});

/** How one starter differs from the usual: factors on growth, on adaptation at a feed, and on the gas it can carry. */
export interface Pace {
  readonly pace: number;
  readonly lag: number;
  readonly lift: number;
}

/** The usual starter. */
export const USUAL_PACE: Pace = { pace: 1, lag: 1, lift: 1 };

/** Spread of starters around the usual, standard deviations of the logarithms. */
export const PACE_SPREAD: Pace = { pace: 0.25, lag: 0.6, lift: 0.25 };

/** One moment of a feed. Heights against the band set at the feed. */
export interface Moment {
  readonly hours: number;
  readonly height: number;
  readonly food: number;
  readonly acid: number;
  readonly ph: number;
  /** Active yeast, 1 for a mature starter at its best. */
  readonly vigour: number;
  readonly gluten: number;
  readonly hunger: number;
  readonly celsius: number;
}

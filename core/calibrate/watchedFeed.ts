import {
  type Conditions,
  type FeedParts,
  type Forecast,
  type Mix,
  type Pace,
  feed,
  forecast,
  simulate,
} from '../ferment';
import { highest } from '../measure';
import { type Sighting } from './reading';

/** A stretch of time a mix stood, hours. */
export interface MixBefore {
  readonly mix: Mix;
  readonly conditions: Omit<Conditions, 'pace'>;
  readonly hours: number;
}

/**
 * A feed that was watched: the mix of the feed before and how long it stood, what it was fed, where it stood then, and
 * what was read. The feed before is gone through again for every pace that is tried: a quick or frail starter comes to this
 * feed in another state.
 */
export interface WatchedFeed {
  readonly before: MixBefore;
  readonly parts: FeedParts;
  /** Temperature of the fresh mix, °C, where it was measured. */
  readonly celsius?: number;
  readonly conditions: Omit<Conditions, 'pace'>;
  readonly readings: readonly Sighting[];
  /** Fed by eye: what it was fed is known so roughly that the readings say less. */
  readonly rough?: boolean;
}

/**
 * The mix of a watched feed as it is fed by a starter of some pace.
 *
 * @example mixedIn(watched, USUAL_PACE).massG
 */
export function mixedIn({ before, parts, celsius }: WatchedFeed, pace: Pace): Mix {
  const stood = simulate(before.mix, { ...before.conditions, pace }, before.hours);
  const mixed = feed(stood, parts);
  return celsius === undefined ? mixed : { ...mixed, celsius };
}

/** The forecast of a watched feed for a starter of some pace. */
export const watchedForecast = (
  watchedFeed: WatchedFeed,
  pace: Pace,
  hours = horizonOf(watchedFeed.readings),
): Forecast => forecast(mixedIn(watchedFeed, pace), { ...watchedFeed.conditions, pace }, hours);

/** Far enough to see a late peak behind the last reading. */
export const horizonOf = (readings: readonly Sighting[]) =>
  1.5 * Math.max(highest(readings.map(({ afterH }) => afterH)), 6) + 6;

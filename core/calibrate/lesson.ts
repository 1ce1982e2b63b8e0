import { Matrix } from 'ml-matrix';

import { type Forecast, PACE_KEYS, forecast, paceFromLogs } from '../ferment';
import { type WatchedFeed, watchedForecast, horizonOf, mixedIn } from './watchedFeed';
import { errorOf, missOf } from './reading';

/**
 * What a watched feed says of the pace, near some pace: its misses in units of their error, and how they and the hour of the
 * peak change with each of the pace's logarithms and with the feed's own mood.
 */
export interface Lesson {
  readonly misses: readonly number[];
  /** One row for each reading, one column for each logarithm. */
  readonly slopes: Matrix;
  readonly moodSlopes: readonly number[];
  /** Logarithm of the hour of the peak, and its slopes; null where there is none to see. */
  readonly peak: { readonly logH: number; readonly slopes: readonly number[] } | null;
}

/** Readings of a feed by eye miss by so much more. */
const FED_BY_EYE = 2;

/** How far each logarithm is moved to see what changes: enough to stand out from the steps of the simulation. */
const STEP = 0.1;

/** The lesson of a watched feed near the pace of some logarithms. */
export function lessonOf(watchedFeed: WatchedFeed, logs: readonly number[]): Lesson {
  const { readings } = watchedFeed;
  const pace = paceFromLogs(logs);
  const hours = horizonOf(readings);
  const mixed = mixedIn(watchedFeed, pace);
  const under = (growth: number) =>
    forecast(
      mixed,
      { ...watchedFeed.conditions, pace: { ...pace, pace: growth * pace.pace } },
      hours,
    );
  const here = under(1);
  const lessSure = watchedFeed.rough ? FED_BY_EYE : 1;
  const errors = readings.map((reading) => lessSure * errorOf(reading, here));
  const missesBy = (f: Forecast) => readings.map((reading, r) => missOf(reading, f) / errors[r]!);
  const misses = missesBy(here);
  const slopesBy = (f: Forecast) => missesBy(f).map((miss, r) => (miss - misses[r]!) / STEP);
  const moved = PACE_KEYS.map((_, k) =>
    watchedForecast(
      watchedFeed,
      paceFromLogs(logs.map((log, i) => (i === k ? log + STEP : log))),
      hours,
    ),
  );
  const peaks = moved.map(({ peaksAtH }) => peaksAtH);
  return {
    misses,
    slopes: new Matrix(moved.map(slopesBy)).transpose(),
    moodSlopes: slopesBy(under(Math.exp(STEP))),
    peak:
      here.peaksAtH === null || peaks.includes(null)
        ? null
        : {
            logH: Math.log(here.peaksAtH),
            slopes: peaks.map((h) => Math.log(h! / here.peaksAtH!) / STEP),
          },
  };
}

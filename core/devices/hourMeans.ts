import { HOUR, type Instant, MINUTE } from '../measure';

/** What a thermometer said in the hour that is going on. */
export interface HourSoFar {
  /** Counted since 1970 in UTC. */
  readonly hour: number;
  readonly sum: number;
  readonly count: number;
  readonly from: Instant;
  readonly until: Instant;
}

/** An hour counts that was listened to for so long. */
const ENOUGH = 20 * MINUTE;

/**
 * Takes a reading in.
 *
 * @returns the hour that goes on, and the one before where it has just ended
 * @example intoHour(null, 0, 21).ended // = null
 */
export function intoHour(
  before: HourSoFar | null,
  at: Instant,
  celsius: number,
): {
  readonly now: HourSoFar;
  readonly ended: { readonly hour: number; readonly celsius: number } | null;
} {
  // oxfmt-ignore
  const hour = Math.floor(at / HOUR);
  if (before?.hour === hour)
    return {
      now: { ...before, sum: before.sum + celsius, count: before.count + 1, until: at },
      ended: null,
    };
  const whole = before !== null && before.until - before.from >= ENOUGH && hour > before.hour;
  return {
    now: { hour, sum: celsius, count: 1, from: at, until: at },
    ended: whole ? { hour: before.hour, celsius: before.sum / before.count } : null,
  };
}

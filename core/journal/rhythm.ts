import { DAY, HOUR, type Instant, type KitchenTime, instantAt } from '../measure';

/** A promise on a jar's card: how often it is fed, and when. */
export interface Rhythm {
  /** Hours from feed to feed; null for a jar that is fed only before a bake. */
  readonly everyH: number | null;
  /** The usual hour of the kitchen's day. */
  readonly at?: number;
  /** The usual day of the week, 0 is Monday. */
  readonly on?: number;
  /** Feeds in a row before a levain is built. */
  readonly buildUp?: number;
}

/** Rhythms of less than a day repeat through the day from the usual hour. */
const A_DAY_H = 24;
const A_WEEK_H = 7 * 24;

/**
 * When a jar is to be fed next by its rhythm: so long after its last feed, moved to the usual hour and weekday nearest to that;
 * without a usual hour to the nearest half hour, as people say their hours.
 *
 * @param fedAt the last feed
 * @returns null for a jar that is fed only before a bake
 * @example nextByRhythm({ everyH: 24, at: 8 }, fedAt, time)
 */
export function nextByRhythm(
  { everyH, at, on }: Rhythm,
  fedAt: Instant,
  time: KitchenTime,
): Instant | null {
  if (everyH === null) return null;
  // Whole days are days of the clock, also where it is put forward or back between two of them.
  const whole = everyH % A_DAY_H === 0;
  const later = everyH * HOUR;
  const due = whole ? instantAt(fedAt + time.offset(fedAt) + later, time) : fedAt + later;
  if (at === undefined) return onTheHalfHour(due, time);
  const weekly = on !== undefined && everyH >= A_WEEK_H;
  const apart = weekly ? 7 * DAY : Math.min(A_DAY_H, everyH) * HOUR;
  const local = due + time.offset(due);
  // A Monday at midnight, or the midnight of that day.
  const from = weekly ? monday(local) + on * DAY : Math.floor(local / DAY) * DAY;
  const steps = Math.round((local - from - at * HOUR) / apart);
  const nearest = instantAt(from + at * HOUR + steps * apart, time);
  // Never on the heels of the last feed.
  return nearest > fedAt + (everyH * HOUR) / 2 ? nearest : nearest + apart;
}

const HALF_HOUR = HOUR / 2;

/** The half hour of the kitchen's clock that is nearest. */
function onTheHalfHour(at: Instant, time: KitchenTime): Instant {
  const local = time.offset(at);
  return Math.round((at + local) / HALF_HOUR) * HALF_HOUR - local;
}

/** The Monday of a local time, at midnight; 1 January 1970 was a Thursday. */
const monday = (local: number): number =>
  Math.floor((local + 3 * DAY) / (7 * DAY)) * 7 * DAY - 3 * DAY;

/**
 * How long after its hour a feed of a rhythm is only a little late, ms: a sixth of the time between feeds, a day at most.
 *
 * @example graceOf({ everyH: 12 }) // = 2 * HOUR
 * @example graceOf({ everyH: 24 * 30 }) // = DAY
 */
export const graceOf = ({ everyH }: Rhythm): number =>
  Math.min(DAY, ((everyH ?? A_WEEK_H) * HOUR) / 6);

import { tzOffset } from '@date-fns/tz';

/** An instant in milliseconds since 1970 UTC. */
export type Instant = number;

export const HOUR = 3_600_000;
export const DAY = 24 * HOUR;

/** Local time in a kitchen: `offset(instant)` is what to add to UTC, in milliseconds. */
export interface KitchenTime {
  readonly zone: string;
  offset(instant: Instant): number;
  /** Hour of the local day, 0 up to 24, with its fraction. */
  hourOfDay(instant: Instant): number;
}

/**
 * Local time in an IANA zone, right across clock changes. Asking the platform for an offset is slow, so whole UTC days
 * without a change are remembered.
 * @throws RangeError for an unknown zone.
 */
export function kitchenTime(zone: string): KitchenTime {
  const ask = (instant: Instant) => {
    const minutes = tzOffset(zone, new Date(instant));
    if (Number.isNaN(minutes)) throw new RangeError(`unknown time zone: ${zone}`);
    return minutes * 60_000;
  };
  const wholeDays = new Map<number, number | null>();
  const offset = (instant: Instant) => {
    const day = Math.floor(instant / DAY);
    let known = wholeDays.get(day);
    if (known === undefined) {
      const first = ask(day * DAY);
      known = first === ask((day + 1) * DAY) ? first : null;
      wholeDays.set(day, known);
    }
    return known ?? ask(instant);
  };
  offset(0);
  return {
    zone,
    offset,
    hourOfDay: (instant) => {
      const local = instant + offset(instant);
      return (((local % DAY) + DAY) % DAY) / HOUR;
    },
  };
}

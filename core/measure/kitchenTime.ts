import { tzOffset } from '@date-fns/tz';

/** An instant in milliseconds since 1970 UTC. */
export type Instant = number;

export const MINUTE = 60_000;
export const HOUR = 3_600_000;
export const DAY = 24 * HOUR;

/** Clocks of thermometers and cameras that were never set begin before this. */
export const CLOCKS_SET_SINCE: Instant = Date.UTC(2015, 0, 1);

/** A zone that holds from an instant on. */
export interface ZoneSince {
  readonly from: Instant;
  readonly zone: string;
}

/** Local time in a kitchen: `offset(instant)` is what to add to UTC, in milliseconds. */
export interface KitchenTime {
  /** The zone it is in now. */
  readonly zone: string;
  /** The zones it has been in, in order. */
  readonly zones: readonly ZoneSince[];
  offset(instant: Instant): number;
  /** Hour of the local day, 0 up to 24, with its fraction. */
  hourOfDay(instant: Instant): number;
}

const zonesKnown = new Map<string, boolean>();

/**
 * Whether a text names an IANA zone that this device knows.
 *
 * @example isZone('Harbour/Quay') // = false
 */
export function isZone(zone: string): boolean {
  let known = zonesKnown.get(zone);
  if (known === undefined) {
    known = !Number.isNaN(tzOffset(zone, new Date(0)));
    zonesKnown.set(zone, known);
  }
  return known;
}

/**
 * Local time in a kitchen, right across clock changes and moves to another zone.
 *
 * @param zones an IANA zone, or several in the order in which they held
 * @throws RangeError for an unknown zone.
 * @example kitchenTime('UTC').hourOfDay(6.5 * HOUR) // = 6.5
 */
export function kitchenTime(zones: string | readonly ZoneSince[]): KitchenTime {
  const history = typeof zones === 'string' ? [{ from: -Infinity, zone: zones }] : zones;
  const offsets = history.map(({ from, zone }) => ({ from, offset: offsetIn(zone) }));
  const last = offsets[offsets.length - 1]!.offset;
  const offset =
    offsets.length === 1
      ? last
      : (instant: Instant) =>
          (offsets.findLast(({ from }) => from <= instant) ?? offsets[0]!).offset(instant);
  return {
    zone: history[history.length - 1]!.zone,
    zones: history,
    offset,
    hourOfDay: (instant) => {
      const local = instant + offset(instant);
      return (((local % DAY) + DAY) % DAY) / HOUR;
    },
  };
}

/**
 * The offset of a zone, milliseconds to add to UTC. Asking the platform for one is slow, so whole UTC days without a change
 * are remembered.
 */
function offsetIn(zone: string): (instant: Instant) => number {
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
  return offset;
}

/**
 * The instant of a local date and time.
 *
 * @param local the local time as if it were UTC, milliseconds
 * @returns the instant; of an hour that clocks leave out the one after it, of an hour that comes twice the first
 * @example instantAt(Date.UTC(2026, 2, 13, 18, 20), kitchenTime('Pacific/Auckland')) // = Date.UTC(2026, 2, 13, 5, 20)
 */
export function instantAt(local: number, time: KitchenTime): Instant {
  // The offset before a change and the one after it: whichever gives the local time back is right.
  const guesses = [time.offset(local - DAY), time.offset(local + DAY)].map((o) => local - o);
  const right = guesses.filter((at) => at + time.offset(at) === local);
  return right.length > 0 ? Math.min(right[0]!, right[right.length - 1]!) : guesses[0]!;
}

/**
 * The midnights with which the days of a kitchen begin, from the day an instant lies in up to another instant. Days in which
 * clocks are put forward or back are shorter or longer than others.
 *
 * @example midnights(0, 2 * DAY, kitchenTime('UTC')) // = [0, DAY]
 */
export function midnights(from: Instant, until: Instant, time: KitchenTime): readonly Instant[] {
  const all: Instant[] = [];
  const today = Math.floor((from + time.offset(from)) / DAY) * DAY;
  for (let local = today; ; local += DAY) {
    const at = instantAt(local, time);
    if (at >= until) return all;
    all.push(at);
  }
}

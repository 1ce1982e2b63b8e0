import { type Place } from '../ferment';
import {
  type Answer,
  MOST_HOURS_AT_ONCE,
  type NewEntry,
  type Objection,
  type Track,
  answer,
  celsiusIn,
  isoOf,
  timeObjections,
} from '../journal';
import { DAY, HOUR, type Instant, type KitchenTime } from '../measure';

/** Hours of a place, as a thermometer gave them: counted since 1970 in UTC, with the mean of each, °C. */
export type MeasuredHours = readonly { readonly hour: number; readonly celsius: number }[];

/** What is nearer than this is the same reading, °C. */
const SAME = 0.05;
/** Where nothing was measured for longer, a new entry begins, hours. */
const LONGEST_GAP = 24;

/**
 * A thermometer's hours are laid over a place. Hours that are there already, with the same warmth, are left out.
 *
 * @param hours oldest first
 * @param known what was measured there before
 * @returns objections to `hours`
 * @example layOver('counter', log.hours, null, now)
 */
export function layOver(
  place: string,
  hours: MeasuredHours,
  known: Track | null,
  now: Instant,
): Answer {
  const object = (message: string) => answer([], [{ field: 'hours', message }]);
  const past = hours.filter(({ hour }) => hour * HOUR <= now);
  if (past.length === 0)
    return object('All of it is still to come. Say how far the clock of the thermometer was off.');
  const fresh = past.filter(
    ({ hour, celsius }) => !known || !(Math.abs(celsiusAtHour(known, hour) - celsius) < SAME),
  );
  if (fresh.length === 0) return object('All of it is in the log already.');
  const entries: { first: number; celsius: (number | null)[] }[] = [];
  for (const { hour, celsius } of fresh) {
    const last = entries[entries.length - 1];
    const gap = last ? hour - (last.first + last.celsius.length) : 0;
    const rounded = Math.round(10 * celsius) / 10;
    if (last && gap <= LONGEST_GAP && last.celsius.length + gap < MOST_HOURS_AT_ONCE)
      last.celsius.push(...Array<null>(gap).fill(null), rounded);
    else entries.push({ first: hour, celsius: [rounded] });
  }
  return answer(
    entries.map(({ first, celsius }): NewEntry => ({
      kind: 'measured',
      at: isoOf(first * HOUR),
      place,
      celsius,
    })),
  );
}

/** What an hour was measured at; NaN where it was not. */
const celsiusAtHour = (known: Track, hour: number): number => celsiusIn(known, (hour + 0.5) * HOUR);

/**
 * The lowest and the highest of the last day are written down for a place, as a thermometer kept them.
 *
 * @param read degrees, NaN for what cannot be read; `at` when it was read
 * @returns objections to `low`, `high` or `at`
 * @example readLowHigh('counter', { low: 17.5, high: 22, at: now }, now)
 */
export function readLowHigh(
  place: string,
  { low, high, at }: { readonly low: number; readonly high: number; readonly at: Instant },
  now: Instant,
): Answer {
  const objections: Objection[] = [...timeObjections(at, now)];
  for (const [field, degrees] of [
    ['low', low],
    ['high', high],
  ] as const)
    if (Number.isNaN(degrees)) objections.push({ field, message: 'A temperature, please.' });
    else if (degrees < -30 || degrees > 60)
      objections.push({ field, message: 'No place in a house is as cold or as warm.' });
  if (low > high) objections.push({ field: 'high', message: 'That is lower than the lowest.' });
  return answer([{ kind: 'lowHigh', at: isoOf(at), place, low, high }], objections);
}

/** What a log is too short for: fewer hours of the day than this say nothing of the rest. */
const ENOUGH_HOURS = 20;
/** Weather changes: what is usual is what the last two weeks were like. */
const USUAL_DAYS = 14;

/**
 * The usual day of a place as its thermometer tells it: the mean of each hour of the day, and how far single days were from
 * it. Null where too few hours of the day were measured.
 */
export function usualDay(place: Place, hours: MeasuredHours, time: KitchenTime): Place | null {
  const last = hours[hours.length - 1]?.hour ?? 0;
  const byHour = new Map<number, number[]>();
  for (const { hour, celsius } of hours) {
    if ((last - hour) * HOUR > USUAL_DAYS * DAY) continue;
    const ofDay = Math.floor(time.hourOfDay((hour + 0.5) * HOUR));
    byHour.set(ofDay, [...(byHour.get(ofDay) ?? []), celsius]);
  }
  if (byHour.size < ENOUGH_HOURS) return null;
  const mean = (of: readonly number[]) => of.reduce((a, b) => a + b, 0) / of.length;
  let squares = 0;
  let count = 0;
  const points = [...byHour]
    .sort(([a], [b]) => a - b)
    .map(([hour, celsius]) => {
      const usual = mean(celsius);
      for (const one of celsius) {
        squares += (one - usual) ** 2;
        count++;
      }
      return [hour + 0.5, Math.round(10 * usual) / 10] as const;
    });
  const sd = Math.round(10 * Math.max(0.3, Math.min(3, Math.sqrt(squares / count)))) / 10;
  return { ...place, temperature: { kind: 'hourly', points }, sd };
}

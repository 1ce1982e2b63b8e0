import { type Place, dayTable } from '../ferment';
import { DAY, HOUR, type KitchenTime, highest, lowest } from '../measure';
import { type LowHigh, type Measured, instantOf } from './events';

/** What thermometers gave of a place, by the hour. */
export interface Track {
  /** The first hour that was measured, hours since 1970 in UTC. */
  readonly firstHour: number;
  /** The mean of each hour from then on, °C; NaN where nothing was measured. */
  readonly celsius: Float32Array;
}

/** Every hour of many years fits; an entry of another century is a thermometer whose clock was off. */
const MOST_HOURS = 60 * 366 * 24;

/** A room that nobody knows better is coldest before dawn and warmest in the afternoon, hours of the day. */
const COLDEST = 5;
const WARMEST = 15;
/** A day that is flatter than this on the card says nothing of its shape, °C. */
const FLAT = 0.5;

/**
 * The hours of a place that were measured; where two thermometers tell of the same hour, what was said last. Of a day of which
 * only the lowest and the highest are known, its hours go the way the place's own day does, between the two.
 *
 * @param said oldest first
 * @param placeAt the place as it was on its card at an instant
 * @example trackOf([], () => undefined, kitchenTime('UTC')) // = null
 */
export function trackOf(
  said: readonly (Measured | LowHigh)[],
  placeAt: (at: number) => Place | undefined,
  time: KitchenTime,
): Track | null {
  const hours = new Map<number, number>();
  for (const event of said)
    if (event.kind === 'measured') {
      const first = Math.round(instantOf(event) / HOUR);
      event.celsius.forEach((celsius, i) => {
        if (celsius !== null) hours.set(first + i, celsius);
      });
    } else {
      const last = Math.ceil(instantOf(event) / HOUR);
      const shape = shapeOf(placeAt(instantOf(event)));
      for (let hour = last - 24; hour < last; hour++) {
        const part = shape(time.hourOfDay((hour + 0.5) * HOUR));
        hours.set(hour, event.low + part * (event.high - event.low));
      }
    }
  if (hours.size === 0) return null;
  const known = [...hours.keys()];
  const firstHour = lowest(known);
  const length = Math.min(MOST_HOURS, highest(known) - firstHour + 1);
  const celsius = new Float32Array(length).fill(NaN);
  for (const [hour, value] of hours)
    if (hour - firstHour < length) celsius[hour - firstHour] = value;
  return { firstHour, celsius };
}

/** How far up between its lowest and its highest a place is at an hour of the day, 0 to 1. */
function shapeOf(place: Place | undefined): (hourOfDay: number) => number {
  const day = place ? dayTable(place.temperature) : new Float64Array(97);
  const [low, high] = [lowest([...day]), highest([...day])];
  if (high - low >= FLAT)
    return (hourOfDay) => (day[Math.round(4 * hourOfDay)]! - low) / (high - low);
  return (hourOfDay) => {
    const up = WARMEST - COLDEST;
    const since = (hourOfDay - COLDEST + 24) % 24;
    const turn = since < up ? since / up : 1 + (since - up) / (24 - up);
    return (1 - Math.cos(Math.PI * turn)) / 2;
  };
}

/**
 * What was measured at an instant, °C, in straight lines from the middle of one hour to the next; NaN where nothing was.
 *
 * @example celsiusIn({ firstHour: 0, celsius: Float64Array.of(20, 22) }, HOUR) // = 21.0
 */
export function celsiusIn({ firstHour, celsius }: Track, at: number): number {
  const within = at / HOUR - firstHour;
  const own = celsius[Math.floor(within)] ?? NaN;
  if (Number.isNaN(own)) return NaN;
  const before = Math.floor(within - 0.5);
  const [a, b] = [celsius[before] ?? NaN, celsius[before + 1] ?? NaN];
  return Number.isNaN(a) || Number.isNaN(b) ? own : a + (within - 0.5 - before) * (b - a);
}

/** What is known of a place by its thermometers. */
export interface TrackFacts {
  readonly days: number;
  readonly from: number;
  readonly until: number;
  readonly low: number;
  readonly high: number;
}

/**
 * How much of a place was measured, and how cold and warm it got.
 *
 * @example trackFacts({ firstHour: 0, celsius: Float32Array.of(19, 23) }).high // = 23
 */
export function trackFacts({ firstHour, celsius }: Track): TrackFacts {
  const known = [...celsius].filter((one) => !Number.isNaN(one));
  return {
    days: (known.length * HOUR) / DAY,
    from: firstHour * HOUR,
    until: (firstHour + celsius.length) * HOUR,
    low: lowest(known),
    high: highest(known),
  };
}

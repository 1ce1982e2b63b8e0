import { type Place, dayTable } from '../ferment';
import { DAY, HOUR, type Instant, type KitchenTime } from '../measure';
import {
  type Arranged,
  type JarEvent,
  type JournalEvent,
  type LowHigh,
  type Measured,
  instantOf,
} from './events';
import { type Track, celsiusIn, trackOf } from './track';

/** A stretch of time in one place, until the next stay begins. */
export interface Stay {
  readonly from: Instant;
  readonly place: string;
}

/** All that is known of a place, oldest first. */
export interface PlaceHistory {
  readonly arranged: readonly Arranged[];
  /** What thermometers gave of it. */
  readonly measured: readonly (Measured | LowHigh)[];
}

/** How places and their temperatures changed over time. */
export type Places = ReadonlyMap<string, PlaceHistory>;

/**
 * The places a kitchen has, with their history, from its live events.
 *
 * @example placesOf(logOf(journal, now).all).get('counter')
 */
export function placesOf(live: readonly JournalEvent[]): Places {
  const places = new Map<string, { arranged: Arranged[]; measured: (Measured | LowHigh)[] }>();
  const historyOf = (id: string) => {
    let history = places.get(id);
    if (!history) places.set(id, (history = { arranged: [], measured: [] }));
    return history;
  };
  for (const event of live)
    if (event.kind === 'arranged') historyOf(event.place.id).arranged.push(event);
    else if (event.kind === 'measured' || event.kind === 'lowHigh')
      historyOf(event.place).measured.push(event);
  // A thermometer tells of no place that nobody set up.
  for (const [id, { arranged }] of places) if (arranged.length === 0) places.delete(id);
  return places;
}

/**
 * A place as it was at an instant; before it was first set up it counts as it was then.
 *
 * @example placeAt(new Map(), 'counter', 0) // = undefined
 */
export function placeAt(places: Places, id: string, at: Instant): Place | undefined {
  const history = places.get(id)?.arranged;
  if (history?.length === 1) return history[0]!.place;
  return (history?.findLast((event) => instantOf(event) <= at) ?? history?.[0])?.place;
}

/** How warm a place is, °C: as a thermometer gave it, else by its card. A room where nothing is known of it. */
export const celsiusOf = (places: Places, place: string, at: Instant, time: KitchenTime): number =>
  airOf([{ from: at, place }], at, places, time)(0);

/**
 * What was measured in a place; null where nothing was.
 *
 * @example trackIn(places, 'counter', time)?.celsius
 */
export function trackIn(places: Places, id: string, time: KitchenTime): Track | null {
  const history = places.get(id);
  if (!history || history.measured.length === 0) return null;
  const known = tracks.get(history);
  if (known?.time === time) return known.track;
  const track = trackOf(history.measured, (at) => placeAt(places, id, at), time);
  tracks.set(history, { time, track });
  return track;
}

const tracks = new WeakMap<
  PlaceHistory,
  { readonly time: KitchenTime; readonly track: Track | null }
>();

/** A thermometer beside the jar is so much less off than what stands on the card of its place. */
const MEASURED_IS_OFF = 0.3;

/**
 * The air around a jar, °C by hours from an instant, over its stays and the changes its places went through; what a thermometer
 * gave goes before what stands on a card.
 *
 * @param shiftCelsius added throughout: how far the thermometer may be off
 * @example airOf(jar.stays, jar.since, places, time)(2.5)
 */
export function airOf(
  stays: readonly Stay[],
  since: Instant,
  places: Places,
  time: KitchenTime,
  shiftCelsius = 0,
): (hours: number) => number {
  const stretches: { from: Instant; day: Float64Array; track: Track | null }[] = [];
  stays.forEach((stay, i) => {
    const until = stays[i + 1]?.from ?? Infinity;
    const first = placeAt(places, stay.place, stay.from);
    const track = trackIn(places, stay.place, time);
    if (first) stretches.push({ from: stay.from, day: tableOf(first), track });
    for (const change of places.get(stay.place)?.arranged ?? []) {
      const at = instantOf(change);
      if (at > stay.from && at < until)
        stretches.push({ from: at, day: tableOf(change.place), track });
    }
  });
  if (stretches.length === 0) stretches.push({ from: since, day: UNKNOWN_PLACE, track: null });
  let current = 0;
  let offsetDay = NaN;
  let offset = 0;
  return (hours) => {
    const at = since + hours * HOUR;
    while (current + 1 < stretches.length && stretches[current + 1]!.from <= at) current++;
    while (current > 0 && stretches[current]!.from > at) current--;
    const { day, track } = stretches[current]!;
    const measured = track === null ? NaN : celsiusIn(track, at);
    if (!Number.isNaN(measured)) return measured + MEASURED_IS_OFF * shiftCelsius;
    // An offset holds for the hour: zones change on the hour.
    const hourNumber = Math.floor(at / HOUR);
    if (hourNumber !== offsetDay) {
      offsetDay = hourNumber;
      offset = time.offset(at);
    }
    const local = at + offset;
    const quarter = ((local - Math.floor(local / DAY) * DAY) / HOUR) * 4;
    const below = Math.floor(quarter);
    return day[below]! + (quarter - below) * (day[below + 1]! - day[below]!) + shiftCelsius;
  };
}

/**
 * The air where a jar stood, and goes on standing, by instants, as its events tell it.
 *
 * @example airWhere(events, { places, time })(now)
 */
export function airWhere(
  events: readonly JarEvent[],
  { places, time }: { readonly places: Places; readonly time: KitchenTime },
): (at: Instant) => number {
  const stays = events.flatMap((event): readonly Stay[] =>
    event.kind === 'started' || event.kind === 'moved'
      ? [{ from: instantOf(event), place: event.place }]
      : [],
  );
  const since = stays[0]?.from ?? 0;
  const air = airOf(stays, since, places, time);
  return (at) => air((at - since) / HOUR);
}

/** A room, where nothing is known of a place. */
export const UNKNOWN_CELSIUS = 21;
const UNKNOWN_PLACE = dayTable({ kind: 'constant', celsius: UNKNOWN_CELSIUS });

const tables = new WeakMap<Place, Float64Array>();

function tableOf(place: Place): Float64Array {
  let table = tables.get(place);
  if (!table) tables.set(place, (table = dayTable(place.temperature)));
  return table;
}

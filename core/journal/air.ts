import { type Place, dayTable } from '../ferment';
import { DAY, HOUR, type Instant, type KitchenTime } from '../measure';
import { type Arranged, type JournalEvent, instantOf } from './events';

/** A stretch of time in one place, until the next stay begins. */
export interface Stay {
  readonly from: Instant;
  readonly place: string;
}

/** How places and their temperatures changed over time. */
export type Places = ReadonlyMap<string, readonly Arranged[]>;

/** The places a kitchen has, with their history, from its live events. */
export function placesOf(live: readonly JournalEvent[]): Places {
  const places = new Map<string, Arranged[]>();
  for (const event of live)
    if (event.kind === 'arranged') {
      const history = places.get(event.place.id);
      if (history) history.push(event);
      else places.set(event.place.id, [event]);
    }
  return places;
}

/** A place as it was at an instant; before it was first set up it counts as it was then. */
export function placeAt(places: Places, id: string, at: Instant): Place | undefined {
  const history = places.get(id);
  if (history?.length === 1) return history[0]!.place;
  return (history?.findLast((event) => instantOf(event) <= at) ?? history?.[0])?.place;
}

/**
 * The air around a jar, °C by hours from an instant, over its stays and the changes its places went through.
 *
 * @param shiftCelsius added throughout: how far the thermometer may be off
 */
export function airOf(
  stays: readonly Stay[],
  since: Instant,
  places: Places,
  time: KitchenTime,
  shiftCelsius = 0,
): (hours: number) => number {
  const stretches: { from: Instant; day: Float64Array }[] = [];
  stays.forEach((stay, i) => {
    const until = stays[i + 1]?.from ?? Infinity;
    const first = placeAt(places, stay.place, stay.from);
    if (first) stretches.push({ from: stay.from, day: tableOf(first) });
    for (const change of places.get(stay.place) ?? []) {
      const at = instantOf(change);
      if (at > stay.from && at < until) stretches.push({ from: at, day: tableOf(change.place) });
    }
  });
  if (stretches.length === 0) stretches.push({ from: since, day: UNKNOWN_PLACE });
  let current = 0;
  let offsetDay = NaN;
  let offset = 0;
  return (hours) => {
    const at = since + hours * HOUR;
    while (current + 1 < stretches.length && stretches[current + 1]!.from <= at) current++;
    while (current > 0 && stretches[current]!.from > at) current--;
    // An offset holds for the hour: zones change on the hour.
    const hourNumber = Math.floor(at / HOUR);
    if (hourNumber !== offsetDay) {
      offsetDay = hourNumber;
      offset = time.offset(at);
    }
    const local = at + offset;
    const quarter = ((local - Math.floor(local / DAY) * DAY) / HOUR) * 4;
    const below = Math.floor(quarter);
    const day = stretches[current]!.day;
    return day[below]! + (quarter - below) * (day[below + 1]! - day[below]!) + shiftCelsius;
  };
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

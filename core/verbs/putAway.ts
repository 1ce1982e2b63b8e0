import { type Place } from '../ferment';
import { type Jar, type Stay } from '../journal';
import { HOUR, type Instant } from '../measure';
import { type DoneFeed } from './feedJar';

/** Where a fed jar goes: into a place, or first somewhere else for some hours. */
export interface PutAway {
  readonly place: string;
  /** Where it stands before that, and for how long. */
  readonly first?: { readonly place: string; readonly hours: number };
}

/** A jar that has stood out of the cold for longer was not taken out for this feed alone. */
const OUT_FOR_A_FEED = 12 * HOUR;

/**
 * Where a fed jar goes unless the baker says otherwise: back into the cold if it lives there and was only taken out for its
 * feed, else it stays where it is.
 *
 * @param home where it lives
 * @example goesBackTo(places, jar, homeOf(events, now), now) // e.g. 'fridge'
 */
export function goesBackTo(
  places: readonly Place[],
  { stays }: Pick<Jar, 'stays'>,
  home: string | null,
  now: Instant,
): string {
  const { place: here, from } = stays[stays.length - 1]!;
  const cold = places.some(({ id, kind }) => id === home && kind === 'fridge');
  return home !== null && cold && now - from <= OUT_FOR_A_FEED ? home : here;
}

/**
 * How a jar is put into a place: before the fridge it stands out, where it is, or on the counter when it came out of the cold.
 *
 * @param hours that it stands out before the cold
 * @example putAwayTo(places, fridge, 'fridge', 1.5) // { place: 'fridge', first: { place: 'counter', hours: 1.5 } }
 */
export function putAwayTo(
  places: readonly Place[],
  place: Place,
  here: string,
  hours: number,
): PutAway {
  if (place.kind !== 'fridge') return { place: place.id };
  const out =
    places.find(({ id, kind }) => id === here && kind !== 'fridge') ??
    places.find(({ kind }) => kind === 'counter') ??
    places.find(({ kind }) => kind !== 'fridge');
  return out ? { place: place.id, first: { place: out.id, hours } } : { place: place.id };
}

/** The places a jar passes through that is put away so, from an instant on. */
export const staysOf = ({ place, first }: PutAway, from: Instant): readonly Stay[] =>
  first && first.hours > 0
    ? [
        { from, place: first.place },
        { from: from + first.hours * HOUR, place },
      ]
    : [{ from, place }];

/**
 * Where a jar stands right after its feed, and where it goes then.
 *
 * @example putAwayAfter(putAway, now, 'counter').then
 */
export function putAwayAfter(
  putAway: PutAway,
  fedAt: Instant,
  here: string,
): Pick<DoneFeed, 'place' | 'then'> {
  const [now, later] = staysOf(putAway, fedAt);
  return {
    place: now!.place === here ? null : now!.place,
    then: later ? { place: later.place, at: later.from } : null,
  };
}

import { USUAL_PLACES } from '../ferment';
import { type JarCard, type JournalEvent, instantOf } from './events';

/** New names for the keys in a journal; what is not given stays. */
export interface NewKeys {
  readonly jar?: (id: string) => string;
  readonly entry?: (id: string) => string;
  readonly tub?: (id: string) => string;
  readonly place?: (id: string) => string;
}

const same = (id: string) => id;

/**
 * A journal with other keys: wherever an entry names a jar, another entry, a tub or a place, it names it anew.
 *
 * @example rekeyed(events, { jar: jarsByStart(events) })
 */
export function rekeyed(
  events: readonly JournalEvent[],
  { jar = same, entry = same, tub = same, place = same }: NewKeys,
): readonly JournalEvent[] {
  // One time of a wish that comes back is named by the wish and its day.
  const wish = (id: string) => {
    const [, series, day] = /^(.*)( \d{4}-\d\d-\d\d)$/.exec(id) ?? [];
    return series === undefined ? entry(id) : `${entry(series)}${day}`;
  };
  const card = (of: JarCard): JarCard => ({
    ...of,
    ...(of.tub === undefined ? {} : { tub: tub(of.tub) }),
    ...(of.bowl?.wish === undefined ? {} : { bowl: { ...of.bowl, wish: wish(of.bowl.wish) } }),
  });
  const named = (event: JournalEvent): JournalEvent => {
    switch (event.kind) {
      case 'started':
        return {
          ...event,
          card: card(event.card),
          place: place(event.place),
          ...(event.from === undefined ? {} : { from: jar(event.from) }),
        };
      case 'described':
        return { ...event, card: card(event.card) };
      case 'fed':
        return event.tub === undefined ? event : { ...event, tub: tub(event.tub) };
      case 'stocked':
      case 'tubWeighed':
      case 'tubGone':
        return { ...event, tub: tub(event.tub) };
      case 'backedUp':
        return event.drying === undefined ? event : { ...event, drying: entry(event.drying) };
      case 'baked':
        return { ...event, of: entry(event.of) };
      case 'pictured':
        return event.of === undefined ? event : { ...event, of: entry(event.of) };
      case 'backupUsed':
      case 'backupTended':
        return { ...event, backup: entry(event.backup) };
      case 'lookedOver': {
        const name = event.what === 'jar' ? jar : event.what === 'tub' ? tub : entry;
        return { ...event, of: name(event.of) };
      }
      case 'lotMoved':
        return { ...event, lot: entry(event.lot) };
      case 'lotsUsed':
        return { ...event, lots: event.lots.map(({ lot, grams }) => ({ lot: entry(lot), grams })) };
      case 'wished':
      case 'wishDropped':
        return { ...event, wish: wish(event.wish) };
      case 'doughKept': {
        const { jar: from } = event.dough;
        return from === null ? event : { ...event, dough: { ...event.dough, jar: jar(from) } };
      }
      case 'withdrew':
        return { ...event, entries: event.entries.map(entry) };
      case 'moved':
      case 'measured':
      case 'lowHigh':
        return { ...event, place: place(event.place) };
      case 'arranged':
        return { ...event, place: { ...event.place, id: place(event.place.id) } };
      case 'weighed':
      case 'looked':
      case 'took':
      case 'discarded':
      case 'noted':
      case 'rejarred':
      case 'pouredOff':
      case 'thrownOut':
      case 'programmeBegun':
      case 'programmeEnded':
      case 'drying':
      case 'backupDeclined':
      case 'handsAre':
      case 'away':
      case 'letBe':
      case 'planFollowed':
      case 'settled':
      case 'zoned':
      case 'copied':
      case 'calendarSent':
        return event;
    }
  };
  return events.map((event) => {
    const renamed = { ...named(event), id: entry(event.id) };
    return 'jar' in renamed ? { ...renamed, jar: jar(renamed.jar) } : renamed;
  });
}

/**
 * Keys for jars that were once named after their starters, so that two starters of one name could melt into one: each is
 * called after the entry it began with, which is its own. Two devices that know the same jar call it the same.
 *
 * @example jarsByStart([])('tern') // = 'tern'
 */
export function jarsByStart(events: readonly JournalEvent[]): (id: string) => string {
  const starts = new Map<string, { readonly id: string; readonly at: number }>();
  for (const event of events) {
    if (event.kind !== 'started') continue;
    const at = instantOf(event);
    const known = starts.get(event.jar);
    if (!known || at < known.at || (at === known.at && event.id < known.id))
      starts.set(event.jar, { id: event.id, at });
  }
  return (id) => starts.get(id)?.id ?? id;
}

/** Places that every kitchen begins with: they mean the same in all of them. */
const COMMON: ReadonlySet<string> = new Set(USUAL_PLACES.map(({ id }) => id));

/**
 * Keys for places that were once numbered, as {@link jarsByStart} gives them to jars.
 *
 * @example placesByStart([])('counter') // = 'counter'
 */
export function placesByStart(events: readonly JournalEvent[]): (id: string) => string {
  const firsts = new Map<string, string>();
  for (const event of events)
    if (event.kind === 'arranged' && !firsts.has(event.place.id))
      firsts.set(event.place.id, event.id);
  return (id) => (COMMON.has(id) ? id : (firsts.get(id) ?? id));
}

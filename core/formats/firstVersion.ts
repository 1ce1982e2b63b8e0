import {
  type JournalEvent,
  type Settings,
  USUAL_HANDS,
  handsChange,
  isEntry,
  jarsByStart,
  placesByStart,
  rekeyed,
} from '../journal';
import { fingerprint } from '../measure';

/** What the first version kept beside the journal, or wrote into a file: anything, as it was found. */
export interface FirstVersion {
  readonly events: readonly JournalEvent[];
  readonly settings?: unknown;
  readonly plan?: unknown;
  readonly dough?: unknown;
  /** The zone it was kept in, as far as is known. */
  readonly zone?: string;
  /** When it was last written, ISO 8601. */
  readonly at: string;
  readonly now: number;
}

/**
 * A kitchen of the first version as entries: jars get keys that are their own, and what was decided becomes entries too.
 * What cannot be used is left out. The same kitchen gives the same entries every time, so that it can be taken in twice.
 */
export function entriesOfFirstVersion({
  events,
  settings,
  plan,
  dough,
  zone,
  at,
  now,
}: FirstVersion): {
  readonly events: readonly JournalEvent[];
  /** The new keys of a jar and a place. */
  readonly jar: (id: string) => string;
  readonly place: (id: string) => string;
} {
  const jar = jarsByStart(events);
  const place = placesByStart(events);
  const mark = fingerprint([at, JSON.stringify([settings, plan, dough])]);
  let count = 0;
  const decided: JournalEvent[] = [];
  /** Adds an entry where it makes sense. */
  const say = (entry: Readonly<Record<string, unknown>>) => {
    const said = { ...entry, id: `first-${mark}-${count++}`, at };
    if (isEntry(said, now)) decided.push(said);
  };
  if (zone !== undefined) say({ kind: 'zoned', zone, always: true });
  const wishes = record(plan);
  // Field by field, so that a bad one costs itself only.
  for (const [key, value] of Object.entries({
    ...record(settings),
    strongFeeds: wishes.strongFeeds ?? 0,
    flourAtHandG: wishes.flourAtHandG ?? null,
  }) as [keyof Settings, unknown][])
    say({ kind: 'settled', settings: { [key]: value } });
  for (const bake of listOf(wishes.bakes))
    say({
      kind: 'wished',
      wish: typeof bake.id === 'string' ? bake.id : '',
      name: bake.name,
      jar: jar(String(bake.jar)),
      what: { levainG: bake.levainG, from: iso(bake.from), until: iso(bake.until) },
    });
  const hands = { ...USUAL_HANDS, ...record(wishes.hands) };
  const change = handsChange(USUAL_HANDS, { ...hands, painted: record(hands.painted) as never });
  if (Object.keys(change).length > 0) say({ kind: 'handsAre', hands: change });
  for (const trip of listOf(wishes.trips))
    say({ kind: 'away', from: iso(trip.from), until: iso(trip.until) });
  for (const left of listOf(wishes.leftAlone))
    say({
      kind: 'letBe',
      jar: jar(String(left.jar)),
      from: iso(left.from),
      until: iso(left.until),
      butAt: left.butAt === null ? null : iso(left.butAt),
    });
  if (typeof wishes.chosen === 'string') say({ kind: 'planFollowed', plan: wishes.chosen });
  if (dough !== null && dough !== undefined) {
    const kept = record(dough);
    say({
      kind: 'doughKept',
      dough: { ...kept, jar: typeof kept.jar === 'string' ? jar(kept.jar) : null },
    });
  }
  return { events: [...rekeyed(events, { jar, place }), ...decided], jar, place };
}

const record = (raw: unknown): Readonly<Record<string, unknown>> =>
  typeof raw === 'object' && raw !== null && !Array.isArray(raw)
    ? (raw as Readonly<Record<string, unknown>>)
    : {};

const listOf = (raw: unknown): readonly Readonly<Record<string, unknown>>[] =>
  Array.isArray(raw) ? raw.map(record) : [];

/** An instant in ISO 8601; nothing usable from what is none. */
const iso = (at: unknown): string =>
  typeof at === 'number' && Math.abs(at) <= 8.64e15 ? new Date(at).toISOString() : '';

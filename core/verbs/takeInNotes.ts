import { type NamedJar } from '../formats/journalTable';
import { usualVessel } from '../ferment';
import {
  type Answer,
  type NewEntry,
  type NewEntryOf,
  type Started,
  answer,
  firstIdOf,
  instantOf,
  isoOf,
} from '../journal';
import { type Blend, type Instant, MINUTE, middle } from '../measure';

/** Where the notes of a jar go: to a jar of the kitchen, to a new one, or nowhere. */
export type NotesTo =
  /** With the flour of its card, for feeds of which none is said. */
  | { readonly is: 'jar'; readonly start: Started; readonly flour: Blend }
  | {
      readonly is: 'new';
      readonly id: string;
      readonly name: string;
      readonly place: string;
      readonly flour: Blend;
    }
  | { readonly is: 'nowhere' };

/** A jar whose notes say no more of it, grams. */
const USUAL_KEEP_G = 20;

/**
 * Notes that were read from a table are written down: for jars that are here, and for new ones that begin with them. A jar
 * that its notes know longer than the kitchen does has been here since they begin.
 *
 * @returns objections to `jars` where nothing would come in
 * @example takeInNotes([[notes, { is: 'new', id: 'a', name: 'Tern', place: 'counter', flour: { rye: 1 } }]], now)
 */
export function takeInNotes(
  all: readonly (readonly [notes: NamedJar, to: NotesTo])[],
  now: Instant,
): Answer {
  const entries = all.flatMap(([notes, to]): readonly NewEntry[] => {
    if (to.is === 'nowhere' || notes.entries.length === 0) return [];
    const jar = to.is === 'new' ? to.id : to.start.jar;
    const own = notes.entries.map((entry): NewEntry =>
      entry.kind === 'fed' ? { flour: to.flour, ...entry, jar } : { ...entry, jar },
    );
    if (to.is === 'new') return [startOf(notes, to), ...own];
    const first = instantOf(own[0]!);
    if (first > instantOf(to.start)) return own;
    const { id, ...start } = to.start;
    return [
      { ...start, at: isoOf(first - MINUTE), corrects: firstIdOf(to.start) },
      ...own,
      { kind: 'withdrew', at: isoOf(now), entries: [id] },
    ];
  });
  return answer(
    entries,
    entries.length > 0
      ? []
      : [{ field: 'jars', message: 'Choose where at least one of them goes.' }],
  );
}

/** A jar that begins with somebody's notes: its card is what its feeds have in common. */
function startOf(
  { entries }: NamedJar,
  { id, name, place, flour }: Extract<NotesTo, { is: 'new' }>,
): NewEntryOf<'started'> {
  const feeds = entries.filter((entry) => entry.kind === 'fed');
  type Feed = (typeof feeds)[number];
  const usual = (of: (feed: Feed) => number, otherwise: number) =>
    feeds.length > 0 ? middle(feeds.map(of)) : otherwise;
  const keepG = Math.min(2000, Math.max(1, Math.round(usual((feed) => feed.keepG, USUAL_KEEP_G))));
  const parts = (of: (feed: Feed) => number) =>
    Math.min(20, Math.max(0.25, Math.round((10 * usual(of, 4 * USUAL_KEEP_G)) / keepG) / 10));
  const ratio = { flour: parts((feed) => feed.flourG), water: parts((feed) => feed.waterG) };
  const hydrationPct = Math.min(250, Math.max(40, Math.round((100 * ratio.water) / ratio.flour)));
  // What is taken out of it before its first feed was in it.
  const outG = entries.slice(0, 3).reduce((sum, one) => sum + ('grams' in one ? one.grams : 0), 0);
  const massG = outG + keepG;
  return {
    kind: 'started',
    jar: id,
    at: isoOf(instantOf(entries[0]!) - MINUTE),
    card: {
      name,
      vessel: usualVessel(keepG * (1 + ratio.flour + ratio.water), hydrationPct),
      keepG,
      ratio,
      flour: feeds.at(-1)?.flour ?? flour,
      archived: false,
    },
    massG,
    hydrationPct,
    condition: 'ripe',
    place,
  };
}

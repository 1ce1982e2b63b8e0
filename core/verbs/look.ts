import {
  type Answer,
  type JarAtHand,
  NOTE_LENGTH,
  RISE_PCT,
  type NewEntryOf,
  type Objection,
  answer,
  isoOf,
  objectionsAtHand,
} from '../journal';
import { type Instant } from '../measure';

/** What was seen of a jar. */
export type Seen = Omit<NewEntryOf<'looked'>, 'kind' | 'jar' | 'at' | 'height' | 'note'> & {
  /** When; NaN where it was not given. */
  readonly at: Instant;
  /** Rise by volume, 1 at the band; undefined where only something else was seen. */
  readonly rise?: number | undefined;
  readonly note?: string;
};

/**
 * A look at a jar.
 *
 * @returns objections to `rise`, `streak`, `at` or `note`; to `note` too where nothing was seen
 * @example look(atHand, { at: now, rise: 1.85, smell: 'yoghurt' })
 */
export function look(atHand: JarAtHand, { at, rise, streak, note = '', ...signs }: Seen): Answer {
  const entry: NewEntryOf<'looked'> = {
    kind: 'looked',
    jar: atHand.jar.id,
    at: isoOf(at),
    ...(rise === undefined ? {} : { height: Math.round(rise * 100) / 100 }),
    ...(streak === undefined ? {} : { streak: Math.round(streak * 100) / 100 }),
    ...signs,
    ...(note.trim() ? { note: note.trim() } : {}),
  };
  return answer(
    [entry],
    [
      ...riseObjections('rise', rise),
      ...riseObjections('streak', streak),
      ...noteObjections(note),
      ...(Object.keys(entry).length > BARE_LOOK
        ? []
        : [{ field: 'note', message: 'Say first what you see.' }]),
      ...objectionsAtHand(entry, atHand),
    ],
  );
}

/** Fields of a look at which nothing was seen: its kind, its jar and its hour. */
const BARE_LOOK = 3;

/**
 * What stands against a rise, 1 at the band.
 *
 * @example riseObjections('rise', 1.9) // = []
 */
export function riseObjections(field: string, rise: number | undefined): readonly Objection[] {
  const [low, high] = RISE_PCT;
  const pct = rise === undefined ? 0 : 100 * (rise - 1);
  if (pct >= low && pct <= high) return [];
  return [{ field, message: `Give the rise as a number between ${low} and ${high} %.` }];
}

/** What stands against a note. */
export const noteObjections = (note: string): readonly Objection[] =>
  note.length <= NOTE_LENGTH
    ? []
    : [
        {
          field: 'note',
          message: `That is a long note. Keep it under ${NOTE_LENGTH} characters.`,
        },
      ];

/**
 * What was noticed of a jar, in words.
 *
 * @example note(atHand, 'smells of pears').entries
 */
export function note(atHand: JarAtHand, text: string, at: Instant = atHand.now): Answer {
  const entry = { kind: 'noted' as const, jar: atHand.jar.id, at: isoOf(at), note: text };
  return answer([entry], objectionsAtHand(entry, atHand));
}

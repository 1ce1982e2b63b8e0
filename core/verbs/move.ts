import {
  type Answer,
  type JarAtHand,
  type NewEntry,
  type NewEntryOf,
  answer,
  isoOf,
  objectionsAtHand,
} from '../journal';
import { type Instant } from '../measure';

/**
 * A jar is put into another place: now, earlier, or at an hour that is still to come. What was to happen with it before gives
 * way.
 *
 * @param at NaN where it was not given
 * @returns objections to `at`
 * @example move(atHand, 'fridge', now + 1.5 * HOUR)
 */
export function move(atHand: JarAtHand, place: string, at: Instant = atHand.now): Answer {
  const entry = movedAt(atHand, place, at);
  return answer([...instead(atHand), entry], objectionsAtHand(entry, atHand));
}

/** What became of a move that was to happen. */
export type PromiseKept =
  /** It was made at its hour, or at another one. */
  | { readonly moved: Instant }
  /** It is still to be made, at another hour. */
  | { readonly later: Instant }
  /** The jar stays where it was. */
  | 'never';

/**
 * A move that was to happen, as it went: its entry is taken back, and what is true stands in its place.
 *
 * @param promise the move's entry and the place it leads to
 * @returns objections to `at`
 * @example keepPromise(atHand, promise, { moved: promise.from })
 */
export function keepPromise(
  atHand: JarAtHand,
  promise: { readonly entry: string; readonly place: string },
  kept: PromiseKept,
): Answer {
  const withdrew: NewEntry = {
    kind: 'withdrew',
    at: isoOf(atHand.now),
    entries: [promise.entry],
  };
  if (kept === 'never') return answer([withdrew]);
  const at = 'moved' in kept ? kept.moved : kept.later;
  const entry = movedAt(atHand, promise.place, at);
  return answer([withdrew, entry], objectionsAtHand(entry, atHand));
}

/**
 * A move as it is written down: one that is still to come says when it was said.
 *
 * @example movedAt(atHand, 'fridge', now + HOUR).at
 */
export function movedAt({ jar, now }: JarAtHand, place: string, at: Instant): NewEntryOf<'moved'> {
  const entry = { kind: 'moved' as const, jar: jar.id, at: isoOf(at), place };
  return at > now ? { ...entry, said: isoOf(now) } : entry;
}

/**
 * What takes back the moves of a jar that were still to come.
 *
 * @example instead({ coming: [], now: 0 }) // = []
 */
export function instead({ coming = [], now }: JarAtHand): readonly NewEntry[] {
  const entries = coming.filter(({ kind }) => kind === 'moved').map(({ id }) => id);
  return entries.length > 0 ? [{ kind: 'withdrew', at: isoOf(now), entries }] : [];
}

import { type Instant } from '../measure';
import { type JarEvent, type JournalEvent } from './events';
import { type Jar } from './fold';
import { type Objection, objectionsTo } from './objections';

/** An entry that has no id yet: it gets one when it is written down, unless another of the same answer speaks of it. */
export type NewEntry = JournalEvent extends infer E
  ? E extends JournalEvent
    ? Omit<E, 'id'> & { readonly id?: string }
    : never
  : never;

/** One of a kind. */
export type NewEntryOf<K extends NewEntry['kind']> = Extract<NewEntry, { readonly kind: K }>;

/** A jar at the moment when something is done to it. */
export interface JarAtHand {
  readonly jar: Jar;
  /** Its live entries, oldest first. */
  readonly earlier: readonly JarEvent[];
  /** What is said of it that is still to come. */
  readonly coming?: readonly JarEvent[];
  readonly now: Instant;
}

/** What a verb answers: the entries to be written down, or what stands against them, by field. */
export type Answer =
  | { readonly entries: readonly NewEntry[]; readonly objections: null }
  | { readonly entries: null; readonly objections: readonly Objection[] };

/** The entries, unless something stands against them. */
export const answer = (
  entries: readonly NewEntry[],
  objections: readonly Objection[] = [],
): Answer =>
  objections.length > 0 ? { entries: null, objections } : { entries, objections: null };

/** Several answers as one: all of it is written down, or nothing. */
export const together = (answers: readonly Answer[]): Answer =>
  answer(
    answers.flatMap(({ entries }) => entries ?? []),
    answers.flatMap(({ objections }) => objections ?? []),
  );

/** What stands against one entry of a jar. */
export const objectionsAtHand = (
  entry: NewEntryOf<JarEvent['kind']>,
  { jar, earlier, now }: JarAtHand,
): readonly Objection[] => objectionsTo({ ...entry, id: 'new' }, jar, earlier, now);

/**
 * An instant as entries have it; one that cannot be read is left empty, and objected to.
 *
 * @example isoOf(NaN) // = ''
 */
export const isoOf = (at: Instant): string => (Number.isNaN(at) ? '' : new Date(at).toISOString());

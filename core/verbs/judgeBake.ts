import {
  type Answer,
  type Crumb,
  NOTE_LENGTH,
  type NewEntryOf,
  type Objection,
  type OvenRise,
  type Sourness,
  type Took,
  answer,
  firstIdOf,
  isoOf,
  instantOf,
} from '../journal';
import { type Instant } from '../measure';

/** How a bake turned out, as far as somebody says. */
export interface JudgedBake {
  readonly crumb?: Crumb | null;
  readonly sour?: Sourness | null;
  readonly rise?: OvenRise | null;
  readonly note?: string;
  /** What to do otherwise the next time. */
  readonly next?: string;
}

/**
 * What a bake came to is written down with the levain that went into it.
 *
 * @param took the entry that took its levain
 * @returns objections to `said`, `note` or `next`
 * @example judgeBake(took, { crumb: 'open', sour: 'mild', next: 'a longer proof' }, now)
 */
export function judgeBake(
  took: Took,
  { crumb, sour, rise, note = '', next = '' }: JudgedBake,
  now: Instant,
): Answer {
  const objections: Objection[] = [];
  for (const [field, text] of [
    ['note', note],
    ['next', next],
  ] as const)
    if (text.trim().length > NOTE_LENGTH)
      objections.push({ field, message: `Keep it under ${NOTE_LENGTH} characters.` });
  if (!crumb && !sour && !rise && !note.trim() && !next.trim())
    objections.push({ field: 'said', message: 'Nothing is said yet.' });
  const entry: NewEntryOf<'baked'> = {
    kind: 'baked',
    jar: took.jar,
    at: isoOf(Math.max(now, instantOf(took))),
    of: firstIdOf(took),
    ...(crumb && { crumb }),
    ...(sour && { sour }),
    ...(rise && { rise }),
    ...(note.trim() && { note: note.trim() }),
    ...(next.trim() && { next: next.trim() }),
  };
  return answer([entry], objections);
}

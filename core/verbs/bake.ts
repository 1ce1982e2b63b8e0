import {
  type Answer,
  type Bake,
  type Jar,
  NAME_LENGTH,
  type NewEntryOf,
  type Objection,
  answer,
  contentOf,
  isoOf,
} from '../journal';
import { DAY, HOUR, type Instant } from '../measure';

/** A levain that is wanted, as a baker says it. */
export interface WishedBake {
  readonly id: string;
  readonly name: string;
  readonly jar: string;
  readonly levainG: number;
  /** When it is to be ripe; NaN where that cannot be read. */
  readonly at: Instant;
  /** Give or take, hours. */
  readonly widthH: number;
  /** Wanted again every so many weeks; null for once. */
  readonly weeks?: number | null;
  /** Discard or whatever can be spared will do. */
  readonly anything?: boolean;
}

/** Nobody builds more levain at home, grams. */
const MOST_LEVAIN_G = 5000;

/**
 * A bake is wished: so much levain, ripe about an hour.
 *
 * @returns objections to `levainG`, `at` or `name`
 * @example wishBake({ id: 'a', name: 'Saturday', jar: 'tern', levainG: 200, at: now + 20 * HOUR, widthH: 1 }, now)
 */
export function wishBake(
  { id, name, jar, levainG, at, widthH, weeks = null, anything = false }: WishedBake,
  now: Instant,
): Answer {
  const found: Objection[] = [];
  const object = (field: string, message: string) => found.push({ field, message });
  if (!(levainG > 0 && levainG <= MOST_LEVAIN_G))
    object('levainG', `Give between 1 and ${MOST_LEVAIN_G} g of levain.`);
  if (Number.isNaN(at)) object('at', 'Give a day and a time.');
  else if (at < now + HOUR) object('at', 'Too soon: no starter gets ripe within the hour.');
  else if (at > now + 14 * DAY) object('at', 'Plans look two weeks ahead at most.');
  if (name.trim() === '') object('name', 'Give it a name.');
  else if ([...name].length > NAME_LENGTH)
    object('name', `A name has ${NAME_LENGTH} letters at most.`);
  if (found.length > 0) return answer([], found);
  const width = widthH * HOUR;
  const bake = { id, name, jar, levainG, from: at - width, until: at + width };
  const entry = wished({ ...bake, ...(anything && { anything }) }, now);
  return answer([weeks === null ? entry : { ...entry, every: { weeks } }]);
}

/** A bake that is known is wanted otherwise: at another hour, or with less. */
export const changeBake = (bake: Bake, now: Instant): Answer => answer([wished(bake, now)]);

/** A bake is not wanted any more. */
export const dropBake = (id: string, now: Instant): Answer =>
  answer([{ kind: 'wishDropped', at: isoOf(now), wish: id }]);

/**
 * A levain goes into its dough, and the wish with it; no more of it than there is by the log. Where the log has nothing left
 * to take, only the wish is done with.
 *
 * @param jar null where it is on no shelf any more
 * @example takeForBake(jar, { jar: 'tern', grams: 180, wish: 'saturday' }, now).entries
 */
export function takeForBake(
  jar: Jar | null,
  taken: { readonly jar: string; readonly grams: number; readonly wish: string },
  now: Instant,
): Answer {
  const at = isoOf(now);
  const grams = Math.min(taken.grams, Math.floor(jar ? contentOf(jar).massG : 0));
  return answer([
    ...(grams > 0 ? [{ kind: 'took' as const, jar: taken.jar, at, grams }] : []),
    { kind: 'wishDropped', at, wish: taken.wish },
  ]);
}

const wished = (
  { id, name, jar, levainG, from, until, anything }: Bake,
  now: Instant,
): NewEntryOf<'wished'> => ({
  kind: 'wished',
  at: isoOf(now),
  wish: id,
  name,
  jar,
  what: {
    levainG,
    ...(anything && { anything }),
    from: isoOf(from),
    until: isoOf(until),
  },
});

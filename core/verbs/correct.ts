import {
  type Answer,
  type JarEvent,
  type NewEntry,
  type Objection,
  answer,
  firstIdOf,
  instantOf,
  isPromise,
  isoOf,
  objectionsTo,
  storyOf,
} from '../journal';
import { type Instant } from '../measure';
import { noteObjections, riseObjections } from './look';

/** What of an entry can be put right; each only where the entry has it. */
export interface Correction {
  /** When it was; NaN where that cannot be read. */
  readonly at: Instant;
  readonly keepG?: number;
  readonly flourG?: number;
  readonly waterG?: number;
  readonly grams?: number;
  /** Against the band, 1 at the band. */
  readonly height?: number;
  readonly note?: string;
}

const CORRECTABLE: Readonly<Partial<Record<JarEvent['kind'], readonly (keyof Correction)[]>>> = {
  fed: ['keepG', 'waterG', 'flourG'],
  weighed: ['grams'],
  discarded: ['grams'],
  pouredOff: ['grams'],
  took: ['grams', 'note'],
  looked: ['height', 'note'],
  noted: ['note'],
  baked: ['note'],
};

/** The fields beside its time that can be put right in an entry. A look without a height gets none. */
export const correctable = (event: JarEvent): readonly (keyof Correction)[] =>
  (CORRECTABLE[event.kind] ?? []).filter(
    (field) => field !== 'height' || (event.kind === 'looked' && event.height !== undefined),
  );

/** Whether something of an entry can be put right: what makes a jar or a backup is changed where it stands. */
export const canBeCorrected = (event: JarEvent): boolean =>
  correctable(event).length > 0 || (event.kind === 'moved' && !isPromise(event));

/**
 * An entry as it should have been: the old one counts no more, and the new one names it.
 *
 * @param earlier the live entries of its jar, oldest first, it among them
 * @param coming what is still to happen with the jar
 * @returns objections to `at`, `keep`, `flour`, `water`, `grams`, `rise` or `note`
 * @example correct(took, { at: now, grams: 24 }, earlier, now).objections
 */
export function correct(
  event: JarEvent,
  { at, ...changed }: Correction,
  earlier: readonly JarEvent[],
  now: Instant,
  coming: readonly JarEvent[] = [],
): Answer {
  const allowed = correctable(event);
  const kept = Object.fromEntries(
    Object.entries(changed).filter(([key]) => allowed.includes(key as keyof Correction)),
  );
  const { id, ...before } = event;
  const after = withoutEmptyNote({
    ...before,
    ...kept,
    at: isoOf(at),
    // The first of all, so that what was said of it still holds.
    corrects: firstIdOf(event),
  });
  const others = earlier.filter((other) => other.id !== id);
  const entry = { ...after, id: 'new' } as JarEvent;
  const along = goesAlong(event, at, earlier);
  const shift = at - instantOf(event);
  const again = (other: JarEvent): NewEntry => {
    const { id: _, ...rest } = other;
    return {
      ...rest,
      at: isoOf(instantOf(other) + (event.kind === 'fed' ? shift : 0)),
      corrects: firstIdOf(other),
    };
  };
  const objections = [
    ...objectionsTo(entry, null, others, now),
    ...riseObjections('rise', changed.height),
    ...noteObjections(changed.note ?? ''),
    ...emptied(event, changed.note),
    ...placeInTime(event, entry, others),
  ];
  const promised = shift === 0 ? [] : promisedAt(event, [...earlier, ...coming]);
  const gone = [...along.before, event, ...along.after, ...promised].map((one) => one.id);
  return answer(
    [
      ...along.before.map(again),
      after,
      ...along.after.map(again),
      // It was meant to happen so long after the feed, whenever that was.
      ...promised.map((one) => ({ ...again(one), said: isoOf(at) })),
      { kind: 'withdrew', at: isoOf(now), entries: gone },
    ],
    objections,
  );
}

/**
 * What is written down anew with an entry: a feed takes along what was done for it in the same visit, and what happened at
 * one instant stays in its order.
 */
function goesAlong(event: JarEvent, at: Instant, earlier: readonly JarEvent[]) {
  const place = earlier.findIndex(({ id }) => id === event.id);
  const moves = at !== instantOf(event);
  const after = earlier
    .slice(place + 1)
    .filter((other) => instantOf(other) === instantOf(event) && !isPromise(other));
  if (event.kind !== 'fed') return { before: [], after: moves ? [] : after };
  const visit = storyOf(earlier).find(({ fed }) => fed?.id === event.id)?.entries ?? [];
  return {
    before: moves
      ? visit.slice(
          0,
          visit.findIndex(({ id }) => id === event.id),
        )
      : [],
    after,
  };
}

/** The moves that were put down with a feed, for so long after it, and that nobody has answered for. */
function promisedAt(event: JarEvent, events: readonly JarEvent[]): readonly JarEvent[] {
  if (event.kind !== 'fed') return [];
  const next = events.find(
    (other) =>
      instantOf(other) > instantOf(event) &&
      (other.kind === 'fed' || (other.kind === 'moved' && !isPromise(other))),
  );
  const until = next ? instantOf(next) : Infinity;
  return events.filter((other) => {
    const said = Date.parse(other.said ?? '');
    return isPromise(other) && said >= instantOf(event) && said < until;
  });
}

function withoutEmptyNote(entry: NewEntry): NewEntry {
  if (!('note' in entry) || entry.kind === 'noted' || entry.note?.trim()) return entry;
  const { note: _, ...rest } = entry;
  return rest;
}

const emptied = (event: JarEvent, note: string | undefined): readonly Objection[] =>
  event.kind === 'noted' && note?.trim() === ''
    ? [{ field: 'note', message: 'Nothing is written yet.' }]
    : [];

/** An entry stays with its jar, and a height with its feed: another has another band. So no feed goes past a look or a feed. */
function placeInTime(
  before: JarEvent,
  after: JarEvent,
  others: readonly JarEvent[],
): readonly Objection[] {
  const at = instantOf(after);
  if (Number.isNaN(at)) return [];
  const [first] = others;
  if (first?.kind === 'started' && at < instantOf(first))
    return [{ field: 'at', message: 'The jar was not in the kitchen yet at that time.' }];
  if (after.kind === 'fed') {
    const [from, until] = [at, instantOf(before)].sort((a, b) => a - b) as [Instant, Instant];
    const passes = others.some(
      (other) =>
        (other.kind === 'fed' || (other.kind === 'looked' && other.height !== undefined)) &&
        instantOf(other) > from &&
        instantOf(other) < until,
    );
    const message = 'A look or another feed was logged in between. Put that right first.';
    return passes ? [{ field: 'at', message }] : [];
  }
  const feedAt = (when: Instant) =>
    others.findLast((other) => other.kind === 'fed' && instantOf(other) <= when);
  if (after.kind !== 'looked' || after.height === undefined) return [];
  if (feedAt(at) === feedAt(instantOf(before))) return [];
  const message =
    'There is a feed between, when the band was somewhere else. Strike it out instead.';
  return [{ field: 'at', message }];
}

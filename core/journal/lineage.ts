import { instantOf, type JarEvent } from './events';
import { followedFrom } from './fold';

/**
 * The log of a culture: a jar's events, oldest first, after those of the jar its starter came from before it came, and so
 * on back. A jar that was split off, or woken from a backup, has a past. Whoever takes some out and feeds what stays says
 * both of the same moment: what was taken was not fed.
 *
 * @param byJar live events by jar, oldest first
 * @example lineage('tern', new Map()) // = []
 */
export function lineage(
  jar: string,
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
): readonly JarEvent[] {
  return back(jar, byJar, Infinity, new Set([jar]));
}

const NONE: readonly JarEvent[] = [];

/**
 * What one has to go through to know what is in a jar: its events, oldest first, and those of the jar it came from where it
 * began as that stood. What is no longer on the shelf, or was fed so often since that nothing is left of it, is told by its
 * own.
 *
 * @example withItsPast('tern', new Map()) // = []
 */
export function withItsPast(
  jar: string,
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
): readonly JarEvent[] {
  const own = byJar.get(jar) ?? NONE;
  const begun = own.find(({ kind }) => kind === 'started');
  if (begun?.kind !== 'started' || begun.condition !== 'asItStood') return own;
  const described = own.findLast(({ kind }) => kind === 'described');
  const putAway = described?.kind === 'described' && described.card.archived;
  return putAway || followedFrom(own, own.length) > 0 ? own : lineage(jar, byJar);
}

function back(
  jar: string,
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
  until: number,
  seen: ReadonlySet<string>,
): readonly JarEvent[] {
  const all = byJar.get(jar) ?? NONE;
  const own =
    until === Infinity
      ? all
      : all.slice(0, all.findLastIndex((event) => instantOf(event) < until) + 1);
  const begun = own.find((event) => event.kind === 'started');
  const from = begun?.from;
  // A log may say that two jars came from each other; their past ends there.
  if (!begun || from === undefined || seen.has(from)) return own;
  return [...back(from, byJar, instantOf(begun), new Set([...seen, from])), ...own];
}

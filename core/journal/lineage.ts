import { instantOf, type JarEvent } from './events';

/**
 * The log of a culture: a jar's events, oldest first, after those of the jar its starter came from until it came, and so
 * on back. A jar that was split off, or woken from a backup, has a past.
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

function back(
  jar: string,
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
  until: number,
  seen: ReadonlySet<string>,
): readonly JarEvent[] {
  const all = byJar.get(jar) ?? NONE;
  const own = until === Infinity ? all : all.filter((event) => instantOf(event) <= until);
  const begun = own.find((event) => event.kind === 'started');
  const from = begun?.from;
  // A log may say that two jars came from each other; their past ends there.
  if (!begun || from === undefined || seen.has(from)) return own;
  return [...back(from, byJar, instantOf(begun), new Set([...seen, from])), ...own];
}

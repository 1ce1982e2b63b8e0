import { fingerprint } from '../measure';

/** Entries are compared by so many heaps: two kitchens that differ in little send little. */
export const BUCKETS = 64;

/** What a kitchen has, a few characters for each heap; empty where there is nothing. */
export type Have = readonly string[];

const bucketOf = (id: string): number => parseInt(fingerprint([id]).slice(0, 4), 16) % BUCKETS;

/**
 * The fingerprints of all heaps. The order in which entries came does not matter.
 *
 * @example haveOf(['a', 'b']) // = haveOf(['b', 'a'])
 */
export function haveOf(ids: readonly string[]): Have {
  const heaps: string[][] = Array.from({ length: BUCKETS }, () => []);
  for (const id of ids) heaps[bucketOf(id)]!.push(id);
  return heaps.map((heap) => (heap.length === 0 ? '' : fingerprint(heap.sort())));
}

/**
 * Those of the entries that lie in heaps which the other kitchen has otherwise.
 *
 * @example missingThere([{ id: 'a' }], haveOf(['a']), haveOf([])) // = [{ id: 'a' }]
 */
export function missingThere<T extends { readonly id: string }>(
  entries: readonly T[],
  mine: Have,
  theirs: Have,
): readonly T[] {
  const differ = new Set(mine.flatMap((print, i) => (print === theirs[i] ? [] : [i])));
  return differ.size === 0 ? [] : entries.filter(({ id }) => differ.has(bucketOf(id)));
}

import { type JarEvent } from '../journal';

/** Where the last so many feeds with looks begin: the feed before the first of them that counts. */
export function watchedFrom(events: readonly JarEvent[], most: number): number {
  let watched = 0;
  let looked = false;
  for (let i = events.length - 1; i >= 0; i--) {
    const { kind } = events[i]!;
    if (kind === 'looked') looked = true;
    if (kind === 'fed') {
      if (looked && ++watched > most) return i;
      looked = false;
    }
  }
  return 0;
}

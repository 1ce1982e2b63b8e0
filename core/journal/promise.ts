import { HOUR, type Instant } from '../measure';
import { type JarEvent, instantOf } from './events';
import { type Jar, type DueMove } from './fold';

/** Nobody is asked sooner whether a move was made, ms. */
const PATIENCE = HOUR;

/** The move that should have been made by now, and of which nobody knows whether it was; null when there is none. */
export const openPromise = ({ promised }: Jar, now: Instant): DueMove | null =>
  promised && now >= promised.from + PATIENCE ? promised : null;

/**
 * A jar with the moves that are to come.
 *
 * @example withComing(jar, log.coming.get(jar.id) ?? [])
 */
export function withComing(jar: Jar, coming: readonly JarEvent[]): Jar {
  const moves = coming.filter((event) => event.kind === 'moved');
  if (moves.length === 0) return jar;
  return {
    ...jar,
    coming: moves.map((event) => ({ from: instantOf(event), place: event.place })),
  };
}

/** The same jar, had the promised move not been made. */
export const withoutPromise = (jar: Jar): Jar => ({
  ...jar,
  stays: jar.stays.filter(
    ({ from, place }) => from !== jar.promised?.from || place !== jar.promised.place,
  ),
});

import { type JarEvent } from './events';
import { type Jar } from './fold';

/** How a baker feeds: to a ratio, by adding to what is there, or by eye. */
export type FeedWay = 'ratio' | 'add' | 'eye';

/** A keep so much larger than the card's is no slip of the scale. */
const NOT_THE_CARDS = 1.5;

/**
 * How a jar was fed last: a baker who adds to what is there does so the next time too.
 *
 * @example lastWay(jar, events) // e.g. 'add'
 */
export function lastWay({ card, lastFed }: Jar, events: readonly JarEvent[]): FeedWay {
  if (!lastFed) return 'ratio';
  if (lastFed.rough) return 'eye';
  const reduced = events.some(
    ({ kind, at }) => (kind === 'discarded' || kind === 'took') && at === lastFed.at,
  );
  return !reduced && lastFed.keepG > NOT_THE_CARDS * card.keepG ? 'add' : 'ratio';
}

import { type Blend, doubledHeight, highest } from '../measure';
import { type JarEvent, type Looked, risenTo } from './events';

/**
 * Feeds in a row, up to the one before the present, that somebody saw double. A feed nobody watched ends the row.
 *
 * @example doubledBefore([]) // = 0
 */
export function doubledBefore(events: readonly JarEvent[]): number {
  let present = true;
  let looks: Looked[] = [];
  let count = 0;
  for (const event of events.toReversed()) {
    if (event.kind === 'looked') looks.push(event);
    if (event.kind !== 'fed') continue;
    if (!present && !sawDoubled(looks, event.flour)) return count;
    if (!present) count++;
    present = false;
    looks = [];
  }
  return count;
}

/** Whether looks saw a feed of some flour double, by that flour's own measure. */
const sawDoubled = (looks: readonly Looked[], flour: Blend): boolean =>
  looks.some(({ sign }) => sign === 'doubled') ||
  highest(looks.map(risenTo)) >= doubledHeight(flour) - READ_WITHIN;

/** Nobody reads a height closer than this. */
const READ_WITHIN = 0.02;

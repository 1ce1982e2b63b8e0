import { type JarEvent } from './events';

/** Feeds in a row, up to the one before the present, that somebody saw double. A feed nobody watched ends the row. */
export function doubledBefore(events: readonly JarEvent[]): number {
  let present = true;
  let doubled = false;
  let count = 0;
  for (const event of events.toReversed()) {
    if (event.kind === 'looked')
      doubled ||= event.sign === 'doubled' || (event.height !== undefined && event.height >= 2);
    if (event.kind !== 'fed') continue;
    if (!present && !doubled) return count;
    if (!present) count++;
    present = false;
    doubled = false;
  }
  return count;
}

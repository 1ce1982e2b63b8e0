import { DAY, type Instant } from '../measure';
import { type JarEvent, instantOf } from './events';

/** Where a jar lives shows within a fortnight. */
const LOOKED_BACK = 14 * DAY;

/**
 * Where a jar usually stands: the place it spent most of the last fortnight in. Null before it was started.
 *
 * @example homeOf([], 0) // = null
 */
export function homeOf(events: readonly JarEvent[], now: Instant): string | null {
  const spent = new Map<string, number>();
  let place: string | null = null;
  let since = 0;
  const leave = (at: Instant) => {
    const time = at - Math.max(since, now - LOOKED_BACK);
    if (place !== null) spent.set(place, (spent.get(place) ?? 0) + Math.max(0, time));
  };
  for (const event of events) {
    if (event.kind !== 'started' && event.kind !== 'moved') continue;
    const at = instantOf(event);
    if (at > now) break;
    leave(at);
    place = event.place;
    since = at;
  }
  leave(now);
  return [...spent].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

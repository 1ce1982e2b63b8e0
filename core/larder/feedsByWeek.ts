import { type JournalEvent, instantOf } from '../journal';
import { DAY, type Instant, type KitchenTime, instantAt } from '../measure';

/** A week of feeds; it begins on Monday. */
export interface WeekOfFeeds {
  /** Its first hour by the kitchen's clock. */
  readonly from: Instant;
  readonly feeds: number;
  readonly flourG: number;
}

const MONDAY = Date.UTC(1970, 0, 5);
const WEEK = 7 * DAY;

/**
 * Feeds and the flour in them, week by week from the first to the last; weeks without any are among them.
 *
 * @param of which jars count
 */
export function feedsByWeek(
  live: readonly JournalEvent[],
  time: KitchenTime,
  of: (jar: string) => boolean = () => true,
): readonly WeekOfFeeds[] {
  const weeks = new Map<number, { feeds: number; flourG: number }>();
  for (const event of live) {
    if (event.kind !== 'fed' || !of(event.jar)) continue;
    const at = instantOf(event);
    const week = Math.floor((at + time.offset(at) - MONDAY) / WEEK);
    const known = weeks.get(week) ?? { feeds: 0, flourG: 0 };
    weeks.set(week, { feeds: known.feeds + 1, flourG: known.flourG + event.flourG });
  }
  const all = [...weeks.keys()].sort((a, b) => a - b);
  if (all.length === 0) return [];
  const [first, last] = [all[0]!, all[all.length - 1]!];
  return Array.from({ length: last - first + 1 }, (_, i) => ({
    from: instantAt(MONDAY + (first + i) * WEEK, time),
    ...(weeks.get(first + i) ?? { feeds: 0, flourG: 0 }),
  }));
}

import { HOUR, type Instant, type KitchenTime, middle } from '../measure';
import { bakesIn, type PastBake } from './bakes';
import { type JarEvent, instantOf } from './events';
import { riseOf, storyOf } from './story';

/** What a jar's log has of a stretch of time. */
export interface JarYear {
  readonly feeds: number;
  readonly flourG: number;
  readonly looks: number;
  /** The hour of the day at which it was most often fed; null without a feed. */
  readonly usualHour: number | null;
  /** The longest it went without a feed, hours: from one to the next, or from the last until it was put away or the stretch ends. */
  readonly longestRestH: number | null;
  /** The highest it was seen, 1 at the band, and when; null where nobody saw it rise. */
  readonly highest: { readonly at: Instant; readonly height: number } | null;
  /** Hours to the peak, of the feeds whose peak was seen: the quickest, the middle, and how many. */
  readonly peaks: {
    readonly count: number;
    readonly middleH: number;
    readonly quickestH: number;
  } | null;
  /** Newest first. */
  readonly bakes: readonly PastBake[];
}

/** A later peak is another feed's. */
const LATEST_PEAK_H = 60;

/**
 * What happened with a jar from one instant to another.
 *
 * @param events of the jar, oldest first
 * @param begun the instants at which bowls were begun from it
 */
export function yearOf(
  events: readonly JarEvent[],
  { from, until }: { readonly from: Instant; readonly until: Instant },
  time: KitchenTime,
  begun: ReadonlySet<number> = new Set(),
): JarYear {
  const own = events.filter((event) => instantOf(event) >= from && instantOf(event) < until);
  const chapters = storyOf(own);
  const feeds = own.filter((event) => event.kind === 'fed');
  const hours = new Map<number, number>();
  for (const feed of feeds) {
    const hour = Math.floor(time.hourOfDay(instantOf(feed)));
    hours.set(hour, (hours.get(hour) ?? 0) + 1);
  }
  const putAway = own.findLast((event) => event.kind === 'described' && event.card.archived);
  const rests = feeds.map((feed, i) => {
    const gone = putAway && instantOf(putAway) > instantOf(feed) ? instantOf(putAway) : until;
    const next = feeds[i + 1];
    return (Math.min(next ? instantOf(next) : until, gone) - instantOf(feed)) / HOUR;
  });
  let highest: JarYear['highest'] = null;
  for (const chapter of chapters) {
    const rise = riseOf(chapter);
    if (rise && rise.height > (highest?.height ?? 1))
      highest = { at: chapter.at, height: rise.height };
  }
  const peaks = chapters.flatMap(({ fed, entries }) => {
    const peak = entries.find((event) => event.kind === 'looked' && event.sign === 'peaked');
    const afterH = fed && peak ? (instantOf(peak) - instantOf(fed)) / HOUR : 0;
    return afterH > 0 && afterH < LATEST_PEAK_H ? [afterH] : [];
  });
  return {
    feeds: feeds.length,
    flourG: feeds.reduce((sum, { flourG }) => sum + flourG, 0),
    looks: own.filter(({ kind }) => kind === 'looked').length,
    usualHour: [...hours].reduce<readonly [number | null, number]>(
      (best, [hour, count]) => (count > best[1] ? [hour, count] : best),
      [null, 0],
    )[0],
    longestRestH: rests.length === 0 ? null : rests.reduce((a, b) => Math.max(a, b)),
    highest,
    peaks:
      peaks.length === 0
        ? null
        : {
            count: peaks.length,
            middleH: middle(peaks),
            quickestH: peaks.reduce((a, b) => Math.min(a, b)),
          },
    bakes: bakesIn(chapters, events, begun),
  };
}

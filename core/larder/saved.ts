import { type Fed, type JarEvent, type JournalEvent, instantOf, isJarEvent } from '../journal';
import { DAY, middle, type Instant, type KitchenTime } from '../measure';

/** What went where in a month, grams: flour fed, and starter that left its jar. */
export interface MonthUse {
  /** `2026-03` by the kitchen's calendar. */
  readonly month: string;
  readonly flourFedG: number;
  readonly bakedG: number;
  readonly keptG: number;
  readonly compostedG: number;
  readonly wastedG: number;
}

/**
 * The months of a log, the oldest first.
 *
 * @example usesByMonth([], kitchenTime('UTC')) // = []
 */
export function usesByMonth(
  live: readonly JournalEvent[],
  time: KitchenTime,
  of: (jar: string) => boolean = () => true,
): readonly MonthUse[] {
  const months = new Map<string, { -readonly [K in keyof MonthUse]: MonthUse[K] }>();
  const monthOf = (at: Instant) => new Date(at + time.offset(at)).toISOString().slice(0, 7);
  for (const event of live) {
    if (!isJarEvent(event) || !of(event.jar)) continue;
    if (event.kind !== 'fed' && event.kind !== 'took' && event.kind !== 'discarded') continue;
    const month = monthOf(instantOf(event));
    const use = months.get(month) ?? {
      month,
      flourFedG: 0,
      bakedG: 0,
      keptG: 0,
      compostedG: 0,
      wastedG: 0,
    };
    months.set(month, use);
    if (event.kind === 'fed') use.flourFedG += event.flourG;
    else if (event.kind === 'took') use.bakedG += event.grams;
    else if (event.to === 'bake') use.bakedG += event.grams;
    else if (event.to === 'discardJar' || event.to === 'freezer') use.keptG += event.grams;
    else if (event.to === 'bin') use.wastedG += event.grams;
    else use.compostedG += event.grams;
  }
  return [...months.values()].sort((a, b) => a.month.localeCompare(b.month));
}

/** What a leaner keep would have come to. */
export interface LeanerKeep {
  /** Flour saved in a year, grams. */
  readonly savedG: number;
}

const YEAR = 365 * DAY;
/** A younger log says little of a year. */
const LEAST_LOG = 14 * DAY;

/**
 * What a leaner keep would have saved: the log of a jar run again, every feed at its own ratio from the smaller keep, but
 * never smaller than what was then taken for a bake before the next.
 *
 * @param events of one jar, oldest first
 * @example leanerKeep(events, 10, now)?.savedG
 */
export function leanerKeep(
  events: readonly JarEvent[],
  keepG: number,
  now: Instant,
): LeanerKeep | null {
  const feeds = events.filter((event): event is Fed => event.kind === 'fed');
  const first = feeds[0];
  if (!first || now - instantOf(first) < LEAST_LOG) return null;
  // One pass: a log of ten years is asked at every step of the keep.
  const bakedG = feeds.map(() => 0);
  let latest = -1;
  for (const event of events) {
    if (event.kind === 'fed') latest++;
    if (event.kind !== 'took') continue;
    // What came out at the moment of a feed was of the feed before, whichever was written down first.
    const fed = feeds[latest];
    const own = fed && instantOf(event) > instantOf(fed) ? latest : latest - 1;
    if (own >= 0) bakedG[own]! += event.grams;
  }
  let savedG = 0;
  feeds.forEach((fed, i) => {
    const parts = 1 + (fed.flourG + fed.waterG) / fed.keepG;
    // What is baked with, what stays, and a little that sticks.
    const needed = bakedG[i]! > 0 ? (bakedG[i]! + keepG + 5) / parts : 0;
    const leaner = Math.min(fed.keepG, Math.max(keepG, needed));
    savedG += fed.flourG * (1 - leaner / fed.keepG);
  });
  return { savedG: (savedG * YEAR) / (now - instantOf(first)) };
}

/**
 * What a jar's feeds keep, half of them less and half more, grams; null where it was never fed.
 *
 * @param events of one jar
 * @example usualKeep([]) // = null
 */
export function usualKeep(events: readonly JarEvent[]): number | null {
  const kept = events.flatMap((event) => (event.kind === 'fed' ? [event.keepG] : []));
  return kept.length === 0 ? null : middle(kept);
}

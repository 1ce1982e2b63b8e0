import { type Standing } from '../journal';
import { HOUR, type Instant } from '../measure';

/** Why a jar asks for a feed. */
export type FeedReason = 'hooch' | 'hungry' | 'ripe' | 'past' | 'ripens' | 'asleep' | 'resting';

/** What a jar asks for when nothing else is planned: a feed, and when it does most good. */
export interface NextStep {
  readonly jar: string;
  readonly reason: FeedReason;
  /** From when it makes sense. */
  readonly from: Instant;
  /** Best done by then; in the past when it is overdue. Null when nothing presses within the time looked at. */
  readonly by: Instant | null;
}

/**
 * The feed a jar asks for next. On the counter: while it is ripe. In the cold: before half of its yeast has starved.
 * A jar that is hungry asks at once.
 */
export function nextStepFor(standing: Standing): NextStep {
  const { jar, now, stage, outlook } = standing;
  const { ripeFromH, ripeUntilH, feedByH, emptyAtH, peaksAtH } = outlook.forecast;
  const at = (hours: number | null) => (hours === null ? null : jar.since + hours * HOUR);
  const step = (reason: FeedReason, from: Instant, by: Instant | null): NextStep => ({
    jar: jar.id,
    reason,
    from,
    by,
  });
  switch (stage) {
    case 'hooch':
    case 'hungry':
      // Where nobody knows how long it starved, nobody knows how long it bears it.
      return step(stage, now, jar.unfedH ? now : (at(feedByH ?? emptyAtH) ?? now));
    case 'ripe':
      return step('ripe', now, at(ripeUntilH) ?? at(feedByH));
    case 'past':
    case 'sunk':
      return step('past', now, at(feedByH));
    case 'resting':
      return step('resting', now, at(feedByH));
    case 'asleep':
      return step('asleep', at(emptyAtH) ?? now, at(feedByH));
    case 'settled':
    case 'waking':
    case 'rising':
      return ripeFromH !== null
        ? step('ripens', at(ripeFromH)!, at(ripeUntilH))
        : step('resting', at(peaksAtH ?? emptyAtH) ?? now, at(feedByH));
  }
}

/** A jar starved for longer than this loses nothing more in a few hours. */
const LONG_OVERDUE = 72 * HOUR;
/** What is due within this goes before a jar that is long overdue. */
const SOON = 12 * HOUR;

/**
 * The steps of all jars, the most pressing first. A jar that has starved for days waits behind one that is ripe tonight;
 * jars that press for nothing come last.
 */
export function stepsInOrder(standings: readonly Standing[]): readonly NextStep[] {
  const now = standings[0]?.now ?? 0;
  const rank = ({ by }: NextStep) => {
    if (by === null) return Infinity;
    return now - by > LONG_OVERDUE ? now + SOON : by;
  };
  return standings.map(nextStepFor).sort((a, b) => rank(a) - rank(b));
}

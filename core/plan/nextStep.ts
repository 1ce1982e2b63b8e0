import { type Standing, graceOf } from '../journal';
import { HOUR, type Instant } from '../measure';

/** Why a jar asks for a feed. */
export type FeedReason =
  | 'hooch'
  | 'hungry'
  | 'ripe'
  | 'past'
  | 'ripens'
  | 'asleep'
  | 'resting'
  /** It comes out of the cold, and is fed once the chill is off. */
  | 'warming'
  /** Its rhythm says so. */
  | 'rhythm'
  /** It is fed only before a bake. */
  | 'onlyForBakes';

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
 * The feed a jar asks for next: by the rhythm on its card, as long as that does it no harm; else as it needs it.
 */
export const nextStepFor = (standing: Standing): NextStep =>
  stepAfterCold(standing) ?? stepByRhythm(standing) ?? stepByNeed(standing);

/** From the fridge a jar stands an hour or two before it is fed. */
const CHILL_OFF = HOUR;
const WARMED = 2 * HOUR;
/** Taken out with more of its food left, it is no feed that it was taken out for. */
const TO_BE_FED = 0.7;

/** A jar that was taken out of the cold, or is about to be, is fed when it has lost its chill. */
function stepAfterCold({ jar, stage, moment, outAt }: Standing): NextStep | null {
  if (outAt === null || stage === 'ripe' || moment.food > TO_BE_FED) return null;
  return { jar: jar.id, reason: 'warming', from: outAt + CHILL_OFF, by: outAt + WARMED };
}

/** So much of a rest that a jar came through before counts as that rest. */
const NEARLY = 0.9;

/** What the rhythm asks for. Null without one, and for a jar that would come to harm in it and has never borne so much. */
function stepByRhythm({ jar, now, hours, outlook, dueAt }: Standing): NextStep | null {
  const { rhythm } = jar.card;
  // Where the last feed is only guessed at, no hour can be due since then.
  if (!rhythm || jar.unfedH) return null;
  const { feedByH } = outlook.forecast;
  const harmAt = feedByH === null ? null : jar.since + feedByH * HOUR;
  const restH = dueAt === null ? hours : (dueAt - jar.since) / HOUR;
  const borne = jar.borneH >= NEARLY * restH;
  if (harmAt !== null && harmAt < (dueAt ?? now) && !borne) return null;
  if (dueAt === null)
    return { jar: jar.id, reason: 'onlyForBakes', from: harmAt ?? now, by: borne ? null : harmAt };
  return { jar: jar.id, reason: 'rhythm', from: dueAt - graceOf(rhythm), by: dueAt };
}

/**
 * The feed a jar needs. On the counter: while it is ripe. In the cold: before half of its yeast has starved. A jar that is
 * hungry asks at once.
 */
function stepByNeed(standing: Standing): NextStep {
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

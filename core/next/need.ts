import { type Forecast, isHungry } from '../ferment';
import { type Standing, graceOf, isAnybodysGuess } from '../journal';
import { DAY, HOUR, type Instant } from '../measure';

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
  | 'onlyForBakes'
  /** It has starved for so long that a usual feed may not bring it back. */
  | 'neglected';

/** The feed that a jar asks for when nobody has planned one. */
export interface Need {
  readonly reason: FeedReason;
  /** From when it makes sense. */
  readonly from: Instant;
  /** Best done by then. It stays where it is when it has passed: late is told as late. Null when nothing presses. */
  readonly by: Instant | null;
  /** When half of the yeast that its last feed raised has starved; null when that is beyond the time looked at, or not known. */
  readonly harmAt: Instant | null;
}

/**
 * The feed a jar asks for: by the rhythm on its card, as long as that does it no harm; else as it needs it.
 *
 * @example needOf(standing).by // 19:55, and still 19:55 at midnight
 */
export function needOf(standing: Standing): Need {
  if (isNeglected(standing)) return { ...needByFood(standing), reason: 'neglected' };
  return needAfterCold(standing) ?? needByRhythm(standing) ?? needByFood(standing);
}

/** What stood warm for longer without a feed may have died: in the cold a year is survived. */
const SURE_WHEN_WARM = 60 * DAY;

/**
 * Whether nobody can say that a jar still lives: unfed for two months, and in no fridge since it was fed. One that was moved
 * has most likely been in the cold.
 *
 * @example mayHaveDied(standing) // false two days after a feed
 */
export const mayHaveDied = ({ jar, now, place }: Standing): boolean =>
  now - jar.since > SURE_WHEN_WARM && jar.stays.length === 1 && place?.kind !== 'fridge';

/** From the fridge a jar stands an hour or two before it is fed. */
const CHILL_OFF = HOUR;
const WARMED = 2 * HOUR;
/** Taken out with more of its food left, it is no feed that it was taken out for. */
const TO_BE_FED = 0.7;

/** A jar that was taken out of the cold, or is about to be, is fed when it has lost its chill. */
function needAfterCold(standing: Standing): Need | null {
  const { stage, moment, outAt } = standing;
  if (outAt === null || stage === 'ripe' || moment.food > TO_BE_FED) return null;
  const harmAt = harmOf(standing);
  return { reason: 'warming', from: outAt + CHILL_OFF, by: outAt + WARMED, harmAt };
}

/** So much of a rest that a jar came through before counts as that rest. */
const NEARLY = 0.9;

/**
 * Whether a jar came through about so many hours without a feed before.
 *
 * @example hasBorne(standing, standing.hours) // true for one that always waits for its Saturday
 */
export const hasBorne = ({ jar }: Pick<Standing, 'jar'>, hours: number): boolean =>
  jar.borneH >= NEARLY * hours;

/** What the rhythm asks for. Null without one, and for a jar that would come to harm in it and has never borne so much. */
function needByRhythm(standing: Standing): Need | null {
  const { jar, now, hours, dueAt, rhythm } = standing;
  // Where the last feed is only guessed at, no hour can be due since then.
  if (!rhythm || jar.unfedH) return null;
  const harmAt = harmOf(standing);
  const restH = dueAt === null ? hours : (dueAt - jar.since) / HOUR;
  const borne = hasBorne(standing, restH);
  if (harmAt !== null && harmAt < (dueAt ?? now) && !borne) return null;
  if (dueAt === null)
    return { reason: 'onlyForBakes', from: harmAt ?? now, by: borne ? null : harmAt, harmAt };
  return { reason: 'rhythm', from: dueAt - graceOf(rhythm), by: dueAt, harmAt };
}

/** Below this a jar was put away to rest: it is not late for having passed its peak there. °C */
const AT_REST_CELSIUS = 10;

/**
 * Whether a jar ends in the cold where it stands, or where it is to go.
 *
 * @example goesCold(standing.outlook.forecast) // true for a jar of the fridge
 */
export const goesCold = ({ curve }: Pick<Forecast, 'curve'>): boolean =>
  curve.at(-1)!.celsius < AT_REST_CELSIUS;

/** A forecast over longer than this tells the day and not the hour. */
const HOURS_KNOWN = 7 * DAY;

/**
 * Whether an instant is forecast over so long from the last feed that only its day is known.
 *
 * @example isKnownToDay(standing, standing.now) // true for a jar that was fed weeks ago
 */
export const isKnownToDay = ({ jar }: Pick<Standing, 'jar'>, at: Instant): boolean =>
  at - jar.since > HOURS_KNOWN;

/**
 * The feed a jar needs by its food. On the counter: while it is ripe. In the cold: before half of its yeast has starved. The
 * hour by which it was best fed stays, whatever has become of the jar since.
 */
function needByFood(standing: Standing): Need {
  const { jar, now, stage, outlook, moment } = standing;
  const { ripeFromH, ripeUntilH, emptyAtH, peaksAtH } = outlook.forecast;
  const at = (hours: number | null) => (hours === null ? null : jar.since + hours * HOUR);
  if (jar.unfedH) return needByGuess(standing, at(emptyAtH));
  const harmAt = harmOf(standing);
  const atRest = moment.celsius < AT_REST_CELSIUS;
  const best = atRest ? harmAt : (at(ripeUntilH) ?? at(emptyAtH) ?? harmAt);
  const need = (reason: FeedReason, from: Instant, by: Instant | null): Need => ({
    reason,
    from,
    by,
    harmAt,
  });
  switch (stage) {
    case 'hooch':
    case 'hungry':
      return need(stage, now, best ?? now);
    case 'ripe':
      return need('ripe', at(ripeFromH) ?? now, at(ripeUntilH) ?? harmAt);
    case 'past':
    case 'sunk':
      return need('past', now, best);
    case 'resting':
      return need('resting', now, harmAt);
    case 'asleep':
      return need('asleep', at(emptyAtH) ?? now, harmAt);
    case 'settled':
    case 'waking':
    case 'rising':
      return ripeFromH !== null
        ? need('ripens', at(ripeFromH)!, at(ripeUntilH))
        : need('resting', at(peaksAtH ?? emptyAtH) ?? now, harmAt);
  }
}

/** So far ahead a guess still tells the day. */
const KNOWN_TO_DAYS = 2 * DAY;

/**
 * The feed of a jar whose last one was guessed at: at once where it looks starved, and else when its food should be gone. No
 * hour of its rise is known, and none by which it is best fed.
 */
function needByGuess({ now, stage }: Standing, emptyAt: Instant | null): Need {
  const need = { by: null, harmAt: null };
  if (isHungry(stage)) return { ...need, reason: stage, from: now, by: now };
  const inDays = emptyAt !== null && emptyAt - now > KNOWN_TO_DAYS;
  return { ...need, reason: 'resting', from: inDays ? emptyAt : now };
}

/** When half of its yeast has starved, as far as that is known. */
const harmOf = ({ jar, outlook }: Standing): Instant | null => {
  const { feedByH } = outlook.forecast;
  return feedByH === null || jar.unfedH ? null : jar.since + feedByH * HOUR;
};

/** A jar starved beyond its harm for longer than this loses nothing more in a few hours, and needs more than a feed. */
const LONG_STARVED = 72 * HOUR;
/** Unfed for as long as this by what its keeper said, it needs looking over first, hours. */
const LONG_UNFED_H = 10 * 24;

/**
 * Whether a jar has starved for so long that a usual feed may not bring it back, or nobody can say that it has not: it is
 * looked over first, and most often comes back by a programme. A rest that it came through before is none.
 *
 * @example isNeglected(standing) // true after six weeks in a warm cupboard
 */
export function isNeglected(standing: Standing): boolean {
  const { jar, now, hours } = standing;
  if (jar.unfedH)
    return isAnybodysGuess(jar) || jar.unfedH[0] + (now - jar.started) / HOUR >= LONG_UNFED_H;
  const harmAt = harmOf(standing);
  return harmAt !== null && now - harmAt > LONG_STARVED && !hasBorne(standing, hours);
}

import {
  type Forecast,
  LONGEST,
  PACE_UNKNOWNS,
  type Moment,
  type PaceBelief,
  type Place,
  type Stage,
  UNTOLD,
  UNTOLD_BY_EYE,
  USUAL_BELIEF,
  balancedDraws,
  drawnPace,
  forecast,
  heightAt,
  likelyHours,
  momentAt,
  stageAt,
  tenthAndNineTenths,
} from '../ferment';
import { HOUR, type Instant } from '../measure';
import { placeAt } from './air';
import { type FoldContext, type Jar, conditionsOf, standsIn } from './fold';
import { type Rhythm, nextByRhythm } from './rhythm';

/** An hour and how far it may be off: one in ten falls before `low`, one in ten after `high`. */
export interface Between {
  readonly low: number;
  readonly high: number;
}

/** A feed's forecast with its width. Hours from the setting of the band. */
export interface Outlook {
  readonly forecast: Forecast;
  /** The height at the hours of the forecast's curve, 10 to 90 %. */
  readonly heights: readonly Between[];
  readonly peaksAtH: Between | null;
  readonly ripeFromH: Between | null;
  readonly doublesAtH: Between | null;
}

/** A jar at a moment. */
export interface Standing {
  readonly jar: Jar;
  readonly now: Instant;
  /** Hours since the band was set. */
  readonly hours: number;
  readonly moment: Moment;
  readonly stage: Stage;
  readonly outlook: Outlook;
  readonly place: Place | undefined;
  /** When it comes, or came, out of the cold to be fed; null where it did not. */
  readonly outAt: Instant | null;
  /** The rhythm on its card, while it counts: one of the counter rests with a jar that was put into the cold. */
  readonly rhythm: Rhythm | null;
  /** When it is to be fed by that rhythm; null where it has none, or is fed only before a bake. */
  readonly dueAt: Instant | null;
}

/** Draws that make the width: six unknowns of the pace, one of the feed, and one of the thermometer. */
const DRAWS = balancedDraws();

/** Of the forecast of a feed that is only thought of, while a finger slides, one moment in so many is kept. */
export const SKETCHED = 2;

/**
 * The forecast of the jar's present feed, with its width from what is believed of its pace and from the place's
 * thermometer: a few draws that cover both evenly, the same at every call.
 *
 * @param hours how far to look, from the setting of the band
 * @param every of the forecast's moments one in so many is kept
 * @param doubted the same jar as it may be as well, where nobody knows which: half of the draws are about it
 * @example outlookOf(jar, context, 48).forecast.peaksAtH
 */
export function outlookOf(
  jar: Jar,
  context: FoldContext,
  hours: number,
  belief: PaceBelief = USUAL_BELIEF,
  every = 1,
  doubted: Jar | null = null,
): Outlook {
  const whole = forecast(jar.fedMix, conditionsOf(jar, context), hours);
  const last = whole.curve.length - 1;
  const kept = whole.curve.filter((_, i) => i % every === 0 || i === last);
  const best = { ...whole, curve: kept };
  const place = placeAt(context.places, standsIn(jar), Infinity);
  // Long after the peak all draws have sunk alike: following them there would only cost time.
  const { ripeUntilH, peaksAtH } = best;
  const drawnHours = Math.min(hours, 2 * (ripeUntilH ?? peaksAtH ?? hours) + 24);
  const draws = DRAWS.map((normal, i) => {
    const pace = drawnPace(belief, normal, jar.lastFed?.rough ? UNTOLD_BY_EYE : UNTOLD);
    return forecast(
      jar.fedMix,
      conditionsOf(
        i % 2 === 1 && doubted ? doubted : jar,
        { ...context, pace },
        (place?.sd ?? 1) * normal[PACE_UNKNOWNS]!,
      ),
      drawnHours,
    );
  });
  const among = (pick: (f: Forecast) => number | null): Between | null => {
    const known = draws.map(pick).filter((h) => h !== null);
    return known.length > DRAWS.length / 2 ? likelyHours(known) : null;
  };
  return {
    forecast: best,
    heights: best.curve.map(({ hours: at, height }) =>
      at > drawnHours
        ? { low: height, high: height }
        : tenthAndNineTenths(draws.map((f) => heightAt(f.curve, at))),
    ),
    peaksAtH: among((f) => f.peaksAtH),
    ripeFromH: among((f) => f.ripeFromH),
    doublesAtH: among((f) => f.doublesAtH),
  };
}

/**
 * A jar at `now`, read off an outlook that reaches at least so far.
 *
 * @example standingAt(jar, outlookOf(jar, context, 48), context, now).stage
 */
export function standingAt(
  jar: Jar,
  outlook: Outlook,
  context: FoldContext,
  now: Instant,
): Standing {
  const hours = Math.max(0, (now - jar.since) / HOUR);
  const rhythm = rhythmOf(jar, context);
  return {
    jar,
    now,
    hours,
    moment: momentAt(outlook.forecast.curve, hours),
    stage: stageAt(outlook.forecast, hours),
    outlook,
    place: placeAt(context.places, standsIn(jar), now),
    outAt: outOfTheCold(jar, context, now),
    rhythm,
    dueAt: rhythm && nextByRhythm(rhythm, jar.since, context.time),
  };
}

/** Fed as often as this a jar lives on the counter, hours. */
const COUNTER_RHYTHM_H = 48;
/** Fed from the cold no later than so many times its rhythm, that is how it is kept. */
const ABOUT_ITS_RHYTHM = 1.5;

/**
 * The rhythm by which a jar is fed where it ends up. Whoever feeds every day and puts the jar into the fridge means it to rest:
 * there it keeps for weeks. Unless it was in the fridge between its last feeds too, and was still fed in its rhythm.
 *
 * @example rhythmOf(jar, context) // null: fed twice a day, and put into the fridge since
 */
export function rhythmOf(
  { card, stays, coming = [], coldRestH }: Jar,
  { places }: Pick<FoldContext, 'places'>,
): Rhythm | null {
  const { rhythm } = card;
  if (!rhythm) return null;
  const { place, from } = [...stays, ...coming].at(-1)!;
  const rests =
    rhythm.everyH !== null &&
    rhythm.everyH <= COUNTER_RHYTHM_H &&
    placeAt(places, place, from)?.kind === 'fridge' &&
    (coldRestH ?? Infinity) > ABOUT_ITS_RHYTHM * rhythm.everyH;
  return rests ? null : rhythm;
}

/** A jar that came out of the cold longer ago has been out. */
const JUST_OUT = 6 * HOUR;

/** When a jar that has stood in the fridge since its feed is taken out: lately, or at an hour that is still to come. */
function outOfTheCold(
  { stays, coming = [], since }: Jar,
  { places }: FoldContext,
  now: Instant,
): Instant | null {
  const cold = ({ place, from }: { readonly place: string; readonly from: Instant }) =>
    placeAt(places, place, from)?.kind === 'fridge';
  const all = [...stays, ...coming];
  const out = all.findLastIndex((stay, i) => i > 0 && !cold(stay) && cold(all[i - 1]!));
  const last = all[out];
  if (!last || out < all.length - 1 || last.from <= since) return null;
  return now - last.from > JUST_OUT ? null : last.from;
}

/**
 * Hours to look ahead so that a jar's `now` and what follows are inside: whole days, for outlooks that can be reused.
 *
 * @example horizonFor(jar, jar.since + 30 * HOUR, 12) // 48
 */
export function horizonFor(jar: Jar, now: Instant, ahead: number): number {
  return Math.min(LONGEST, Math.ceil(((now - jar.since) / HOUR + ahead) / 24) * 24);
}

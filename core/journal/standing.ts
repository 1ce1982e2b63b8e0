import {
  type Forecast,
  type Moment,
  PACE_SPREAD,
  type Place,
  type Stage,
  forecast,
  heightAt,
  momentAt,
  stageAt,
} from '../ferment';
import { HOUR, type Instant } from '../measure';
import { type FoldContext, type Jar, conditionsOf, placeAt } from './fold';

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
}

/** Quantiles of the normal distribution at the middle of nine equal shares. */
const NINTHS = [-1.593, -0.967, -0.589, -0.282, 0, 0.282, 0.589, 0.967, 1.593];
/** The same nine in another order for the second unknown, so that the two are not tied together. */
const SHUFFLED = [4, 8, 1, 6, 2, 7, 0, 3, 5];

/**
 * The forecast of the jar's present feed, with a band from the spread of starters and of the place's thermometer: nine
 * draws that cover both evenly, the same at every call.
 *
 * @param hours how far to look, from the setting of the band
 */
export function outlookOf(jar: Jar, context: FoldContext, hours: number): Outlook {
  const best = forecast(jar.fedMix, conditionsOf(jar, context), hours);
  const place = placeAt(context.places, jar.stays[jar.stays.length - 1]!.place, Infinity);
  // Long after the peak all draws have sunk alike: following them there would only cost time.
  const { ripeUntilH, peaksAtH } = best;
  const drawnHours = Math.min(hours, 2 * (ripeUntilH ?? peaksAtH ?? hours) + 24);
  const draws = NINTHS.map((z, i) => {
    const z2 = NINTHS[SHUFFLED[i]!]!;
    const pace = {
      pace: context.pace.pace * Math.exp(PACE_SPREAD.pace * 0.5 * z),
      lag: context.pace.lag,
      lift: context.pace.lift * Math.exp(PACE_SPREAD.lift * 0.4 * z2),
    };
    return forecast(
      jar.fedMix,
      conditionsOf(jar, { ...context, pace }, (place?.sd ?? 1) * z2),
      drawnHours,
    );
  });
  const among = (pick: (f: Forecast) => number | null): Between | null => {
    const known = draws.map(pick).filter((h) => h !== null);
    return known.length > NINTHS.length / 2 ? tenthAndNineTenths(known) : null;
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

/** A jar at `now`, read off an outlook that reaches at least so far. */
export function standingAt(
  jar: Jar,
  outlook: Outlook,
  context: FoldContext,
  now: Instant,
): Standing {
  const hours = Math.max(0, (now - jar.since) / HOUR);
  return {
    jar,
    now,
    hours,
    moment: momentAt(outlook.forecast.curve, hours),
    stage: stageAt(outlook.forecast, hours),
    outlook,
    place: placeAt(context.places, jar.stays[jar.stays.length - 1]!.place, now),
  };
}

/** Hours to look ahead so that a jar's `now` and what follows are inside: whole days, for outlooks that can be reused. */
export function horizonFor(jar: Jar, now: Instant, ahead: number): number {
  return Math.ceil(((now - jar.since) / HOUR + ahead) / 24) * 24;
}

/** The 10 % and 90 % points of a few numbers, between neighbours in straight lines. */
function tenthAndNineTenths(numbers: readonly number[]): Between {
  const sorted = [...numbers].sort((a, b) => a - b);
  const at = (share: number) => {
    const position = Math.min(sorted.length - 1, Math.max(0, share * sorted.length - 0.5));
    const below = Math.floor(position);
    const next = sorted[Math.min(sorted.length - 1, below + 1)]!;
    return sorted[below]! + (position - below) * (next - sorted[below]!);
  };
  return { low: at(0.1), high: at(0.9) };
}

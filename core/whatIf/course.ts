import {
  type Conditions,
  type Mix,
  celsiusAt,
  feed,
  forecast,
  keepOf,
  momentAt,
  simulate,
  starterIn,
  stir,
  usualVessel,
} from '../ferment';
import { type Setup } from './setup';

/** A feed of a set-up and what became of it until the next one; hours from the feed. */
export interface FeedCourse {
  /** Hours from the beginning. */
  readonly at: number;
  readonly ripeFromH: number | null;
  readonly ripeUntilH: number | null;
  readonly peakHeight: number;
  /** Where it is ripest, ml 0.1 N per 10 g; at the end, where it is never ripe. */
  readonly acid: number;
  /** Hours before the next feed in which it had no food left to speak of. */
  readonly hungryH: number;
  /** Yeast at the end, 1 for a mature starter at its best. */
  readonly vigour: number;
}

/** A moment of a course. */
export interface CourseMoment {
  /** Hours from the beginning. */
  readonly hours: number;
  /** Against the band, which is set at each feed. */
  readonly height: number;
  /** Share of the flour's, 0 to 1. */
  readonly food: number;
  /** ml 0.1 N per 10 g. */
  readonly acid: number;
}

/** How a set-up goes over some days. */
export interface SetupCourse {
  readonly feeds: readonly FeedCourse[];
  readonly moments: readonly CourseMoment[];
  /** What it takes, grams of flour a week. */
  readonly flourWeekG: number;
}

/** Of the fridge, °C. */
const FRIDGE = 4;
/** Its first feed is at this hour of the day. */
const FIRST_HOUR = 8;
/** Below this share there is no food to speak of. */
const NO_FOOD = 0.02;

/**
 * Follows a set-up from its first feed, at eight in the morning. About a millisecond for a week of daily feeds.
 *
 * @param days 1 to 60
 * @example followSetup(USUAL_SETUP, 4).feeds.at(-1)!.ripeFromH // about 7
 */
export function followSetup(setup: Setup, days: number): SetupCourse {
  const { everyH, hydrationPct, keepG, parts, flour, outH, pace } = setup;
  const flourG = keepG * parts;
  const portions = { keepG, flourG, waterG: (flourG * hydrationPct) / 100, flour };
  const end = days * 24;
  const feeds: FeedCourse[] = [];
  const moments: CourseMoment[] = [];
  let mix: Mix = starterIn(setup.from, flour, hydrationPct, keepG);
  for (let at = 0; at < end; at += everyH) {
    const hours = Math.min(everyH, end - at);
    const room = celsiusAt(setup.temperature, (FIRST_HOUR + at) % 24);
    const fed = feed(keepOf(stir(mix), keepG), { ...portions, flourCelsius: room, waterCelsius: room }); // oxfmt-ignore
    const conditions: Conditions = {
      air: (since) =>
        outH !== null && since >= outH
          ? FRIDGE
          : celsiusAt(setup.temperature, (FIRST_HOUR + at + since) % 24),
      vessel: usualVessel(fed.massG, fed.hydrationPct),
      pace,
    };
    const all = forecast(fed, conditions, hours);
    const next = simulate(fed, conditions, hours);
    const emptyAt = all.emptyAtH ?? Infinity;
    feeds.push({
      at,
      ripeFromH: all.ripeFromH,
      ripeUntilH: all.ripeUntilH,
      peakHeight: all.peakHeight,
      acid: momentAt(all.curve, all.peaksAtH ?? hours).acid,
      hungryH: Math.max(0, hours - emptyAt),
      vigour: next.yeast,
    });
    for (const { hours: since, height, food, acid } of all.curve)
      moments.push({ hours: at + since, height, food: food < NO_FOOD ? 0 : food, acid });
    mix = next;
  }
  return { feeds, moments, flourWeekG: (flourG * 7 * 24) / everyH };
}

/** How two courses differ once each has settled, by their last whole feeds; hours and grams of the second less the first. */
export interface CourseDifference {
  /** The last whole feed of each. */
  readonly feeds: readonly [FeedCourse, FeedCourse];
  /** Which of them are ripe at all before they are fed again. */
  readonly ripens: readonly [boolean, boolean];
  /** Null unless both are ripe at some time. */
  readonly laterH: number | null;
  /** Of the time in which it is ripe; null as before. */
  readonly longerH: number | null;
  readonly acid: number;
  readonly hungryH: number;
  readonly vigour: number;
  readonly flourWeekG: number;
}

/**
 * @returns null where one has not come to the end of a feed yet
 * @example courseDifference([followSetup(USUAL_SETUP, 7), followSetup({ ...USUAL_SETUP, keepG: 40 }, 7)], [24, 24], 7)
 */
export function courseDifference(
  [a, b]: readonly [SetupCourse, SetupCourse],
  everyH: readonly [number, number],
  days: number,
): CourseDifference | null {
  const last = (course: SetupCourse, every: number) =>
    course.feeds.findLast(({ at }) => at + every <= days * 24);
  const [one, other] = [last(a, everyH[0]), last(b, everyH[1])];
  if (!one || !other) return null;
  const span = (fed: FeedCourse, every: number) =>
    fed.ripeFromH === null ? null : Math.min(every, fed.ripeUntilH ?? every) - fed.ripeFromH;
  const [spanA, spanB] = [span(one, everyH[0]), span(other, everyH[1])];
  const both = one.ripeFromH !== null && other.ripeFromH !== null;
  return {
    feeds: [one, other],
    ripens: [one.ripeFromH !== null, other.ripeFromH !== null],
    laterH: both ? other.ripeFromH - one.ripeFromH : null,
    longerH: spanA !== null && spanB !== null ? spanB - spanA : null,
    acid: other.acid - one.acid,
    hungryH: other.hungryH - one.hungryH,
    vigour: other.vigour - one.vigour,
    flourWeekG: b.flourWeekG - a.flourWeekG,
  };
}

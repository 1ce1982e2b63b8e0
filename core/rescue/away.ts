import { forecast, feed, simulate, type Vessel, type Mix, type Pace } from '../ferment';
import { type Blend, DAY, HOUR, type Instant } from '../measure';

/** What can be done with a jar before its baker leaves. */
export const LEAVINGS = ['leanFeed', 'stiffBall', 'dry', 'freeze'] as const;
export type Leaving = (typeof LEAVINGS)[number];

/** How a jar comes through an absence, one way of leaving it. */
export interface LeavingOutcome {
  readonly leaving: Leaving;
  /** What it is fed before, whole grams; null for what is dried or frozen. */
  readonly before: {
    readonly keepG: number;
    readonly flourG: number;
    readonly waterG: number;
  } | null;
  /** Share of its food left on the day of return. */
  readonly foodLeft: number | null;
  /** Active yeast then, 1 for a starter at its best. */
  readonly vigour: number | null;
  /** Feeds after the return until one doubles in time. */
  readonly feedsAfter: number;
  /** From the return until it can be ripe, hours. */
  readonly readyH: number;
}

/** What the reckoning needs of a jar and its kitchen. */
export interface LeavingJar {
  readonly mix: Mix;
  readonly keepG: number;
  readonly flour: Blend;
  readonly vessel: Vessel;
  readonly pace: Pace;
  readonly roomCelsius: number;
  readonly fridgeCelsius: number;
}

/** Out for so long before the fridge, hours: it goes to sleep neither hungry nor bursting. */
const OUT_BEFORE_H = 1.5;
const IN_TIME_H = 14;
const MOST_FEEDS = 8;

/** Feeds that keepers give what was dried or frozen, and the days they take. */
const WOKEN = { dry: { feedsAfter: 4, readyH: 4 * 24 }, freeze: { feedsAfter: 3, readyH: 3 * 24 } };

/** How a jar comes through so many days, by the model. */
export function leave(jar: LeavingJar, leaving: Leaving, days: number): LeavingOutcome {
  if (leaving === 'dry' || leaving === 'freeze')
    return { leaving, before: null, foodLeft: null, vigour: null, ...WOKEN[leaving] };
  const keepG = Math.min(jar.keepG, 20);
  const before =
    leaving === 'leanFeed'
      ? { keepG, flourG: 5 * keepG, waterG: 5 * keepG }
      : { keepG, flourG: 5 * keepG, waterG: Math.round(2.5 * keepG) };
  const conditions = (celsius: (hours: number) => number) => ({
    air: celsius,
    vessel: jar.vessel,
    pace: jar.pace,
  });
  const away = simulate(
    feed({ ...jar.mix, massG: Math.max(jar.mix.massG, keepG) }, { ...before, flour: jar.flour }),
    conditions((h) => (h < OUT_BEFORE_H ? jar.roomCelsius : jar.fridgeCelsius)),
    days * 24,
  );
  let mix = away;
  let hours = 0;
  for (let feeds = 1; feeds <= MOST_FEEDS; feeds++) {
    mix = feed(mix, { keepG: 20, flourG: 40, waterG: 40, flour: jar.flour });
    const inRoom = conditions(() => jar.roomCelsius);
    const { doublesAtH, ripeFromH, peaksAtH } = forecast(mix, inRoom, 48);
    if (ripeFromH !== null && doublesAtH !== null && doublesAtH <= IN_TIME_H)
      return {
        leaving,
        before,
        foodLeft: away.food,
        vigour: away.yeast,
        feedsAfter: feeds,
        readyH: hours + ripeFromH,
      };
    const wait = Math.min(24, Math.max(12, peaksAtH ?? 24));
    mix = simulate(mix, inRoom, wait);
    hours += wait;
  }
  return {
    leaving,
    before,
    foodLeft: away.food,
    vigour: away.yeast,
    feedsAfter: MOST_FEEDS,
    readyH: hours,
  };
}

/** A way that keepers use for so long: up to a week the fridge after a lean feed, to five weeks a stiff ball, else dried. */
export function advisedLeaving(days: number): Leaving {
  if (days <= 8) return 'leanFeed';
  return days <= 36 ? 'stiffBall' : 'dry';
}

/** When to begin feeding after a return, so that it is ripe by an instant; not before the return. */
export const beginBy = (
  { readyH }: LeavingOutcome,
  ripeBy: Instant,
  home: Instant,
): { readonly at: Instant; readonly inTime: boolean } => {
  const at = ripeBy - readyH * HOUR;
  return { at: Math.max(home, at), inTime: at >= home };
};

/** Whole days between two instants, at least one. */
export const daysAway = (from: Instant, until: Instant): number =>
  Math.max(1, Math.round((until - from) / DAY));

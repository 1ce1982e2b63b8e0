import { forecast, feed, simulate, type Vessel, type Mix, type Pace } from '../ferment';
import { type FoldContext, type Jar, mixAt } from '../journal';
import { type Blend, DAY, HOUR, type Instant } from '../measure';
import { keepsFor } from './backups';

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
  /** Longer than it keeps so: days that it does; null while it does. */
  readonly keepsDays: number | null;
}

/** What the reckoning needs of a jar and its kitchen. */
export interface LeavingJar {
  readonly mix: Mix;
  readonly keepG: number;
  /** Of its usual feed. */
  readonly hydrationPct: number;
  readonly flour: Blend;
  readonly vessel: Vessel;
  readonly pace: Pace;
  readonly roomCelsius: number;
  readonly fridgeCelsius: number;
}

/**
 * A jar as it would be left now.
 *
 * @example leave(leftNow(jar, context, now, { flour: { white: 1 }, roomCelsius: 22, fridgeCelsius: 5 }), 'dry', 30)
 */
export const leftNow = (
  jar: Jar,
  context: FoldContext,
  now: Instant,
  kitchen: Pick<LeavingJar, 'flour' | 'roomCelsius' | 'fridgeCelsius'>,
): LeavingJar => ({
  mix: mixAt(jar, now, context),
  keepG: jar.card.keepG,
  hydrationPct: (100 * jar.card.ratio.water) / jar.card.ratio.flour,
  vessel: jar.card.vessel,
  pace: context.pace,
  ...kitchen,
});

/** Out for so long before the fridge, hours: it goes to sleep neither hungry nor bursting. */
const OUT_BEFORE_H = 1.5;
const IN_TIME_H = 14;
/** Water over flour of a stiff ball. */
const BALL = 0.5;
const MOST_FEEDS = 8;

/** Feeds that keepers give what was dried or frozen, and the days they take. */
const WOKEN = { dry: { feedsAfter: 4, readyH: 4 * 24 }, freeze: { feedsAfter: 3, readyH: 3 * 24 } };

/**
 * How a jar comes through so many days, by the model.
 *
 * @example leave(jar, 'leanFeed', 14).feedsAfter
 */
export function leave(jar: LeavingJar, leaving: Leaving, days: number): LeavingOutcome {
  if (leaving === 'dry' || leaving === 'freeze') return asBackup(leaving, days);
  const keepG = Math.min(jar.keepG, 20);
  const wet = jar.hydrationPct / 100;
  const before = {
    keepG,
    flourG: 5 * keepG,
    waterG: Math.round(5 * keepG * (leaving === 'leanFeed' ? wet : Math.min(BALL, wet))),
  };
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
    mix = feed(mix, { keepG: 20, flourG: 40, waterG: 40 * wet, flour: jar.flour });
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
        keepsDays: null,
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
    // Nobody goes through so many feeds for a jar that was dried or frozen in the time.
    keepsDays: days - 1,
  };
}

/** Dried or frozen: a feed more for each time that all but a third of its cells have died. */
function asBackup(leaving: 'dry' | 'freeze', days: number): LeavingOutcome {
  const { renewDays, fadesDays } = keepsFor(leaving === 'dry' ? 'flakes' : 'frozen');
  const { feedsAfter, readyH } = WOKEN[leaving];
  const more = Math.floor(days / fadesDays);
  return {
    leaving,
    before: null,
    foodLeft: null,
    vigour: null,
    feedsAfter: feedsAfter + more,
    readyH: readyH + 24 * more,
    keepsDays: days > renewDays ? renewDays : null,
  };
}

/** What each way asks before leaving, counted in feeds: a lean feed is no more than usual, a ball is kneaded, a film dries for two days. */
const TROUBLE: Readonly<Record<Leaving, number>> = {
  leanFeed: 0,
  stiffBall: 0.4,
  freeze: 1,
  dry: 1.5,
};

/**
 * The way that costs least, before and to come back: feeds, the days they take, what it starves, and what may happen to a wet
 * jar while nobody looks. One that does not keep for so long costs more the further past its time it is.
 *
 * @example advisedLeaving(outcomes, 14)
 */
export function advisedLeaving(
  outcomes: Readonly<Record<Leaving, LeavingOutcome>>,
  days: number,
): Leaving {
  const cost = ({ leaving, feedsAfter, readyH, foodLeft, vigour, keepsDays }: LeavingOutcome) =>
    TROUBLE[leaving] +
    feedsAfter +
    readyH / 48 +
    (foodLeft !== null && foodLeft < STARVED ? HARM / vigour! : 0) +
    (foodLeft === null ? 0 : days / WET_DAYS) +
    (keepsDays === null ? 0 : (10 * days) / keepsDays);
  return LEAVINGS.reduce((a, b) => (cost(outcomes[b]) < cost(outcomes[a]) ? b : a));
}

/** With less of its food left it has starved; that costs the more, the less of its yeast is left. */
const STARVED = 0.1;
const HARM = 0.3;
/** A wet jar that nobody looks at for so many days is worth a feed's worry: a fridge fails, a lid dries. */
const WET_DAYS = 60;

/** When to begin feeding after a return, so that it is ripe by an instant; not before the return. */
export const beginBy = (
  { readyH }: LeavingOutcome,
  ripeBy: Instant,
  home: Instant,
): { readonly at: Instant; readonly inTime: boolean } => {
  const at = ripeBy - readyH * HOUR;
  return { at: Math.max(home, at), inTime: at >= home };
};

/**
 * Whole days between two instants, at least one.
 *
 * @example daysAway(0, 60 * HOUR) // = 3
 */
export const daysAway = (from: Instant, until: Instant): number =>
  Math.max(1, Math.round((until - from) / DAY));

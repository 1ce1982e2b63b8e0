import { USUAL_PACE, starterIn } from '../ferment';
import { DAY, HOUR } from '../measure';
import {
  type Leaving,
  type LeavingOutcome,
  advisedLeaving,
  beginBy,
  daysAway,
  leave,
} from './away';

const T0 = Date.parse('2026-02-02T08:00:00Z');

describe('going away', () => {
  const jar = {
    mix: starterIn('ripe', { white: 1 }, 100, 180),
    keepG: 20,
    hydrationPct: 100,
    flour: { white: 1 },
    vessel: { emptyG: 300, capacityMl: 500 },
    pace: USUAL_PACE,
    roomCelsius: 22,
    fridgeCelsius: 5,
  };

  it('is left as wet as it is kept, or stiffer', () => {
    const water = (hydrationPct: number) =>
      (['leanFeed', 'stiffBall'] as const).map(
        (leaving) => leave({ ...jar, hydrationPct }, leaving, 7).before!.waterG,
      );
    expect(water(60)).toEqual([60, 50]);
    expect(water(45)).toEqual([45, 45]);
    expect(water(125)).toEqual([125, 50]);
  });

  it('for longer needs more feeds afterwards, and takes longer to be ripe', () => {
    const [week, month, season] = [7, 30, 90].map((days) => leave(jar, 'leanFeed', days));
    expect(week!.feedsAfter).toBeLessThanOrEqual(month!.feedsAfter);
    expect(month!.readyH).toBeLessThan(season!.readyH);
    expect(week!.foodLeft).toBeGreaterThan(month!.foodLeft!);
  });

  it('as a stiff ball keeps more food than as a liquid one', () => {
    expect(leave(jar, 'stiffBall', 21).foodLeft).toBeGreaterThan(
      leave(jar, 'leanFeed', 21).foodLeft!,
    );
    expect(leave(jar, 'stiffBall', 21).before!.waterG).toBeLessThan(
      leave(jar, 'stiffBall', 21).before!.flourG,
    );
  });

  const outcomesOf = (days: number) => ({
    leanFeed: leave(jar, 'leanFeed', days),
    stiffBall: leave(jar, 'stiffBall', days),
    dry: leave(jar, 'dry', days),
    freeze: leave(jar, 'freeze', days),
  });

  it('is advised by what it costs to come back: nothing is dried for a week, nothing left wet for a year', () => {
    const advised = [3, 8, 30, 80, 120, 365].map((days) => advisedLeaving(outcomesOf(days), days));
    expect(advised).toEqual(['leanFeed', 'leanFeed', 'stiffBall', 'freeze', 'dry', 'dry']);
  });

  it('says when it is left for longer than it keeps', () => {
    expect(outcomesOf(60).freeze.keepsDays).toBeNull();
    expect(outcomesOf(120).freeze.keepsDays).toBe(92);
    expect(outcomesOf(120).dry.keepsDays).toBeNull();
    expect(outcomesOf(400).dry).toMatchObject({ keepsDays: 183, feedsAfter: 5 });
  });

  it('says when to begin to be ripe by an hour, and when that is too soon', () => {
    const outcome = leave(jar, 'leanFeed', 7);
    const home = T0 + 7 * DAY;
    const easy = beginBy(outcome, home + 4 * DAY, home);
    expect(easy.inTime).toBe(true);
    expect(easy.at).toBeGreaterThan(home);
    expect(beginBy(outcome, home + HOUR, home)).toEqual({ at: home, inTime: false });
  });

  it('feeds a lean liquid or a stiff ball of at most 20 g of keep, and nothing that is dried or frozen', () => {
    const before = (of: typeof jar, leaving: Leaving) => leave(of, leaving, 7).before;
    expect(before(jar, 'leanFeed')).toEqual({ keepG: 20, flourG: 100, waterG: 100 });
    expect(before({ ...jar, keepG: 90 }, 'leanFeed')).toEqual({
      keepG: 20,
      flourG: 100,
      waterG: 100,
    });
    expect(before({ ...jar, keepG: 5 }, 'stiffBall')).toEqual({
      keepG: 5,
      flourG: 25,
      waterG: 13,
    });
    expect(before(jar, 'dry')).toBeNull();
    expect(before(jar, 'freeze')).toBeNull();
  });

  it('goes by the room before and the fridge while nobody is there', () => {
    const food = (over: Partial<typeof jar>) =>
      leave({ ...jar, ...over }, 'leanFeed', 14).foodLeft!;
    expect(food({ fridgeCelsius: 9 })).toBeLessThan(food({}));
    expect(food({ roomCelsius: 30 })).toBeLessThan(food({}));
    expect(food({ pace: { ...USUAL_PACE, pace: 1.3 * USUAL_PACE.pace } })).toBeLessThan(food({}));
  });

  it('is ready after every feed before the last, and the hours until that is ripe', () => {
    for (const days of [7, 30, 90]) {
      const { feedsAfter, readyH, vigour } = leave(jar, 'leanFeed', days);
      expect(feedsAfter).toBeLessThan(8);
      // Between two feeds lie half a day to a whole one; a feed is ripe within a day.
      expect(readyH).toBeGreaterThan(12 * (feedsAfter - 1) + 3);
      expect(readyH).toBeLessThan(24 * feedsAfter);
      expect(vigour).toBeGreaterThan(0);
      expect(vigour).toBeLessThanOrEqual(1);
    }
    expect(leave(jar, 'leanFeed', 7)).toMatchObject({ leaving: 'leanFeed', keepsDays: null });
  });

  it('that eight feeds do not mend keeps for less than that', () => {
    const killed = { ...jar, roomCelsius: 9 };
    const outcome = leave(killed, 'leanFeed', 300);
    expect(outcome).toMatchObject({ feedsAfter: 8, keepsDays: 299 });
    expect(outcome.readyH).toBeGreaterThanOrEqual(8 * 12);
  });

  it('costs a day and a feed more for each time that most of a backup has died', () => {
    expect(leave(jar, 'dry', 239)).toMatchObject({ feedsAfter: 4, readyH: 96 });
    expect(leave(jar, 'dry', 240)).toMatchObject({ feedsAfter: 5, readyH: 120 });
    expect(leave(jar, 'freeze', 149)).toMatchObject({ feedsAfter: 3, readyH: 72 });
    expect(leave(jar, 'freeze', 300)).toMatchObject({ feedsAfter: 5, readyH: 120, foodLeft: null });
    expect(leave(jar, 'dry', 183).keepsDays).toBeNull();
    expect(leave(jar, 'dry', 184).keepsDays).toBe(183);
  });

  /** Four ways that are all the same, but for what is said of one. */
  const alike = (over: Partial<Record<Leaving, Partial<LeavingOutcome>>>) => {
    const outcome = { before: null, vigour: 1, feedsAfter: 2, readyH: 24, keepsDays: null };
    const of = (leaving: Leaving): LeavingOutcome => ({
      ...outcome,
      leaving,
      foodLeft: leaving === 'dry' || leaving === 'freeze' ? null : 0.5,
      ...over[leaving],
    });
    return {
      leanFeed: of('leanFeed'),
      stiffBall: of('stiffBall'),
      dry: of('dry'),
      freeze: of('freeze'),
    };
  };

  it('is advised as what is least trouble, where all else is alike', () => {
    expect(advisedLeaving(alike({}), 10)).toBe('leanFeed');
    // A feed, or two days, are more than the kneading of a ball.
    expect(advisedLeaving(alike({ leanFeed: { feedsAfter: 3 } }), 10)).toBe('stiffBall');
    expect(advisedLeaving(alike({ leanFeed: { readyH: 48 } }), 10)).toBe('stiffBall');
    expect(advisedLeaving(alike({ leanFeed: { readyH: 40 } }), 10)).toBe('leanFeed');
    // Starving is worth a ball, more so with little yeast left.
    expect(advisedLeaving(alike({ leanFeed: { foodLeft: 0.05 } }), 10)).toBe('leanFeed');
    expect(advisedLeaving(alike({ leanFeed: { foodLeft: 0.05, vigour: 0.5 } }), 10)).toBe(
      'stiffBall',
    );
    expect(advisedLeaving(alike({ leanFeed: { foodLeft: 0.1, vigour: 0.1 } }), 10)).toBe(
      'leanFeed',
    );
    // Two months of worry about a wet jar are a portion in the freezer, three a film on paper.
    expect(advisedLeaving(alike({}), 59)).toBe('leanFeed');
    expect(advisedLeaving(alike({}), 61)).toBe('freeze');
    expect(advisedLeaving(alike({ freeze: { keepsDays: 40 } }), 89)).toBe('leanFeed');
    expect(advisedLeaving(alike({ freeze: { keepsDays: 40 } }), 91)).toBe('dry');
  });

  it('is counted in whole days, and begun again not before the return', () => {
    expect(daysAway(T0, T0 + 36.1 * HOUR)).toBe(2);
    expect(daysAway(T0, T0 + HOUR)).toBe(1);
    const outcome = { ...leave(jar, 'dry', 7), readyH: 30 };
    expect(beginBy(outcome, T0 + 30 * HOUR, T0)).toEqual({ at: T0, inTime: true });
    expect(beginBy(outcome, T0 + 31 * HOUR, T0)).toEqual({ at: T0 + HOUR, inTime: true });
    expect(beginBy(outcome, T0 + 29 * HOUR, T0)).toEqual({ at: T0, inTime: false });
  });
});

import { type Rhythm } from '../journal';
import { DAY, HOUR } from '../measure';
import { NOW, TIME, bakeIn, jarFed, plansOf, problemWith } from './someKitchen.testing';

/** The feeds of a week without a bake, as local hours and days from now. */
function feedsOf(rhythm: Rhythm, home: 'counter' | 'fridge', hoursAgo: number) {
  const jar = jarFed(hoursAgo, home, { home, rhythm });
  const [plan] = plansOf(problemWith({ jars: [jar], until: NOW + 14 * DAY }));
  return plan!.steps
    .filter(({ kind }) => kind === 'feed')
    .map(({ at }) => ({ days: (at - NOW) / DAY, hour: TIME.hourOfDay(at), at }));
}

describe('a jar with a rhythm on its card', () => {
  it('fed daily at eight is fed daily about eight, no more and no less', () => {
    const feeds = feedsOf({ everyH: 24, at: 8 }, 'counter', 10);
    expect(feeds.length).toBeGreaterThanOrEqual(13);
    expect(feeds.length).toBeLessThanOrEqual(14);
    for (const { hour } of feeds) expect(Math.abs(hour - 8)).toBeLessThanOrEqual(0.5);
  });

  it('fed on Sundays in the cold has one decision a week', () => {
    // NOW is a Tuesday evening; it was fed on Sunday morning.
    const feeds = feedsOf({ everyH: 168, at: 10, on: 6 }, 'fridge', 56);
    expect(feeds).toHaveLength(2);
    for (const { at, hour } of feeds) {
      expect(new Date(at + TIME.offset(at)).getUTCDay()).toBe(0);
      expect(Math.abs(hour - 10)).toBeLessThanOrEqual(0.5);
    }
  });

  it('fed only before a bake is left in peace without one', () => {
    expect(feedsOf({ everyH: null }, 'fridge', 30)).toEqual([]);
  });

  it('is built up by so many feeds before a bake', () => {
    const rhythm = { everyH: null, buildUp: 2 };
    const jar = jarFed(60, 'fridge', { home: 'fridge', rhythm });
    const plans = plansOf(problemWith({ jars: [jar], wanted: [bakeIn(86)], until: NOW + 6 * DAY }));
    for (const { steps } of plans) {
      const levain = steps.find(({ kind }) => kind === 'build' || kind === 'topUp')!;
      const before = steps.filter(({ kind, at }) => kind === 'feed' && at < levain.at);
      expect(before.length).toBeGreaterThanOrEqual(1);
      expect(levain.at - before[0]!.at).toBeLessThan(4 * 24 * HOUR);
    }
  });
});

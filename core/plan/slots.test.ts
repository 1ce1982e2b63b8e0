import fc from 'fast-check';

import { DAY, HOUR, kitchenTime } from '../measure';
import {
  GRAIN,
  firstAt,
  firstHandsIn,
  gapsIn,
  handsForJar,
  handsFrom,
  inHands,
  isOddHour,
  slotsFor,
  withinHands,
} from './slots';
import { problemWith } from './someKitchen.testing';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const time = kitchenTime('Europe/Lisbon');
const hands = (from: number, until: number) => ({
  from: NOW + from * HOUR,
  until: NOW + until * HOUR,
});
const bake = {
  id: 'tins',
  jar: 'grebe',
  levainG: 150,
  from: NOW + 20 * HOUR,
  until: NOW + 22 * HOUR,
};

describe('slots', () => {
  it('are where hands are, in order, on the half hour but for now and for hands of a moment', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0, max: 60, noNaN: true }),
            fc.double({ min: 0.5, max: 9, noNaN: true }),
          ),
          { maxLength: 6 },
        ),
        (stretches) => {
          const there = stretches.map(([from, length]) => hands(from, from + length));
          const { all, forFeeds } = slotsFor(NOW, NOW + 3 * DAY, there, [bake], time);
          expect([...all].sort((a, b) => a - b)).toEqual(all);
          expect(new Set(all).size).toBe(all.length);
          for (const slot of all) {
            expect(inHands(there, slot)).toBe(true);
            expect(slot === NOW || slot % GRAIN === 0).toBe(true);
          }
          for (const slot of forFeeds) expect(all).toContain(slot);
        },
      ),
    );
  });

  it('hold this very moment when somebody is there, so that what is late can be done at once', () => {
    expect(slotsFor(NOW, NOW + DAY, [hands(-2, 3)], [bake], time).all[0]).toBe(NOW);
    expect(slotsFor(NOW, NOW + DAY, [hands(1, 3)], [bake], time).all[0]).toBeGreaterThan(NOW);
  });

  /** Hours of the clock on the 13th, by which slots are told: 27 is three in the morning of the 14th. */
  const slotsIn = (zone: string) => {
    const local = kitchenTime(zone);
    const midnight = Date.parse('2026-03-13T00:00:00Z') - local.offset(NOW);
    const between = ([from, to]: readonly [number, number]) => ({
      from: midnight + from * HOUR,
      until: midnight + to * HOUR,
    });
    const told = (instants: Iterable<number>) =>
      [...instants].map((at) => (at - midnight) / HOUR).sort((a, b) => a - b);
    return (
      now: number,
      stretches: readonly (readonly [number, number])[],
      ripeAt: number | null,
      until = 7 * 24,
    ) => {
      const { all, forFeeds } = slotsFor(
        midnight + now * HOUR,
        midnight + until * HOUR,
        stretches.map(between),
        ripeAt === null ? [] : [{ ...bake, ...between([ripeAt, ripeAt + 2]) }],
        local,
      );
      return { all: told(all), forFeeds: told(forFeeds) };
    };
  };

  it.each(['Europe/Lisbon', 'Asia/Kolkata', 'Asia/Kathmandu', 'America/Los_Angeles'])(
    'are every hour in the day before a bake in %s, and every fourth for other feeds',
    (zone) => {
      const slots = slotsIn(zone);
      const { all, forFeeds } = slots(18, [[19.25, 28.75]], 40);
      expect(all).toEqual([19.5, 20, 21, 22, 23, 24, 25, 26, 27, 28, 28.5]);
      expect(forFeeds).toEqual([20, 24, 28]);
    },
  );

  it('are every fourth hour farther away, and when hands come and go', () => {
    const slots = slotsIn('Asia/Kolkata');
    // A day and a quarter before the bake it begins to count by the hour.
    expect(slots(18, [[36, 46]], 72).all).toEqual([36, 40, 42, 43, 44, 45, 46]);
    expect(slots(18, [[36, 46]], 120).all).toEqual([36, 40, 44, 46]);
    // More than three days before it nothing but hands coming and going is good for a feed, and all of that.
    expect(slots(18, [[36.5, 46]], 120).forFeeds).toEqual([36.5, 46]);
    expect(slots(18, [[47, 55]], 120).forFeeds).toEqual([47, 48, 52]);
    expect(slots(18, [[36.5, 46]], null)).toEqual({
      all: [36.5, 40, 44, 46],
      forFeeds: [36.5, 46],
    });
    // A bake that is over has no slots of its own, the hour of its end has.
    expect(slots(18, [[30, 34]], 28).all).toEqual([30, 32, 34]);
    expect(slots(18, [[29, 31]], 28).all).toEqual([29, 30, 31]);
  });

  it('begin now and end with the plan', () => {
    const slots = slotsIn('Europe/Lisbon');
    expect(slots(18.1, [[17, 20]], 30).all).toEqual([18.1, 18.5, 19, 20]);
    expect(slots(18.1, [[17, 18.1]], 30).all).toEqual([18.1]);
    expect(slots(18, [[20, 30]], null, 24.2).all).toEqual([20, 24]);
    expect(slots(18, [[19.1, 19.4]], 30).all).toEqual([]);
    // A moment that a baker chose is one, on the half hour or not.
    expect(slots(18, [[19.1, 19.1]], 30)).toEqual({ all: [19.1], forFeeds: [19.1] });
  });

  it('are found from an instant on', () => {
    const { all } = slotsFor(NOW, NOW + DAY, [hands(0, 23)], [bake], time);
    fc.assert(
      fc.property(fc.integer({ min: -1, max: 25 }), (hours) => {
        const i = firstAt(all, NOW + hours * HOUR);
        expect(all.slice(0, i).every((slot) => slot < NOW + hours * HOUR)).toBe(true);
        expect(all.slice(i).every((slot) => slot >= NOW + hours * HOUR)).toBe(true);
      }),
    );
  });
});

describe('hands', () => {
  it('are gone where a jar is left alone, but for the moment its baker chose', () => {
    const alone = { jar: 'grebe', ...hands(2, 9), butAt: NOW + 5 * HOUR };
    const left = handsForJar([hands(0, 12)], [alone], 'grebe');
    for (const [hour, there] of [
      [1, true],
      [3, false],
      [5, true],
      [6, false],
      [10, true],
    ] as const)
      expect(inHands(left, NOW + hour * HOUR)).toBe(there);
    expect(handsForJar([hands(0, 12)], [alone], 'dunlin')).toEqual([hands(0, 12)]);
  });

  it('of a moment that was chosen stand in order with the others', () => {
    const left = handsForJar(
      [hands(0, 3), hands(4, 9)],
      [
        { jar: 'grebe', ...hands(2, 8), butAt: NOW + 3.5 * HOUR },
        { jar: 'grebe', ...hands(0, 1), butAt: null },
        { jar: 'dunlin', ...hands(0, 9), butAt: null },
      ],
      'grebe',
    );
    expect(left).toEqual([hands(1, 2), hands(3.5, 3.5), hands(8, 9)]);
  });

  it('of a week come on their own days, from now to the end', () => {
    // A Friday evening; hands on Mondays and Fridays, on Saturdays past midnight.
    const pattern = [
      [[7, 9]],
      [],
      [],
      [],
      [[17, 20]],
      [
        [10, 11],
        [22, 25],
      ],
      [],
    ] as const;
    const told = (zone: string, days: number) => {
      const local = kitchenTime(zone);
      const friday = Date.parse('2026-03-13T00:00:00Z') - local.offset(NOW);
      return handsFrom(pattern, [], friday + 18 * HOUR, friday + days * DAY, local).map(
        ({ from, until }) => [(from - friday) / HOUR, (until - friday) / HOUR],
      );
    };
    for (const zone of [
      'Europe/Lisbon',
      'Asia/Kolkata',
      'Pacific/Auckland',
      'America/Los_Angeles',
    ]) {
      expect(told(zone, 4)).toEqual([
        [18, 20],
        [34, 35],
        [46, 49],
        [79, 81],
      ]);
      expect(told(zone, 1 + 10.5 / 24)).toEqual([
        [18, 20],
        [34, 34.5],
      ]);
      expect(told(zone, 1 + 10 / 24)).toEqual([[18, 20]]);
    }
  });

  it('end the slack of a step, and a step without them has none', () => {
    const step = { at: NOW + 5 * HOUR, earliest: NOW + HOUR, latest: NOW + 12 * HOUR };
    const kept = (...there: readonly { from: number; until: number }[]) => {
      const { earliest, latest } = withinHands(step, there);
      return [(earliest - NOW) / HOUR, (latest - NOW) / HOUR];
    };
    expect(kept(hands(0, 20))).toEqual([1, 12]);
    expect(kept(hands(0, 3), hands(4, 8), hands(9, 20))).toEqual([4, 8]);
    expect(kept(hands(5, 8))).toEqual([5, 8]);
    expect(kept(hands(2, 5))).toEqual([2, 5]);
    // Of several stretches it is in, the widest.
    expect(kept(hands(5, 5), hands(3, 7), hands(4, 9))).toEqual([3, 9]);
    expect(kept(hands(0, 4), hands(6, 20))).toEqual([5, 5]);
  });

  it('are there first in a window where they come, or where the window begins', () => {
    const first = (...there: readonly { from: number; until: number }[]) => {
      const at = firstHandsIn({ ...problemWith(), hands: there }, bake);
      return at === null ? null : (at - NOW) / HOUR;
    };
    expect(first(hands(0, 40))).toBe(20);
    expect(first(hands(0, 19), hands(21.5, 30), hands(20.5, 21))).toBe(20.5);
    expect(first(hands(0, 20))).toBe(20);
    expect(first(hands(22, 30))).toBe(22);
    expect(first(hands(0, 19), hands(23, 30))).toBeNull();
    expect(first()).toBeNull();
  });

  it('keep their local hours over the night the clocks go forward, and are away on a trip', () => {
    const before = Date.parse('2026-03-28T12:00:00Z');
    const pattern = Array.from({ length: 7 }, () => [[7, 22] as const]);
    const there = handsFrom(pattern, [], before, before + 2 * DAY, time);
    const mornings = there.map(({ from }) => from).filter((from) => from > before);
    expect(mornings.map((from) => time.hourOfDay(from))).toEqual(mornings.map(() => 7));
    expect(mornings[0]! - Date.parse('2026-03-28T07:00:00Z')).toBe(23 * HOUR);
    const trip = { from: before + 10 * HOUR, until: before + 40 * HOUR };
    const away = handsFrom(pattern, [trip], before, before + 2 * DAY, time);
    expect(away.every(({ from, until }) => until <= trip.from || from >= trip.until)).toBe(true);
  });

  it('are at an odd hour before seven and late at night', () => {
    const at = (clock: string) => Date.parse(`2026-03-13T${clock}:00Z`);
    expect(isOddHour(time, at('06:30'))).toBe(true);
    expect(isOddHour(time, at('07:00'))).toBe(false);
    expect(isOddHour(time, at('22:30'))).toBe(false);
    expect(isOddHour(time, at('23:00'))).toBe(true);
  });
});

describe('gaps', () => {
  it('and hands together are the whole stretch, and never both at once', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -20, max: 90 }), fc.integer({ min: 1, max: 12 })), {
          maxLength: 8,
        }),
        (stretches) => {
          const there = stretches
            .map(([from, length]) => hands(from, from + length))
            .sort((a, b) => a.from - b.from);
          const until = NOW + 72 * HOUR;
          const gaps = gapsIn(there, NOW, until);
          for (let at = NOW + HOUR / 2; at < until; at += HOUR)
            expect(gaps.some(([from, to]) => at >= from && at < to)).toBe(!inHands(there, at));
          for (const [from, to] of gaps) {
            expect(from).toBeLessThan(to);
            expect(from).toBeGreaterThanOrEqual(NOW);
            expect(to).toBeLessThanOrEqual(until);
          }
        },
      ),
    );
  });
});

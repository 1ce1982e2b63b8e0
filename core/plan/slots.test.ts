import fc from 'fast-check';

import { DAY, HOUR, kitchenTime } from '../measure';
import {
  GRAIN,
  firstAt,
  gapsIn,
  handsForJar,
  handsFrom,
  inHands,
  isOddHour,
  slotsFor,
} from './slots';

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

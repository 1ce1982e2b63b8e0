import { type JarEvent, type Looked } from '../journal';
import { someFeed, someLook, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { calibrateJar } from './calibrateJar';

const T0 = Date.parse('2026-01-01T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const START = someStart(iso(-24));
const look = (hours: number, over: Partial<Looked>) => someLook(`l ${hours}`, iso(hours), over);
const fed = (id: string, hours: number, over = {}) => someFeed(id, iso(hours), over);
const taught = (...events: readonly JarEvent[]) => {
  const { feeds, readings } = calibrateJar(events, usualKitchen());
  return { feeds, readings };
};

describe('what the log of a jar teaches', () => {
  it('is what was read of its feeds: a height, a streak and a sign', () => {
    expect(taught(START, fed('a', 0), look(5, { height: 1.6 }))).toEqual({ feeds: 1, readings: 1 });
    expect(
      taught(START, fed('a', 0), look(5, { height: 1.6, streak: 1.8, sign: 'doubled' })),
    ).toEqual({ feeds: 1, readings: 3 });
    expect(
      taught(START, fed('a', 0), look(5, { height: 1.6 }), fed('b', 24), look(30, { height: 1.7 })),
    ).toEqual({ feeds: 2, readings: 2 });
    expect(taught(START, fed('a', 0), look(5, { smell: 'yoghurt' }))).toEqual({
      feeds: 0,
      readings: 0,
    });
  });

  it('is nothing of the first minutes, nor of what nobody remembers', () => {
    const read = (hours: number) =>
      taught(START, fed('a', 0), look(hours, { height: 1.2 })).readings;
    expect([0.2, 0.25, 60, 60.5].map(read)).toEqual([0, 1, 1, 0]);
  });

  it('is nothing of what was in it when it came, whose feed nobody saw', () => {
    expect(taught(START, look(-20, { height: 1.4 }))).toEqual({ feeds: 0, readings: 0 });
    expect(taught(fed('a', 0), look(5, { height: 1.6 }))).toEqual({ feeds: 0, readings: 0 });
  });

  it('is no height of a ball of dough, which goes any way, but its signs', () => {
    const ball = fed('a', 0, { flourG: 100, waterG: 20 });
    expect(taught(START, ball, look(5, { height: 1.6, streak: 1.7 })).readings).toBe(0);
    expect(taught(START, ball, look(5, { height: 1.6, sign: 'peaked' })).readings).toBe(1);
  });

  it('is less of a feed by eye', () => {
    const read = (over: object) =>
      calibrateJar(
        [
          START,
          ...[0, 24, 48].flatMap((hours) => [
            fed(`f ${hours}`, hours, over),
            look(hours + 4, { height: 2.2 }),
            look(hours + 5, { sign: 'peaked' }),
          ]),
        ],
        usualKitchen(),
      ).belief;
    const [plain, byEye] = [read({}), read({ rough: true })];
    expect(plain.mean[0]).toBeGreaterThan(0.1);
    expect(byEye.mean[0]).toBeLessThan(plain.mean[0]!);
    expect(Math.hypot(...byEye.factor[0]!)).toBeGreaterThan(Math.hypot(...plain.factor[0]!));
  });

  it('goes on with that of the jar it came from, whose last feed is read as well', () => {
    const elder = [START, fed('a', 0), look(5, { height: 1.6 })];
    const own = [
      someStart(iso(10), { id: 'begun' }),
      fed('b', 24),
      look(30, { height: 1.7, sign: 'doubled' }),
    ];
    expect(taught(...elder, ...own)).toEqual({ feeds: 2, readings: 3 });
    // What was seen of the young one before its first feed is of no feed.
    expect(taught(...elder, own[0]!, look(14, { height: 1.3 }), ...own.slice(1))).toEqual({
      feeds: 2,
      readings: 3,
    });
  });

  it('is that of the last thirty feeds that were watched', () => {
    const many = Array.from({ length: 34 }, (_, day) => [
      fed(`f ${day}`, 24 * day),
      ...(day === 20 ? [] : [look(24 * day + 5, { height: 1.6 })]),
    ]).flat();
    expect(taught(START, ...many)).toEqual({ feeds: 30, readings: 30 });
    expect(taught(START, ...many.slice(-18))).toEqual({ feeds: 9, readings: 9 });
  });

  it('reads a feed in the warmth of where it stood', () => {
    const moved: JarEvent = { kind: 'moved', id: 'm', jar: 'tern', at: iso(0.1), place: 'warm' };
    const pace = (...more: readonly JarEvent[]) =>
      calibrateJar([START, fed('a', 0), ...more, look(6, { sign: 'peaked' })], usualKitchen())
        .belief.mean[0]!;
    // To peak as soon in the warmth is no feat.
    expect(pace(moved)).toBeLessThan(pace() - 0.05);
  });
});

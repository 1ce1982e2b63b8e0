import { type JarEvent } from '../journal';
import { DAY, HOUR } from '../measure';
import { PROGRAMME } from './programmes';
import { type Begun, begunProgramme, begunSince, inTimeHours, programmeOf, runOf } from './run';
import { T0, fed, iso, looked } from './someProgramme.testing';

const BEGUN: Begun = { programme: 'neglected', at: iso(0) };
const { patienceDays, longestDays } = PROGRAMME.neglected;
const at = (
  hours: number,
  events: readonly JarEvent[],
  {
    begun = BEGUN,
    celsius = 24,
  }: { begun?: Begun; celsius?: number | ((h: number) => number) } = {},
) =>
  runOf(begun, events, T0 + hours * HOUR, (instant) =>
    typeof celsius === 'number' ? celsius : celsius((instant - T0) / HOUR),
  );

describe('a programme as it was begun', () => {
  it('counts its days from its first, also when it was joined on its way', () => {
    expect(begunSince(BEGUN)).toBe(T0);
    expect(begunSince({ ...BEGUN, day: 3 })).toBe(T0 - 2 * DAY);
    expect(at(0, [])).toMatchObject({ day: 1, begunAt: T0, feedsSoFar: 0 });
    expect(at(23.9, []).day).toBe(1);
    expect(at(24, []).day).toBe(2);
    expect(at(1, [], { begun: { ...BEGUN, day: 3, feedsSoFar: 4 } })).toMatchObject({
      day: 3,
      begunAt: T0 - 2 * DAY,
      feedsSoFar: 4,
    });
  });

  it('goes by the feeds and the flour of a baker who has his own', () => {
    expect(programmeOf(BEGUN)).toBe(PROGRAMME.neglected);
    const own = [
      { keepG: 10, flourG: 20, waterG: 30, everyH: 12 },
      { keepG: 5, flourG: 50, waterG: 25, everyH: 24 },
    ];
    const programme = programmeOf({ ...BEGUN, own });
    expect(programme.feeds).toEqual([
      { keep: 10, flour: 2, water: 3, waitH: 12 },
      { keep: 5, flour: 10, water: 5, waitH: 24 },
    ]);
    expect(programme).toMatchObject({ medicine: null, patienceDays, longestDays });
  });

  it('is found among all that happened to the jar', () => {
    const begun: JarEvent = {
      kind: 'programmeBegun',
      id: 'b',
      jar: 'tern',
      at: iso(0),
      programme: 'neglected',
    };
    expect(begunProgramme([fed(-4), begun, fed(1), looked(2, { height: 1.2 })])?.id).toBe('b');
  });

  it('knows nothing of what was before it', () => {
    const before = [fed(-30), looked(-22, { height: 2.4, smell: 'fruit' })];
    expect(at(5, [...before, fed(0)])).toMatchObject({ doublings: 0, goodSmells: 0 });
    expect(at(5, [...before, fed(0)]).feeds).toHaveLength(1);
    expect(at(5, before).feeds).toEqual([]);
  });
});

describe('what was seen of a feed', () => {
  it('is its doubling, its peak, its height and its last smell, between it and the next', () => {
    const [first, second] = at(30, [
      looked(0, { height: 3, smell: 'solvent' }),
      fed(0),
      looked(4, { height: 1.4, smell: 'wetFlour' }),
      looked(8, { height: 2.05 }),
      looked(11, { height: 2.3, sign: 'peaked', smell: 'yoghurt' }),
      looked(15, { height: 2.1, sign: 'fallen' }),
      fed(20),
    ]).feeds;
    expect(first).toMatchObject({
      at: T0,
      until: T0 + 20 * HOUR,
      doubledH: 8,
      peakedH: 11,
      highest: 2.3,
      smell: 'yoghurt',
    });
    expect(second).toMatchObject({
      until: null,
      doubledH: null,
      peakedH: null,
      highest: null,
      smell: null,
    });
  });

  it('is doubled when somebody says so, or when a fallen streak shows it: half way from the look before', () => {
    expect(at(12, [fed(0), looked(7, { sign: 'doubled' })]).feeds[0]).toMatchObject({
      doubledH: 7,
      highest: 2,
    });
    const streak = [fed(0), looked(4, { height: 1.5 }), looked(12, { height: 1.6, streak: 2.2 })];
    expect(at(13, streak).feeds[0]).toMatchObject({ highest: 2.2, doubledH: 8 });
    expect(at(13, [fed(0), looked(12, { streak: 2.2 })]).feeds[0]!.doubledH).toBe(6);
  });

  it('is in time by the warmth it stands in', () => {
    const { inTimeH } = PROGRAMME.neglected;
    const hours = (celsius: number) => inTimeHours(PROGRAMME.neglected, celsius);
    expect(hours(24)).toBe(inTimeH);
    expect(hours(20)).toBeGreaterThan(inTimeH);
    expect(hours(8)).toBe(2 * inTimeH);
    expect(hours(27)).toBeLessThan(inTimeH);
    expect(hours(27)).toBeGreaterThanOrEqual(Math.round(0.8 * inTimeH));
    // The hours after the feed, not before it nor long after.
    expect(at(1, [fed(0)], { celsius: (h) => (h >= 0 && h < 10 ? 24 : 8) }).feeds[0]!.inTimeH).toBe(
      inTimeH,
    );
  });

  it('missed as often as somebody looked and it had not doubled', () => {
    const low = (h: number) => [fed(h), looked(h + 20, { height: 1.3 })];
    expect(at(30, low(0)).misses).toBe(0);
    expect(at(30, [...low(0), fed(24)]).misses).toBe(1);
    expect(at(60, [...low(0), ...low(24), fed(48)]).misses).toBe(2);
    expect(at(60, [...low(0), fed(24), fed(48)]).misses).toBe(1);
    expect(at(60, [...low(0), fed(24), looked(30, { height: 2.2 }), fed(48)]).misses).toBe(0);
  });
});

describe('how long a programme is kept up', () => {
  const verdict = (days: number, events: readonly JarEvent[], celsius = 24) =>
    at(24 * days, events, { celsius }).verdict;
  /** A feed a day, and how high each was seen. */
  const daily = (...heights: readonly (number | null)[]) =>
    heights.flatMap((height, day) => [
      fed(24 * day),
      ...(height === null ? [] : [looked(24 * day + 18, { height })]),
    ]);

  it('is its patience where nothing comes of it, to the hour', () => {
    const flat = daily(...Array.from({ length: patienceDays }, () => 1.05));
    expect(verdict(patienceDays - 0.02, flat)).toBe('going');
    expect(verdict(patienceDays, flat)).toBe('useBackup');
  });

  it('is longer while it comes back: after a doubling, or while each peak is plainly higher', () => {
    const until = (...lately: readonly number[]) =>
      verdict(patienceDays, [
        ...daily(...Array.from({ length: patienceDays - lately.length }, () => null)),
        ...daily(...lately).map((event) => ({
          ...event,
          id: `${event.id} late`,
          at: new Date(
            Date.parse(event.at) + (patienceDays - lately.length) * DAY - HOUR,
          ).toISOString(),
        })),
      ]);
    expect(until(1.3, 1.5)).toBe('going');
    expect(until(1.3, 1.5, 1.7)).toBe('going');
    // By less than an eye tells, once, only a beginning, or the last one lower.
    expect(until(1.3, 1.33)).toBe('useBackup');
    expect(until(1.3)).toBe('useBackup');
    expect(until(1.05, 1.12)).toBe('useBackup');
    expect(until(1.3, 1.6, 1.5)).toBe('useBackup');
    expect(until(1.7, 1.3, 1.5)).toBe('useBackup');
    // Older ones are forgotten.
    expect(until(1.7, 1.2, 1.4, 1.6)).toBe('going');
    const doubledOnce = daily(2.2, ...Array.from({ length: patienceDays - 1 }, () => 1.05));
    expect(verdict(patienceDays + 0.5, doubledOnce)).toBe('going');
  });

  it('ends in any case', () => {
    const doubledOnce = [fed(0), looked(8, { height: 2.2 })];
    expect(verdict(longestDays - 0.02, doubledOnce)).toBe('going');
    expect(verdict(longestDays, doubledOnce)).toBe('useBackup');
  });

  it('is up to twice as long in the cool, by where it stands since its last feed', () => {
    const flat = daily(1.05);
    expect(at(24, flat).slower).toBe(1);
    expect(at(24, flat, { celsius: 4 }).slower).toBe(2);
    expect(verdict(patienceDays, flat, 4)).toBe('going');
    expect(verdict(2 * patienceDays - 0.02, flat, 4)).toBe('going');
    expect(verdict(2 * patienceDays, flat, 4)).toBe('useBackup');
    const some = at(24, flat, { celsius: 16 }).slower;
    expect(some).toBeGreaterThan(1.1);
    expect(some).toBeLessThan(2);
    // Without a feed it stands where it was found.
    expect(at(24, [], { celsius: 4 }).slower).toBe(1);
    expect(at(30, [fed(20)], { celsius: (h) => (h < 20 ? 4 : 24) }).slower).toBe(1);
  });
});

describe('against its usual course', () => {
  const progress = (hours: number, events: readonly JarEvent[]) => at(hours, events).progress;
  const seen = (h: number, height: number, after = 9) => [fed(h), looked(h + after, { height })];
  const [least, most] = PROGRAMME.neglected.usualFeeds;

  it('is too soon to tell until a feed has had its chance', () => {
    expect(progress(19.9, [fed(0)])).toBe('tooSoon');
    expect(progress(20, [fed(0)])).toBe('notSeen');
    expect(progress(21, seen(0, 1.3))).toBe('onTime');
  });

  it('is early, on time or late by which feed doubled first', () => {
    const afterMisses = (misses: number) => [
      ...Array.from({ length: misses }, (_, i) => seen(24 * i, 1.3, 20)).flat(),
      ...seen(24 * misses, 2.2),
    ];
    const course = (misses: number) => progress(24 * misses + 10, afterMisses(misses));
    expect(course(least - 2)).toBe('early');
    expect(course(least - 1)).toBe('onTime');
    expect(course(most - 1)).toBe('onTime');
    expect(course(most)).toBe('late');
  });

  it('is none when the last two stayed flat, after half of the usual feeds', () => {
    const flat = Array.from({ length: most }, (_, i) => seen(24 * i, 1.1, 20)).flat();
    const after = (feeds: number) => progress(24 * feeds - 1, flat.slice(0, 2 * feeds));
    expect(after(Math.floor(least / 2))).not.toBe('none');
    expect(after(Math.floor(least / 2) + 1)).toBe('none');
  });
});

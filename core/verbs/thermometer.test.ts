import fc from 'fast-check';

import {
  type FoldContext,
  type JournalEvent,
  type NewEntry,
  celsiusIn,
  celsiusOf,
  foldJar,
  isEntry,
  outlookOf,
  placesOf,
  trackFacts,
  trackIn,
} from '../journal';
import { type Place, celsiusAt } from '../ferment';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { DAY, HOUR, kitchenTime } from '../measure';
import { layOver, readLowHigh, usualDay } from './thermometer';

const NOW = Date.parse('2026-03-13T18:00:00Z');
const HOUR0 = NOW / HOUR;
const time = kitchenTime('Asia/Kolkata');
const PLACE = {
  id: 'counter',
  name: 'Counter',
  kind: 'counter' as const,
  temperature: { kind: 'constant' as const, celsius: 19 },
  sd: 1,
};
const ARRANGED: JournalEvent = {
  kind: 'arranged',
  id: 'a',
  at: new Date(NOW - 40 * DAY).toISOString(),
  place: PLACE,
};
const written = (entries: readonly NewEntry[] | null): readonly JournalEvent[] =>
  (entries ?? []).map((entry, i) => ({ ...entry, id: `m${i}` }));
const hours = (count: number, celsius: (i: number) => number) =>
  Array.from({ length: count }, (_, i) => ({ hour: HOUR0 - count + i, celsius: celsius(i) }));
const over = (entries: readonly JournalEvent[], at: number) =>
  celsiusOf(placesOf([ARRANGED, ...entries]), 'counter', at, time);

describe('a thermometer laid over a place', () => {
  it('counts in its hours, and the card in all others', () => {
    const entries = written(
      layOver(
        'counter',
        hours(48, () => 26),
        null,
        NOW,
      ).entries,
    );
    expect(over(entries, NOW - 24 * HOUR)).toBeCloseTo(26);
    expect(over(entries, NOW - 49 * HOUR)).toBeCloseTo(19);
    expect(over(entries, NOW + HOUR)).toBeCloseTo(19);
  });

  it('whatever was measured comes back hour by hour, in entries that the journal takes', () => {
    const log = fc.uniqueArray(
      fc.record({
        hour: fc.integer({ min: HOUR0 - 3000, max: HOUR0 - 1 }),
        celsius: fc.double({ min: -29, max: 59, noNaN: true }),
      }),
      { minLength: 1, maxLength: 400, selector: ({ hour }) => hour },
    );
    fc.assert(
      fc.property(log, (given) => {
        const sorted = given.toSorted((a, b) => a.hour - b.hour);
        const entries = written(layOver('counter', sorted, null, NOW).entries);
        const track = trackIn(placesOf([ARRANGED, ...entries]), 'counter', time)!;
        return (
          entries.every((entry) => isEntry(entry, NOW)) &&
          sorted.every(
            ({ hour, celsius }) => Math.abs(celsiusIn(track, (hour + 0.5) * HOUR) - celsius) < 0.06,
          )
        );
      }),
      { numRuns: 60 },
    );
  });

  it('brings nothing twice, and says so', () => {
    const log = hours(400, (i) => 20 + (i % 5));
    const first = written(layOver('counter', log, null, NOW).entries);
    const track = trackIn(placesOf([ARRANGED, ...first]), 'counter', time);
    expect(layOver('counter', log, track, NOW).objections).toMatchObject([{ field: 'hours' }]);
    const more = [...log.slice(200), { hour: HOUR0, celsius: 23 }];
    expect(layOver('counter', more, track, NOW + HOUR).entries).toHaveLength(1);
  });

  it('leaves out what is still to come', () => {
    const ahead = [{ hour: HOUR0 + 5, celsius: 20 }];
    expect(layOver('counter', ahead, null, NOW).objections).toMatchObject([{ field: 'hours' }]);
  });

  it('shifts a forecast: a warm night that was measured brings the peak forward', () => {
    const usual = usualKitchen();
    const [id] = [...usual.places.keys()];
    const fed = [
      someStart(new Date(NOW - 60 * HOUR).toISOString(), { place: id! }),
      someFeed('f', new Date(NOW - 20 * HOUR).toISOString()),
    ];
    const peak = (context: FoldContext) =>
      outlookOf(foldJar(fed, context)!.jar, context, 60).forecast.peaksAtH!;
    const warm = written(
      layOver(
        id!,
        hours(24, () => 28),
        null,
        NOW,
      ).entries,
    );
    const arranged = [...usual.places.values()].flatMap((history) => history.arranged);
    const measured = { ...usual, places: placesOf([...arranged, ...warm]) };
    expect(peak(measured)).toBeLessThan(0.8 * peak(usual));
  });

  it('tells how much was measured, and how cold and warm it got', () => {
    const entries = written(
      layOver(
        'counter',
        hours(48, (i) => 18 + (i % 24) / 4),
        null,
        NOW,
      ).entries,
    );
    expect(trackFacts(trackIn(placesOf([ARRANGED, ...entries]), 'counter', time)!)).toMatchObject({
      days: 2,
      low: 18,
      high: expect.closeTo(23.8, 1) as number,
    });
  });
});

describe('the lowest and the highest of a day', () => {
  const said = (low: number, high: number, at = NOW) =>
    readLowHigh('counter', { low, high, at }, NOW);

  it('are reached within that day, in the afternoon and before dawn, and nowhere else', () => {
    const entries = written(said(16, 24).entries);
    const day = Array.from({ length: 24 }, (_, i) => NOW - (i + 0.5) * HOUR);
    const warmths = day.map((at) => over(entries, at));
    expect(Math.min(...warmths)).toBeCloseTo(16, 0);
    expect(Math.max(...warmths)).toBeCloseTo(24, 0);
    expect(time.hourOfDay(day[warmths.indexOf(Math.max(...warmths))]!)).toBeGreaterThan(12);
    expect(time.hourOfDay(day[warmths.indexOf(Math.min(...warmths))]!)).toBeLessThan(8);
    expect(over(entries, NOW - 25 * HOUR)).toBeCloseTo(19);
  });

  it.each([
    [24, 16, NOW, 'high'],
    [NaN, 20, NOW, 'low'],
    [15, 80, NOW, 'high'],
    [15, 20, NOW + HOUR, 'at'],
    [15, 20, NaN, 'at'],
  ])('of %s and %s are refused', (low, high, at, field) => {
    expect(said(low, high, at).objections!.map((one) => one.field)).toContain(field);
  });
});

describe('the usual day of a place', () => {
  const local = (hour: number) => time.hourOfDay((hour + 0.5) * HOUR);
  const warm = (hour: number) => 20 + 3 * Math.cos(((local(hour) - 15) / 12) * Math.PI);
  const log = hours(
    20 * 24,
    (i) => warm(HOUR0 - 20 * 24 + i) + (Math.floor(i / 24) % 2 ? 0.5 : -0.5),
  );
  const usual = (of: typeof log): Place | null => usualDay(PLACE, of, time);

  it('is what its hours have in common, and knows how far days differ', () => {
    const { temperature, sd } = usual(log)!;
    for (const hour of [3, 9, 15, 21])
      expect(celsiusAt(temperature, hour)).toBeCloseTo(
        20 + 3 * Math.cos(((hour - 15) / 12) * Math.PI),
        0,
      );
    expect(sd).toBeGreaterThan(0.3);
    expect(sd).toBeLessThan(0.8);
  });

  it('is not guessed from a few hours', () => {
    expect(usual(log.slice(-12))).toBeNull();
  });
});

import { DAY, HOUR, kitchenTime } from '../measure';
import { type JarEvent } from './events';
import { someCard, someFeed, someStart } from './someJar.testing';
import { yearOf } from './yearOf';

const T0 = Date.parse('2026-01-01T00:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const time = kitchenTime('Asia/Kolkata');
const span = { from: T0, until: T0 + 30 * DAY };

/** Fed at seven in the morning by the clock on the wall, five and a half hours ahead. */
const feeds = [0, 1, 2, 9].map((day) => someFeed(`f${day}`, iso(24 * day + 1.5)));
const events: readonly JarEvent[] = [
  someStart(iso(-48)),
  someFeed('before', iso(-24)),
  ...feeds.slice(0, 2),
  { kind: 'looked', id: 'l1', jar: 'tern', at: iso(24 + 9.5), height: 2.3, sign: 'peaked' },
  { kind: 'took', id: 't1', jar: 'tern', at: iso(24 + 10), grams: 100 },
  { kind: 'baked', id: 'b1', jar: 'tern', at: iso(24 + 40), of: 't1', rise: 'high' },
  ...feeds.slice(2),
  { kind: 'took', id: 't2', jar: 'tern', at: iso(24 * 9 + 8), grams: 20 },
  someFeed('after', iso(24 * 31)),
];

describe('a year of a jar', () => {
  const year = yearOf(events, span, time);

  it('counts what lies in it, and nothing before or after', () => {
    expect(year).toMatchObject({ feeds: 4, flourG: 320, looks: 1, usualHour: 7 });
  });

  it('rested longest between two feeds, or since the last: to its end, or until the jar was put away', () => {
    const longest = (...of: readonly JarEvent[]) => yearOf(of, span, time).longestRestH;
    expect(longest(...feeds)).toBeCloseTo(21 * 24 - 1.5);
    const card = someCard({ archived: true });
    const putAway: JarEvent = { kind: 'described', id: 'put', jar: 'tern', at: iso(24 * 10), card };
    expect(longest(...feeds, putAway)).toBeCloseTo(7 * 24);
    expect(longest(feeds[0]!)).toBeCloseTo(30 * 24 - 1.5);
  });

  it('has the highest, the peak, and each bake with how it turned out', () => {
    expect(year.highest).toMatchObject({ height: 2.3 });
    expect(year.peaks).toEqual({ count: 1, middleH: 8, quickestH: 8 });
    expect(year.bakes.map(({ took, outcome }) => [took.id, outcome?.rise])).toEqual([
      ['t2', undefined],
      ['t1', 'high'],
    ]);
  });

  it('takes the seed of a bowl for no bake', () => {
    const begun = new Set([T0 + (24 * 9 + 8) * HOUR]);
    expect(yearOf(events, span, time, begun).bakes.map(({ took }) => took.id)).toEqual(['t1']);
  });

  it('of nothing is nothing', () => {
    expect(yearOf([], span, time)).toMatchObject({
      feeds: 0,
      usualHour: null,
      longestRestH: null,
      highest: null,
      peaks: null,
      bakes: [],
    });
  });
});

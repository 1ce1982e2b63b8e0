import { type JarEvent } from '../journal';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { feedHistory, paceChanges } from './feedHistory';

const T0 = Date.parse('2026-01-01T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const places = usualKitchen();
/** A rise by a law of its own: so many hours to its top, in a straight line to two and a half times the band. */
const looksOf = (feed: number, topH: number): readonly JarEvent[] =>
  [0.25, 0.5, 0.75].map((share) => ({
    kind: 'looked',
    id: `look ${feed} ${share}`,
    jar: 'tern',
    at: iso(24 * feed + share * topH),
    height: 1 + 1.5 * share,
  }));
const log = (tops: readonly number[]): readonly JarEvent[] => [
  someStart(iso(-1)),
  ...tops.flatMap((topH, i) => [someFeed(`fed ${i}`, iso(24 * i)), ...looksOf(i, topH)]),
];

describe('what was seen of a jar’s feeds', () => {
  it('has the hours to double, between two looks where nobody said it', () => {
    const [first] = feedHistory(log([9, 9]), places);
    // Two and a half times at nine hours, in a straight line: twice at six.
    expect(first!.doubledH).toBeCloseTo(6, 5);
    expect(first!.at).toBe(T0);
    expect(first!.peakedH).toBeNull();
  });

  it('takes a sign for what it says', () => {
    const events: readonly JarEvent[] = [
      ...log([9]),
      { kind: 'looked', id: 'p', jar: 'tern', at: iso(9.5), sign: 'peaked' },
    ];
    expect(feedHistory(events, places)[0]).toMatchObject({ peakedH: 9.5 });
  });

  it('leaves out what nobody looked at', () => {
    const events = [...log([9]), someFeed('unseen', iso(40)), someFeed('after', iso(64))];
    expect(feedHistory(events, places)).toHaveLength(1);
  });

  it('is twice as quick where it rises in half the time', () => {
    const slow = feedHistory(log([16, 16, 16]), places).at(-1)!.pace!;
    const quick = feedHistory(log([8, 8, 8]), places).at(-1)!.pace!;
    expect(quick / slow).toBeCloseTo(2, 1);
  });
});

describe('a change of pace', () => {
  it('is marked where it came, once, with its factor', () => {
    const tops = [...Array<number>(8).fill(12), ...Array<number>(8).fill(9)];
    const changes = paceChanges(feedHistory(log(tops), places));
    expect(changes).toHaveLength(1);
    expect(Math.abs(changes[0]!.at - (T0 + 8 * 24 * HOUR))).toBeLessThanOrEqual(24 * HOUR);
    expect(changes[0]!.factor).toBeGreaterThan(1.2);
    expect(changes[0]!.factor).toBeLessThan(1.5);
  });

  it('is none for one odd feed, nor for a wobble', () => {
    const odd = [...Array<number>(8).fill(12), 7, ...Array<number>(8).fill(12)];
    expect(paceChanges(feedHistory(log(odd), places))).toEqual([]);
    const wobble = Array.from({ length: 16 }, (_, i) => 12 + (i % 2));
    expect(paceChanges(feedHistory(log(wobble), places))).toEqual([]);
  });
});

import { type JarEvent, type Looked } from '../journal';
import { someFeed, someLook, someStart, usualKitchen } from '../journal/someJar.testing';
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

describe('one feed as it was seen', () => {
  const looked = (hours: number, over: Partial<Looked>) =>
    someLook(`look ${hours}`, iso(hours), over);
  const seen = (...looks: readonly JarEvent[]) =>
    feedHistory([someStart(iso(-1)), someFeed('fed', iso(0)), ...looks], places);

  it('doubled when somebody says so, else between what was highest before and what was higher', () => {
    const doubledH = (...looks: readonly JarEvent[]) => seen(...looks)[0]!.doubledH;
    expect(doubledH(looked(5, { sign: 'doubled' }), looked(6, { height: 2.4 }))).toBe(5);
    expect(doubledH(looked(4, { height: 2.4 }), looked(5, { sign: 'doubled' }))).toBeCloseTo(2.857);
    expect(
      doubledH(looked(3, { height: 1.6 }), looked(4, { height: 1.4 }), looked(7, { height: 2.2 })),
    ).toBeCloseTo(3 + (4 * 2) / 3);
    expect(doubledH(looked(3, { sign: 'peaked' }), looked(8, { height: 3 }))).toBe(4);
    expect(doubledH(looked(3, { height: 2 }))).toBe(3);
    expect(doubledH(looked(3, { height: 1.9 }))).toBeNull();
  });

  it('is nothing where only a smell was told, or long after', () => {
    expect(seen(looked(5, { smell: 'fruit' }))).toEqual([]);
    expect(seen(looked(60, { height: 2 }))).toEqual([]);
    expect(seen(looked(59, { height: 2 }))).toHaveLength(1);
    expect(seen(looked(-0.5, { height: 2 }))).toEqual([]);
    expect(feedHistory([someStart(iso(0)), looked(5, { height: 1.8 })], places)).toEqual([]);
    expect(feedHistory([], places)).toEqual([]);
  });

  it('has the air of its first hours', () => {
    const inTheCold: JarEvent = {
      kind: 'moved',
      id: 'm',
      jar: 'tern',
      at: iso(0),
      place: 'fridge',
    };
    expect(seen(inTheCold, looked(20, { height: 1.2 }))[0]!.celsius).toBeCloseTo(5);
    const late = { ...inTheCold, at: iso(4) };
    expect(seen(late, looked(20, { height: 1.2 }))[0]!.celsius).toBeCloseTo(
      // The room warms up until nine.
      (21.25 + 3 * 22 + 4 * 5) / 8,
    );
    expect(seen({ ...inTheCold, at: iso(8) }, looked(20, { height: 1.2 }))[0]!.celsius).toBeCloseTo(
      (21.25 + 7 * 22) / 8,
    );
  });

  /** Hours of a usual starter to its peak, by what it would say of itself if it were seen there twice as soon. */
  const peaked = (hours: number) => seen(looked(hours, { sign: 'peaked' }))[0]!.pace!;

  it('is as quick as its peak is early, and after it nothing counts', () => {
    const usualH = 10 * peaked(10);
    expect(peaked(usualH)).toBeCloseTo(1);
    expect(peaked(usualH / 2)).toBeCloseTo(2);
    const fallen = seen(looked(6, { sign: 'peaked' }), looked(7, { height: 1.5 }));
    expect(fallen[0]!.pace).toBeCloseTo(usualH / 6);
  });

  it('is told on the way up alone: not by the band, nor by the top, nor on the way down', () => {
    const pace = (...looks: readonly JarEvent[]) => seen(...looks)[0]!.pace;
    expect(pace(looked(0.4, { height: 1.6 }))).toBeNull();
    expect(pace(looked(3, { height: 1.14 }))).toBeNull();
    expect(pace(looked(9, { height: 3.5 }))).toBeNull();
    expect(pace(looked(5, { sign: 'fallen' }))).toBeNull();
    const up = pace(looked(4, { height: 1.5 }))!;
    expect(up).toBeGreaterThan(0.5);
    expect(pace(looked(4, { height: 1.5 }), looked(20, { height: 1.3 }))).toBe(up);
    expect(pace(looked(4, { height: 1.5 }), looked(20, { height: 1.5 }))).toBe(up);
    expect(pace(looked(2, { height: 1.5 }))).toBeCloseTo(2 * up);
  });
});

describe('a change of pace, feed by feed', () => {
  const feeds = (...paces: readonly (number | null)[]) =>
    paceChanges(
      paces.map((pace, i) => ({ at: i, celsius: 22, doubledH: null, peakedH: null, pace })),
    ).map(({ at, factor }) => [at, Number(factor.toFixed(3))]);
  const times = (n: number, pace: number) => Array<number>(n).fill(pace);

  it('needs five that agree on either side', () => {
    expect(feeds(...times(5, 1), ...times(5, 1.5))).toEqual([[5, 1.5]]);
    expect(feeds(...times(4, 1), ...times(5, 1.5))).toEqual([]);
    expect(feeds(...times(5, 1), ...times(4, 1.5))).toEqual([]);
    expect(feeds(...times(8, 1), ...times(8, 0.5))).toEqual([[8, 0.5]]);
    expect(feeds()).toEqual([]);
  });

  it('is one for each that stays, in the middle of the days on which it shows', () => {
    const there = [...times(9, 1), ...times(12, 1.5), ...times(9, 1)];
    expect(feeds(...there)).toEqual([
      [9, 1.5],
      [21, Number((1 / 1.5).toFixed(3))],
    ]);
  });

  it('is no matter of a fifth, or of feeds that nobody saw', () => {
    expect(feeds(...times(8, 1), ...times(8, 1.19))).toEqual([]);
    expect(feeds(...times(8, 1), ...times(8, 1.21))).toHaveLength(1);
    expect(feeds(...times(5, 1), null, null, ...times(5, 1.5))).toEqual([[7, 1.5]]);
  });
});

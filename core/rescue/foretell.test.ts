import { type JarEvent, type ProgrammeId, foldJar } from '../journal';
import { someFeed } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { foretell, foretellIn, heightsSince } from './foretell';
import { T0, iso, kitchen, looked, played, starts } from './someProgramme.testing';

const WAYS: readonly (readonly [ProgrammeId, number])[] = [
  ['neglected', 0.4],
  ['frozen', 0.6],
  ['byPost', 1],
];

const fedAt = (hours: number, id: string): JarEvent =>
  someFeed(id, iso(hours), { flourG: 40, waterG: 40 });

describe.each(WAYS)('what is foretold of %s', (id, alive) => {
  const { feeds, ends, at } = played(id, alive, 1);

  it('is a chain of feeds, each followed until the next', () => {
    expect(feeds.length).toBeGreaterThan(1);
    feeds.forEach((feed, i) => {
      const next = feeds[i + 1];
      expect(feed.until - feed.at).toBeGreaterThanOrEqual(HOUR);
      if (next) expect(next.at).toBe(Math.max(feed.until, feed.at + HOUR));
    });
    expect(ends).toBe('well');
    // It is over by what is seen of the last feed, not before it.
    expect(at).toBeGreaterThan(feeds.at(-1)!.at);
    expect(at).toBeLessThanOrEqual(feeds.at(-1)!.until);
  });

  it('draws each from its band to its end, a point every hour and a half', () => {
    for (const { at: from, until, heights } of feeds) {
      expect(heights[0]).toEqual([from, 1]);
      expect(heights.at(-1)![0]).toBeGreaterThan(until - 0.5 * HOUR);
      expect(heights.at(-1)![0]).toBeLessThan(until + 0.5 * HOUR);
      heights.slice(1).forEach(([instant], i) => {
        const since = (instant - heights[i]![0]) / HOUR;
        expect(since).toBeGreaterThan(0);
        expect(since).toBeLessThan(2);
        if (i < heights.length - 2) expect(since).toBeGreaterThanOrEqual(1.5);
      });
    }
  });

  it('says when each doubles, as its own curve does, or that it does not before the next', () => {
    expect(feeds.some(({ doublesH }) => doublesH !== null)).toBe(true);
    for (const { at: from, until, doublesH, heights } of feeds) {
      const top = Math.max(...heights.map(([, height]) => height));
      if (doublesH === null) expect(top).toBeLessThan(2.02);
      else {
        expect(from + doublesH * HOUR).toBeLessThanOrEqual(until + HOUR / 2);
        const before = heights.filter(([instant]) => instant < from + doublesH * HOUR);
        const after = heights.find(([instant]) => instant >= from + doublesH * HOUR);
        for (const [, height] of before) expect(height).toBeLessThan(2.02);
        if (after && heights.indexOf(after) < heights.length - 1)
          expect(after[1]).toBeGreaterThan(1.95);
      }
    }
  });
});

describe('a programme under way', () => {
  const context = kitchen(24);
  const started = starts('neglected', 0.5);
  const begun = { programme: 'neglected' as const, at: iso(0) };
  const foretoldAt = (hours: number, events: readonly JarEvent[], hands?: readonly number[]) =>
    foretell(begun, foldJar(events, context)!.jar, events, context, T0 + hours * HOUR, {
      flour: { white: 1 },
      celsiusAt: () => 24,
      hands: hands?.map((from) => ({
        from: T0 + from * HOUR,
        until: T0 + (from + 1) * HOUR,
      })),
    });

  it('follows what stands in the jar, from its feed to the next', () => {
    const { present, feeds } = foretoldAt(6, [started, fedAt(0, 'a')]);
    expect(present[0]).toEqual([T0, 1]);
    expect(present.at(-1)![0]).toBeGreaterThanOrEqual(feeds[0]!.at - HOUR / 2);
    expect(feeds[0]!.at).toBeGreaterThanOrEqual(T0 + 6 * HOUR);
    // Before its first feed it begins at once, with what came.
    expect(foretoldAt(0, [started]).feeds[0]!.at).toBe(T0);
  });

  it('takes no look for granted that lies behind, and counts what was seen', () => {
    const unseen = foretoldAt(30, [started, fedAt(0, 'a')]);
    const seen = foretoldAt(30, [
      started,
      fedAt(0, 'a'),
      looked(8, { height: 2.1, smell: 'yoghurt' }),
    ]);
    expect(seen.ends).toBe('well');
    expect(seen.at).toBeLessThan(unseen.at);
  });

  it('goes slower where it is carried to a cooler room, and as it is where it stays', () => {
    const events = [started, fedAt(0, 'a')];
    const { jar } = foldJar(events, context)!;
    const carried = (place: string | undefined, begunAt: string | null = iso(0)) =>
      foretellIn({ programme: 'neglected', begunAt }, jar, events, context, T0 + 6 * HOUR, {
        flour: { white: 1 },
        place,
      });
    expect(carried(undefined)).toEqual(foretoldAt(6, events));
    expect(carried('a room of 21 °C').at).toBeGreaterThan(carried(undefined).at);
    // One that begins now counts no feed from before it.
    expect(carried(undefined, null).feeds[0]!.at).toBe(T0 + 6 * HOUR);
  });

  it('is fed when somebody is there', () => {
    const mornings = Array.from({ length: 20 }, (_, day) => 24 * day + 7);
    const { feeds } = foretoldAt(1, [started, fedAt(0, 'a')], mornings);
    for (const { at } of feeds) expect((((at - T0) / HOUR) % 24) - 7).toBeLessThanOrEqual(1);
    for (const { at } of feeds) expect((((at - T0) / HOUR) % 24) - 7).toBeGreaterThanOrEqual(0);
  });
});

describe('heights since an instant', () => {
  const context = kitchen(24);
  const events = [starts('byPost', 1), fedAt(10, 'a'), fedAt(30, 'b'), fedAt(50, 'c')];
  const since = (from: number, now: number) =>
    heightsSince(T0 + from * HOUR, events, context, T0 + now * HOUR).map(
      ([at, height]) => [(at - T0) / HOUR, height] as const,
    );

  it('rise from the band after each feed, in the order of time', () => {
    const heights = since(10, 45);
    const hours = heights.map(([at]) => at);
    expect(hours).toEqual([...hours].sort((a, b) => a - b));
    expect(heights[0]).toEqual([10, 1]);
    expect(heights.filter(([at, height]) => at === 30 && height === 1)).toHaveLength(1);
    expect(Math.max(...heights.map(([, height]) => height))).toBeGreaterThan(1.5);
  });

  it('lie between that instant and now, and know nothing of a feed to come', () => {
    const heights = since(20, 45);
    expect(heights[0]![0]).toBeGreaterThanOrEqual(20);
    expect(heights[0]![0]).toBeLessThan(22);
    expect(heights.at(-1)![0]).toBeLessThanOrEqual(45);
    expect(heights.at(-1)![0]).toBeGreaterThan(43);
    expect(since(20, 49.9).filter(([at, height]) => at > 32 && height === 1)).toEqual([]);
    expect(since(30, 45)).toEqual(
      since(10, 45)
        .filter(([at]) => at >= 30)
        .slice(-since(30, 45).length),
    );
  });

  it('are none before there was a jar, or of a time that has not come', () => {
    expect(heightsSince(T0, [], context, T0 + HOUR)).toEqual([]);
    expect(since(60, 45)).toEqual([]);
  });
});

import fc from 'fast-check';

import { type JarEvent, type Looked } from './events';
import { someDiscard, someFeed, someStart } from './someJar.testing';
import { riseOf, storyOf } from './story';

const iso = (hours: number) =>
  new Date(Date.parse('2026-03-01T08:00Z') + hours * 3_600_000).toISOString();
const looked = (hours: number, over: Partial<Looked> = {}): JarEvent => ({
  kind: 'looked',
  id: `look ${hours}`,
  jar: 'tern',
  at: iso(hours),
  height: 1.5,
  ...over,
});
const out = (hours: number) => someDiscard(`out ${hours}`, iso(hours));
const told = (events: readonly JarEvent[]) =>
  storyOf(events).map(({ entries }) => entries.map(({ id }) => id));

const START = someStart(iso(0));

describe('the story of a jar', () => {
  it('tells what was seen of a feed with that feed', () => {
    expect(
      told([START, someFeed('one', iso(1)), looked(5), someFeed('two', iso(13)), looked(16)]),
    ).toEqual([['start'], ['one', 'look 5'], ['two', 'look 16']]);
  });

  it('tells what came out for a feed with that feed, and what came out hours before with the one before', () => {
    expect(
      told([
        START,
        someFeed('one', iso(1)),
        out(9),
        looked(12.95),
        out(12.9),
        someFeed('two', iso(13)),
      ]),
    ).toEqual([['start'], ['one', 'out 9', 'look 12.95'], ['out 12.9', 'two']]);
  });

  it('lets a chapter without a feed stand by itself, unless all of it belongs to the feed that follows', () => {
    expect(told([START, looked(2), someFeed('one', iso(5))])).toEqual([
      ['start'],
      ['look 2'],
      ['one'],
    ]);
    expect(told([START, out(5), someFeed('one', iso(5))])).toEqual([['start'], ['out 5', 'one']]);
  });

  it('tells what is seen days after a feed where it was seen', () => {
    expect(
      told([START, someFeed('one', iso(1)), looked(5), looked(200), looked(203), looked(230)]),
    ).toEqual([['start'], ['one', 'look 5'], ['look 200', 'look 203'], ['look 230']]);
  });

  it('tells how a bake turned out, and a picture, with what they speak of, however late', () => {
    const took: JarEvent = { kind: 'took', id: 'took', jar: 'tern', at: iso(20), grams: 90 };
    const spoken = { jar: 'tern', at: iso(70) };
    const size = { picture: 'p', width: 3, height: 4 };
    expect(
      told([
        START,
        someFeed('a', iso(12)),
        looked(18),
        took,
        someFeed('b', iso(36)),
        looked(42),
        { kind: 'baked', id: 'crumb', of: 'took', ...spoken },
        { kind: 'pictured', id: 'of the bake', of: 'took', ...size, ...spoken },
        { kind: 'pictured', id: 'of the look', of: 'look 42', ...size, ...spoken },
        { kind: 'pictured', id: 'of nothing', ...size, ...spoken },
        { kind: 'baked', id: 'of what is gone', of: 'gone', ...spoken },
        // A feed is nothing that others speak of.
        { kind: 'pictured', id: 'of a feed', of: 'a', ...size, ...spoken },
      ]),
    ).toEqual([
      ['start'],
      ['a', 'look 18', 'took', 'crumb', 'of the bake'],
      ['b', 'look 42', 'of the look', 'of nothing', 'of what is gone', 'of a feed'],
    ]);
  });

  it('loses no entry and tells none twice', () => {
    const kinds: fc.Arbitrary<JarEvent> = fc.oneof(
      fc.integer({ min: 1, max: 400 }).map((h): JarEvent => someFeed(`fed ${h}`, iso(h / 4))),
      fc.integer({ min: 1, max: 400 }).map((h) => looked(h / 4)),
      fc.integer({ min: 1, max: 400 }).map((h) => out(h / 4)),
      fc.integer({ min: 1, max: 400 }).map((h): JarEvent => ({
        kind: 'backupDeclined',
        id: `declined ${h}`,
        jar: 'tern',
        at: iso(h / 4),
      })),
    );
    fc.assert(
      fc.property(fc.array(kinds, { maxLength: 40 }), (events) => {
        const sorted = [START, ...events.toSorted((a, b) => a.at.localeCompare(b.at))];
        const ids = told(sorted).flat();
        expect(ids.toSorted()).toEqual(sorted.map(({ id }) => id).toSorted());
      }),
    );
  });
});

describe('the rise of a feed', () => {
  const chapter = (...events: readonly JarEvent[]) =>
    storyOf([someFeed('one', iso(1)), ...events])[0]!;

  it('is the highest that was seen, and when', () => {
    expect(
      riseOf(chapter(looked(5, { height: 1.8 }), looked(8, { height: 2.2 }), looked(12))),
    ).toEqual({
      height: 2.2,
      hours: 7,
    });
  });

  it('has no hour where only the streak on the glass tells of it', () => {
    expect(riseOf(chapter(looked(12, { height: 1.2, streak: 2.4 })))).toEqual({
      height: 2.4,
      hours: null,
    });
  });

  it('is nothing where nobody looked, or the surface was never above the band', () => {
    expect(riseOf(chapter())).toBeNull();
    expect(riseOf(chapter(looked(3, { height: 1 })))).toBeNull();
  });
});

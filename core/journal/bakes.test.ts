import { HOUR } from '../measure';
import { bakesIn, bowlsBegun, outcomeOf, picturesOf } from './bakes';
import { type JarEvent, type JournalEvent } from './events';
import { lastWay } from './fedHow';
import { foldJar } from './fold';
import {
  someCard,
  someDiscard,
  someFeed,
  someLook,
  someStart,
  usualKitchen,
} from './someJar.testing';
import { storyOf } from './story';

const T0 = Date.parse('2026-03-10T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const took = (id: string, hours: number, over = {}): JarEvent => ({
  kind: 'took',
  id,
  jar: 'tern',
  at: iso(hours),
  grams: 90,
  ...over,
});
const baked = (id: string, hours: number, of: string, rise: 'high' | 'low'): JarEvent =>
  ({ kind: 'baked', id, jar: 'tern', at: iso(hours), of, rise }) as JarEvent;
const pictured = (id: string, hours: number, of?: string): JarEvent => ({
  kind: 'pictured',
  id,
  jar: 'tern',
  at: iso(hours),
  picture: id,
  width: 3,
  height: 4,
  ...(of === undefined ? {} : { of }),
});

describe('bakes of a jar', () => {
  const of = (...events: readonly JarEvent[]) => bakesIn(storyOf(events), events);

  it('are what was taken, newest first, by the feed behind it', () => {
    const bakes = of(
      someStart(iso(-9)),
      someFeed('a', iso(0)),
      someLook('l', iso(7), { height: 2.1 }),
      took('first', 8),
      someFeed('b', iso(20)),
      someLook('m', iso(26), { height: 1.7 }),
      took('second', 28),
    );
    expect(bakes.map(({ took: one, rise }) => [one.id, rise])).toEqual([
      ['second', 1.7],
      ['first', 2.1],
    ]);
  });

  it('are of the feed before, where what was taken was taken as the jar was fed', () => {
    const events = [
      someStart(iso(-9)),
      someFeed('a', iso(0)),
      someLook('l', iso(7), { height: 2.1 }),
      took('first', 20),
      someFeed('b', iso(20)),
      someLook('m', iso(26), { height: 1.7 }),
    ];
    const [bake] = of(...events);
    expect([bake!.rise, bake!.chapter.fed?.id]).toEqual([2.1, 'a']);
  });

  it('of a jar that was never fed know of no rise', () => {
    const [bake] = of(someStart(iso(-9)), took('first', 2));
    expect([bake!.rise, bake!.chapter.fed, bake!.outcome]).toEqual([null, null, null]);
  });

  it('turned out as was said last of them, by the name they first had', () => {
    const events = [
      baked('one', 30, 'first', 'low'),
      baked('other', 31, 'second', 'low'),
      baked('two', 40, 'first', 'high'),
    ];
    expect(outcomeOf({ id: 'first' }, events)?.id).toBe('two');
    expect(outcomeOf({ id: 'third' }, events)).toBeNull();
    expect(outcomeOf({ id: 'fourth', corrects: 'second' }, events)?.id).toBe('other');
  });

  it('have their pictures, oldest first', () => {
    const events = [
      pictured('a', 1, 'first'),
      pictured('b', 2, 'second'),
      pictured('c', 3),
      took('first', 0),
      pictured('d', 4, 'first'),
    ];
    expect(picturesOf({ id: 'first' }, events).map(({ id }) => id)).toEqual(['a', 'd']);
    expect(picturesOf({ id: 'x', corrects: 'second' }, events).map(({ id }) => id)).toEqual(['b']);
  });

  it('are none where it went into a bowl, whose levain is the bake', () => {
    const bowl = (id: string, hours: number, over = {}): JournalEvent =>
      someStart(iso(hours), {
        id,
        jar: id,
        from: 'tern',
        card: someCard({ bowl: { wish: 'loaves', builds: [] } }),
        ...over,
      });
    const begun = bowlsBegun([
      someFeed('f', iso(1)),
      bowl('one', 2),
      bowl('two', 5),
      bowl('of another', 6, { from: 'grebe' }),
      bowl('of none', 7, { from: undefined }),
      bowl('a jar of its own', 8, { card: someCard() }),
    ]);
    expect([...begun.keys()]).toEqual(['tern', 'grebe']);
    expect([...begun.get('tern')!]).toEqual([T0 + 2 * HOUR, T0 + 5 * HOUR]);
    const events = [someStart(iso(-9)), took('seed', 2), took('bake', 3)];
    expect(bakesIn(storyOf(events), events, begun.get('tern')).map((one) => one.took.id)).toEqual([
      'bake',
    ]);
  });
});

describe('how a jar was fed last', () => {
  const way = (...events: readonly JarEvent[]) => {
    const all = [someStart(iso(-9)), ...events];
    return lastWay(foldJar(all, usualKitchen())!.jar, all);
  };
  const out = (hours: number) => someDiscard(`out ${hours}`, iso(hours));

  it('is to a ratio, unless it says otherwise', () => {
    expect(way()).toBe('ratio');
    expect(way(someFeed('a', iso(0)))).toBe('ratio');
    expect(way(someFeed('a', iso(0), { keepG: 30 }))).toBe('ratio');
  });

  it('is by adding where much more was kept than the card says, and nothing went', () => {
    expect(way(someFeed('a', iso(0), { keepG: 31 }))).toBe('add');
    expect(way(out(0), someFeed('a', iso(0), { keepG: 31 }))).toBe('ratio');
    expect(way(took('t', 0), someFeed('a', iso(0), { keepG: 31 }))).toBe('ratio');
    expect(way(out(-1), someFeed('a', iso(0), { keepG: 31 }))).toBe('add');
  });

  it('is by eye where it was', () => {
    expect(way(someFeed('a', iso(0), { keepG: 31, rough: true }))).toBe('eye');
  });
});

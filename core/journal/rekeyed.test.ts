import { type JournalEvent } from './events';
import { jarsByStart, placesByStart, rekeyed } from './rekeyed';
import { someEntries } from './someEntries.testing';
import { someCard, someFeed, somePlace, someStart } from './someJar.testing';

const AT = '2026-03-13T18:20:00.000Z';
const keys = {
  jar: (id: string) => `jar:${id}`,
  entry: (id: string) => `entry:${id}`,
  tub: (id: string) => `tub:${id}`,
  place: (id: string) => `place:${id}`,
};
const named = (event: JournalEvent) => rekeyed([event], keys)[0]!;

describe('a journal with other keys', () => {
  const wish = { levainG: 90, from: AT, until: AT };

  it.each<[string, JournalEvent, object]>([
    [
      'a start: its jar, its place, its tub and the jar it comes from',
      someStart(AT, { from: 'elder', card: someCard({ tub: 'half' }) }),
      {
        id: 'entry:start',
        jar: 'jar:tern',
        from: 'jar:elder',
        place: 'place:counter',
        card: someCard({ tub: 'tub:half' }),
      },
    ],
    [
      'a feed and its tub',
      someFeed('f', AT, { tub: 'half' }),
      { jar: 'jar:tern', tub: 'tub:half' },
    ],
    [
      'a card with the bake its bowl is for',
      {
        kind: 'described',
        id: 'd',
        at: AT,
        jar: 'tern',
        card: someCard({ bowl: { wish: 'saturday', builds: [] } }),
      },
      { card: someCard({ bowl: { wish: 'entry:saturday', builds: [] } }) },
    ],
    [
      'a bowl for one time of a bake that comes back',
      {
        kind: 'described',
        id: 'd',
        at: AT,
        jar: 'tern',
        card: someCard({ bowl: { wish: 'saturday 2026-03-14', builds: [] } }),
      },
      { card: someCard({ bowl: { wish: 'entry:saturday 2026-03-14', builds: [] } }) },
    ],
    [
      'what was weighed of a tub',
      { kind: 'tubWeighed', id: 'w', at: AT, tub: 'half', grams: 5 },
      { tub: 'tub:half' },
    ],
    ['a tub that is gone', { kind: 'tubGone', id: 'w', at: AT, tub: 'half' }, { tub: 'tub:half' }],
    [
      'a backup and what it was dried from',
      {
        kind: 'backedUp',
        id: 'b',
        at: AT,
        jar: 'tern',
        backup: 'dried',
        takenG: 9,
        keptG: 5,
        drying: 'drying',
      } as never,
      { drying: 'entry:drying' },
    ],
    [
      'how a bake turned out',
      { kind: 'baked', id: 'b', at: AT, jar: 'tern', of: 'took' },
      { of: 'entry:took' },
    ],
    [
      'a picture of an entry',
      { kind: 'pictured', id: 'p', at: AT, jar: 'tern', of: 'took' } as never,
      { of: 'entry:took' },
    ],
    [
      'a jar that was looked over',
      { kind: 'lookedOver', id: 'l', at: AT, what: 'jar', of: 'tern' } as never,
      { of: 'jar:tern' },
    ],
    [
      'a tub that was looked over',
      { kind: 'lookedOver', id: 'l', at: AT, what: 'tub', of: 'half' } as never,
      { of: 'tub:half' },
    ],
    [
      'a lot that was looked over',
      { kind: 'lookedOver', id: 'l', at: AT, what: 'lot', of: 'out' } as never,
      { of: 'entry:out' },
    ],
    [
      'a lot that was moved',
      { kind: 'lotMoved', id: 'l', at: AT, lot: 'out', store: 'freezer' },
      { lot: 'entry:out' },
    ],
    [
      'lots that were used, with their grams',
      { kind: 'lotsUsed', id: 'l', at: AT, lots: [{ lot: 'out', grams: 20 }], to: 'bake' },
      { lots: [{ lot: 'entry:out', grams: 20 }] },
    ],
    [
      'a wish, and its jar',
      { kind: 'wished', id: 'w', at: AT, wish: 'loaves', name: 'Loaves', jar: 'tern', what: wish },
      { wish: 'entry:loaves', jar: 'jar:tern' },
    ],
    [
      'one time of a wish',
      { kind: 'wishDropped', id: 'w', at: AT, wish: 'my loaves 2026-03-14' },
      { wish: 'entry:my loaves 2026-03-14' },
    ],
    [
      'a wish that only looks like it',
      { kind: 'wishDropped', id: 'w', at: AT, wish: 'loaves 2026-03-14 b' },
      { wish: 'entry:loaves 2026-03-14 b' },
    ],
    [
      'what was withdrawn',
      { kind: 'withdrew', id: 'w', at: AT, entries: ['a', 'b'] },
      { entries: ['entry:a', 'entry:b'] },
    ],
    [
      'where a jar went',
      { kind: 'moved', id: 'm', at: AT, jar: 'tern', place: 'attic' },
      { place: 'place:attic', jar: 'jar:tern' },
    ],
    [
      'how a place is',
      somePlace('a', AT, 'attic'),
      { place: { ...somePlace('a', AT, 'attic').place, id: 'place:attic' } },
    ],
  ])('names anew %s', (_, event, there) => {
    expect(named(event)).toEqual({
      ...event,
      id: `entry:${event.id}`,
      ...('jar' in event ? { jar: `jar:${event.jar}` } : {}),
      ...there,
    });
  });

  it('leaves out what is not there', () => {
    const start = named(someStart(AT)) as unknown as Record<string, unknown>;
    expect('from' in start).toBe(false);
    expect(start.card).toEqual(someCard());
    expect('tub' in named(someFeed('f', AT))).toBe(false);
    const dough = { from: 'percentages', jar: null } as never;
    const kept: JournalEvent = { kind: 'doughKept', id: 'd', at: AT, dough };
    expect(named(kept)).toEqual({ ...kept, id: 'entry:d' });
    const ofJar = { from: 'percentages', jar: 'tern' } as never;
    expect(named({ ...kept, dough: ofJar })).toMatchObject({ dough: { jar: 'jar:tern' } });
  });

  it('is the same journal where no key changes', () => {
    const now = Date.parse(AT);
    const entries = someEntries(3, now);
    expect(rekeyed(entries, {})).toEqual(entries);
  });

  it('comes back by the keys going back', () => {
    const entries = someEntries(3, Date.parse(AT));
    const back = Object.fromEntries(
      Object.keys(keys).map((key) => [key, (id: string) => id.slice(key.length + 1)]),
    );
    expect(rekeyed(rekeyed(entries, keys), back)).toEqual(entries);
  });
});

describe('jars and places that were once called by a name or a number', () => {
  const start = (id: string, hour: number, jar = 'tern') =>
    someStart(`2026-03-13T0${hour}:00:00.000Z`, { id, jar });

  it('are called after the entry that they began with', () => {
    const name = jarsByStart([someFeed('f', AT), start('b', 5), start('a', 4, 'grebe')]);
    expect([name('tern'), name('grebe'), name('skua')]).toEqual(['b', 'a', 'skua']);
  });

  it('began with the earlier entry, and of two at once with the one that sorts first', () => {
    expect(jarsByStart([start('b', 5), start('c', 4)])('tern')).toBe('c');
    expect(jarsByStart([start('c', 4), start('b', 5)])('tern')).toBe('c');
    expect(jarsByStart([start('c', 4), start('b', 4)])('tern')).toBe('b');
    expect(jarsByStart([start('b', 4), start('c', 4)])('tern')).toBe('b');
  });

  it('but for places that every kitchen has', () => {
    const name = placesByStart([
      someFeed('f', AT),
      somePlace('one', AT, 'place-1'),
      somePlace('two', AT, 'place-1'),
      somePlace('three', AT, 'counter'),
    ]);
    expect([name('place-1'), name('counter'), name('place-2')]).toEqual([
      'one',
      'counter',
      'place-2',
    ]);
  });
});

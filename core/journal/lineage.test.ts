import { type JarEvent } from './events';
import { type Jar, foldJar, mixAt } from './fold';
import { lineage, withItsPast } from './lineage';
import { someCard, someFeed, someStart, usualKitchen } from './someJar.testing';

const iso = (hours: number) =>
  new Date(Date.parse('2026-03-01T08:00Z') + hours * 3_600_000).toISOString();
const noted = (jar: string, hours: number): JarEvent => ({
  kind: 'noted',
  id: `${jar} ${hours}`,
  jar,
  at: iso(hours),
  note: 'seen',
});
const started = (jar: string, hours: number, from?: string): JarEvent =>
  someStart(iso(hours), {
    id: `${jar} ${hours}`,
    jar,
    ...(from === undefined ? {} : { from }),
  });
const idsOf = (jar: string, ...logs: readonly (readonly [string, readonly JarEvent[]])[]) =>
  lineage(jar, new Map(logs)).map(({ id }) => id);

const MOTHER = [started('mother', 0), noted('mother', 10), noted('mother', 30)];
const CHILD = [started('child', 20, 'mother'), noted('child', 40), noted('child', 60)];
const GRANDCHILD = [started('grandchild', 50, 'child'), noted('grandchild', 70)];

describe('the log of a culture', () => {
  it('is the jar’s own where it came from nowhere', () => {
    expect(idsOf('mother', ['mother', MOTHER])).toEqual(['mother 0', 'mother 10', 'mother 30']);
  });

  it('goes back through the jars it came from, each up to where the next one left it', () => {
    expect(
      idsOf('grandchild', ['mother', MOTHER], ['child', CHILD], ['grandchild', GRANDCHILD]),
    ).toEqual(['mother 0', 'mother 10', 'child 20', 'child 40', 'grandchild 50', 'grandchild 70']);
  });

  it('begins where its origin is not in the log', () => {
    expect(idsOf('child', ['child', CHILD])).toEqual(['child 20', 'child 40', 'child 60']);
  });

  it('ends even where a log says that two jars came from each other', () => {
    const a = [started('a', 0, 'b')];
    const b = [started('b', -1, 'a')];
    expect(idsOf('a', ['a', a], ['b', b])).toEqual(['b -1', 'a 0']);
  });
});

describe('what has to be gone through to know what is in a jar', () => {
  const feedsOf = (jar: string, from: number, count: number): readonly JarEvent[] =>
    Array.from({ length: count }, (_, n) =>
      someFeed(`${jar} fed ${n}`, iso(from + 12 * n), { jar }),
    );
  const part = (more: readonly JarEvent[] = []): readonly JarEvent[] => [
    { ...started('part', 20, 'mother'), condition: 'asItStood' } as JarEvent,
    ...more,
  ];
  const all = (own: readonly JarEvent[]) =>
    withItsPast(
      'part',
      new Map([
        ['mother', MOTHER],
        ['part', own],
      ]),
    ).map(({ jar }) => jar);

  it('is its own, and that of the jar which it stood in before it came', () => {
    expect(all(part())).toEqual(['mother', 'mother', 'part']);
    expect(all([started('part', 20, 'mother')])).toEqual(['part']);
  });

  it('is its own alone once it is put away, or fed so often that nothing of then is left', () => {
    const away = { kind: 'described', id: 'away', jar: 'part', at: iso(30), card: someCard({ archived: true }) } as const; // oxfmt-ignore
    expect(all(part([away]))).toEqual(['part', 'part']);
    expect(all(part([away, { ...away, id: 'back', card: someCard() }]))[0]).toBe('mother');
    expect(all(part(feedsOf('part', 30, 40)))[0]).toBe('mother');
    expect(all(part(feedsOf('part', 30, 41)))[0]).toBe('part');
  });

  it('finds as much food in a part of a jar that was only just fed as in the jar', () => {
    const fed = someFeed('fed', iso(19), { jar: 'mother' });
    const mother = [started('mother', 0), fed];
    const folded = (events: readonly JarEvent[]) => foldJar(events, usualKitchen())!.jar;
    const food = (jar: Jar) => mixAt(jar, Date.parse(iso(21)), usualKitchen()).food;
    const own = folded(
      withItsPast(
        'part',
        new Map([
          ['mother', mother],
          ['part', part()],
        ]),
      ),
    );
    expect(food(own)).toBeCloseTo(food(folded(mother)), 3);
    // Alone it would be taken for ripe starter, as most that is split off is.
    expect(food(folded(part()))).toBeLessThan(0.3);
  });
});

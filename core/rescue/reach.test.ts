import { type JarEvent, type JournalEvent, type Spoilage } from '../journal';
import { someCard } from '../journal/someJar.testing';
import { DAY } from '../measure';
import { type Shelf, quarantinesOf, troubleSince } from './reach';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const ago = (days: number) => NOW - days * DAY;
const iso = (days: number) => new Date(ago(days)).toISOString();
const started = (jar: string, days: number, from?: string): JarEvent => ({
  kind: 'started',
  id: `${jar} began`,
  jar,
  at: iso(days),
  card: someCard(),
  massG: 50,
  hydrationPct: 100,
  condition: 'hungry',
  place: 'counter',
  ...(from ? { from } : {}),
});

const SHELF: Shelf = {
  lots: [
    { id: 'early', jar: 'tern', takenAt: ago(30) },
    { id: 'late', jar: 'tern', takenAt: ago(3) },
    { id: 'of the part', jar: 'gull', takenAt: ago(2) },
    { id: 'of another', jar: 'wren', takenAt: ago(2) },
  ],
  backups: [
    { id: 'old flakes', jar: 'tern', madeAt: ago(90) },
    { id: 'new flakes', jar: 'tern', madeAt: ago(5) },
  ],
  drying: [{ id: 'film', jar: 'tern', since: ago(1) }],
  jars: [{ id: 'gull' }, { id: 'wren' }, { id: 'elder' }],
  tubs: [{ id: 'half' }, { id: 'rye' }],
};

const reachOf = (why: Spoilage, since: number, later: readonly JournalEvent[] = []) => {
  const out: JarEvent = {
    kind: 'thrownOut',
    id: 'out',
    jar: 'tern',
    at: iso(0),
    why,
    since: iso(since),
  };
  const byJar = new Map<string, readonly JarEvent[]>([
    ['tern', [started('tern', 200), out]],
    ['gull', [started('gull', 10, 'tern')]],
    ['elder', [started('elder', 100, 'tern')]],
    ['wren', [started('wren', 50)]],
  ]);
  const live = [...[...byJar.values()].flat(), ...later];
  return quarantinesOf(byJar, live, SHELF).flatMap(({ reached }) => reached.map(({ of }) => of));
};

describe('throwing a jar out', () => {
  it('reaches what was taken from it since the trouble may have begun, and the jars split off it, with what came from those', () => {
    expect(reachOf('growth', 14).sort()).toEqual(
      ['film', 'gull', 'late', 'new flakes', 'of the part'].sort(),
    );
  });

  it('leaves alone what is older than the trouble', () => {
    expect(reachOf('food', 1)).toEqual(['film']);
    expect(reachOf('growth', 120)).toEqual(
      expect.arrayContaining(['elder', 'early', 'old flakes']),
    );
  });

  it('reaches every tub of flour when there were insects', () => {
    expect(reachOf('insects', 14)).toEqual(expect.arrayContaining(['half', 'rye']));
    expect(reachOf('growth', 14)).not.toContain('half');
  });

  it('for heat reaches nothing', () => {
    expect(reachOf('heat', 14)).toEqual([]);
  });

  it('asks once about each thing: what was looked over is named no more, whether it was kept or not', () => {
    const over = (of: string, keep: boolean): JournalEvent => ({
      kind: 'lookedOver',
      id: `over ${of}`,
      at: iso(0),
      what: of === 'late' ? 'lot' : 'backup',
      of,
      keep,
    });
    const left = reachOf('growth', 14, [over('late', true), over('new flakes', false)]);
    expect(left.sort()).toEqual(['film', 'gull', 'of the part']);
  });

  it('takes mould to be older than it looks, and a splinter no older than the feed before', () => {
    const jar = { since: ago(2), started: ago(100) };
    expect(troubleSince('growth', jar, NOW)).toBe(ago(14));
    expect(troubleSince('hardBits', jar, NOW)).toBe(ago(2));
    expect(troubleSince('growth', { since: ago(40), started: ago(100) }, NOW)).toBe(ago(40));
    expect(troubleSince('growth', { since: ago(1), started: ago(3) }, NOW)).toBe(ago(3));
  });
});

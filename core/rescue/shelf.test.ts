import fc from 'fast-check';

import { type BackedUp, type JarEvent, foldJar } from '../journal';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { DAY, HOUR, hydrationOf } from '../measure';
import {
  type Backup,
  aliveShare,
  backupsOf,
  dryingBatches,
  filmGrams,
  flakesFrom,
  withoutBackup,
} from './backups';
import { waterBack } from './pourOff';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = usualKitchen();
const common = { jar: 'tern' };
const STARTED = someStart(iso(0));
const FED = someFeed('f', iso(1));
const jarOf = (events: readonly JarEvent[]) => foldJar([STARTED, ...events], context)!.jar;

describe('liquid of hunger', () => {
  it('poured off comes back as water of the next feed, so that the hydration is as it was', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 40 }),
        fc.integer({ min: 20, max: 120 }),
        (grams, keepG) => {
          const poured: JarEvent = { ...common, kind: 'pouredOff', id: 'p', at: iso(60), grams };
          const jar = jarOf([FED, poured]);
          const back = waterBack(jar, keepG);
          const fed: JarEvent = {
            ...FED,
            id: 'g',
            at: iso(61),
            keepG,
            flourG: 100,
            waterG: 100 + back,
          };
          const { fedMix } = jarOf([FED, poured, fed]);
          // Whole grams are off by at most half of one.
          expect(Math.abs(fedMix.hydrationPct - 100)).toBeLessThan(0.6);
        },
      ),
    );
  });

  it('poured off and not given back leaves the next feed stiffer', () => {
    const poured: JarEvent = { ...common, kind: 'pouredOff', id: 'p', at: iso(60), grams: 30 };
    const fed = { ...FED, id: 'g', at: iso(61), keepG: 100 } as JarEvent;
    expect(jarOf([FED, poured]).massG).toBe(150);
    const keptWater = 50 - (30 * 100) / 180;
    expect(jarOf([FED, poured, fed]).fedMix.hydrationPct).toBeLessThan(
      hydrationOf(130, 130 - keptWater / 10),
    );
    expect(jarOf([FED, poured, fed]).pouredG).toBe(0);
    expect(waterBack(jarOf([FED]), 20)).toBe(0);
  });
});

describe('backups', () => {
  const backedUp = (over: Partial<BackedUp> = {}): BackedUp => ({
    ...common,
    kind: 'backedUp',
    id: 'b',
    at: iso(10),
    form: 'flakes',
    grams: 30,
    takenG: 0,
    store: 'room',
    ...over,
  });
  const shelf = (...events: readonly JarEvent[]) => new Map([['tern', [STARTED, ...events]]]);
  const used = (grams: number): JarEvent => ({
    ...common,
    kind: 'backupUsed',
    id: `u${grams}`,
    at: iso(20),
    backup: 'b',
    grams,
  });

  it('stand on the shelf until they are used up', () => {
    expect(backupsOf(shelf(backedUp()))[0]).toMatchObject({ form: 'flakes', gramsLeft: 30 });
    expect(backupsOf(shelf(backedUp(), used(10)))[0]!.gramsLeft).toBe(20);
    expect(backupsOf(shelf(backedUp(), used(30)))).toEqual([]);
  });

  it('are renewed in time: flakes twice a year, a twin by its last feed', () => {
    const days = (backup: Backup) => Math.round((backup.renewBy - backup.freshAt) / DAY);
    expect(days(backupsOf(shelf(backedUp()))[0]!)).toBe(183);
    const tended: JarEvent = {
      ...common,
      kind: 'backupTended',
      id: 't',
      at: iso(500),
      backup: 'b',
    };
    const twin = backupsOf(shelf(backedUp({ form: 'twin', store: 'fridge' }), tended))[0]!;
    expect(twin.freshAt).toBe(T0 + 500 * HOUR);
    expect(days(twin)).toBe(30);
  });

  it('lose cells with time, in the warm more than in the cold', () => {
    const [room] = backupsOf(shelf(backedUp()));
    const [frozen] = backupsOf(shelf(backedUp({ store: 'freezer' })));
    const year = T0 + 365 * DAY;
    expect(aliveShare(room!, T0 + 11 * HOUR)).toBeGreaterThan(0.99);
    expect(aliveShare(room!, year)).toBeLessThan(0.3);
    expect(aliveShare(room!, year)).toBeGreaterThan(0.1);
    expect(aliveShare(frozen!, year)).toBeGreaterThan(aliveShare(room!, year));
    expect(aliveShare(room!, T0 - DAY)).toBeLessThanOrEqual(1);
  });

  it('are asked for once: not while some dries, nor after it was declined', () => {
    const jars = [{ id: 'tern', feeds: 3 }];
    const without = (
      byJar: ReturnType<typeof shelf>,
      of: readonly { readonly id: string; readonly feeds: number }[],
    ) => withoutBackup(byJar, of, dryingBatches(byJar));
    const drying: JarEvent = { ...common, kind: 'drying', id: 'd', at: iso(10), grams: 40 };
    const declined: JarEvent = { ...common, kind: 'backupDeclined', id: 'x', at: iso(10) };
    expect(without(shelf(FED), jars)).toEqual(['tern']);
    expect(without(shelf(FED, drying), jars)).toEqual([]);
    expect(without(shelf(FED, declined), jars)).toEqual([]);
    expect(without(shelf(FED, backedUp()), jars)).toEqual([]);
    expect(without(shelf(), [{ id: 'tern', feeds: 0 }])).toEqual([]);
  });

  it('dry for one to two days, and are a batch until they are packed', () => {
    const drying: JarEvent = { ...common, kind: 'drying', id: 'd', at: iso(10), grams: 40 };
    const [batch] = dryingBatches(shelf(drying));
    expect(batch).toMatchObject({ grams: 40, snapsFrom: T0 + 34 * HOUR, snapsBy: T0 + 58 * HOUR });
    expect(dryingBatches(shelf(drying, backedUp({ drying: 'd' })))).toEqual([]);
    expect(jarOf([FED, drying]).massG).toBe(140);
  });

  it('stand there with the newest first, as long as a gram is left, whoever used some', () => {
    const older = backedUp({ id: 'old', grams: 10, at: iso(5) });
    const newer = backedUp({ id: 'new', grams: 10, at: iso(15) });
    const of = (id: string, grams: number) => ({ ...used(grams), id: `${id}${grams}`, backup: id });
    const left = (...events: readonly JarEvent[]) =>
      backupsOf(shelf(older, newer, ...events)).map(({ id, gramsLeft }) => [id, gramsLeft]);
    expect(left()).toEqual([
      ['new', 10],
      ['old', 10],
    ]);
    expect(left(of('old', 4), of('old', 5))).toEqual([
      ['new', 10],
      ['old', 1],
    ]);
    expect(left(of('old', 4), of('old', 5.5), of('new', 3))).toEqual([['new', 7]]);
  });

  it('are as fresh as their last feed, whatever order it was written down in', () => {
    const tended = (hours: number): JarEvent => ({
      ...common,
      kind: 'backupTended',
      id: `t${hours}`,
      at: iso(hours),
      backup: 'b',
    });
    const twin = backedUp({ form: 'twin', store: 'fridge', note: 'top shelf' });
    const [backup] = backupsOf(shelf(twin, tended(500), tended(300)));
    expect(backup).toMatchObject({
      id: 'b',
      jar: 'tern',
      store: 'fridge',
      madeAt: T0 + 10 * HOUR,
      freshAt: T0 + 500 * HOUR,
      note: 'top shelf',
    });
    expect(backupsOf(shelf(backedUp()))[0]).toMatchObject({ freshAt: T0 + 10 * HOUR, note: null });
  });

  it('belong to the jar they were made of, and are asked for jar by jar', () => {
    const byJar = new Map<string, readonly JarEvent[]>([
      ['tern', [STARTED, FED, backedUp()]],
      ['knot', [{ ...FED, id: 'k', jar: 'knot' }]],
    ]);
    const jars = ['tern', 'knot', 'smew'].map((id) => ({ id, feeds: 1 }));
    expect(withoutBackup(byJar, jars, [])).toEqual(['knot', 'smew']);
    expect(withoutBackup(byJar, jars, dryingBatches(shelf()))).toEqual(['knot', 'smew']);
  });

  it('of a sheet of paper are a thin film, and half of it is water', () => {
    expect(filmGrams(30 * 20)).toBe(63);
    expect(flakesFrom(60, 100)).toBe(32);
    // A stiff one is less water.
    expect(flakesFrom(60, 50)).toBe(43);
  });
});

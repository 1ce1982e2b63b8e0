import { type JournalEvent } from '@core/journal';
import { someCard, someFeed, someStart } from '@core/journal/someJar.testing';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import { selectPromises } from './promises';
import {
  selectBackups,
  selectDrying,
  selectHandsAhead,
  selectRuns,
  selectWithoutBackup,
} from './rescue';
import { formerEntries, selectChapters } from './story';
import { ticked } from './time';
import { selectNextOf, selectWhatNext } from './whatNext';
import { selectZoneAsked } from './zone';
import { deviceZoneFound } from './kitchen';

const HOUR = 3_600_000;
let made = 0;
const entry = <T extends object>(what: T, hours = -1) =>
  ({ id: `e${made++}`, at: iso(hours), ...what }) as unknown as JournalEvent;
const kitchen = (...events: readonly JournalEvent[]) =>
  kitchenStore([...PLACES, tern(), ...events]).getState();
const move = (hours: number, place: string, said?: number, over = {}) =>
  entry({ kind: 'moved', jar: 'tern', place, ...(said === undefined ? {} : { said: iso(said) }), ...over }, hours); // oxfmt-ignore

describe('moves that were said beforehand', () => {
  const promises = (...events: readonly JournalEvent[]) =>
    selectPromises(kitchen(...events)).map(({ from, place, state }) => [(from - NOW) / HOUR, place, state]); // oxfmt-ignore

  it('wait for their hour, are due for one, and are asked about then', () => {
    expect(promises(move(2, 'fridge', -1))).toEqual([[2, 'fridge', 'waits']]);
    expect(promises(move(0, 'fridge', -3))).toEqual([[0, 'fridge', 'due']]);
    expect(promises(move(-0.9, 'fridge', -3))).toEqual([[-0.9, 'fridge', 'due']]);
    expect(promises(move(-1, 'fridge', -3))).toEqual([[-1, 'fridge', 'asked']]);
    expect(promises(move(-1, 'fridge'))).toEqual([]);
  });

  it('come in order of time, whichever jar they are of', () => {
    const knot = someStart(iso(-20), { id: 'knot start', jar: 'knot', card: someCard({ name: 'Knot' }) }); // oxfmt-ignore
    const all = kitchen(
      knot,
      move(5, 'fridge', -1),
      move(3, 'larder', -1, { jar: 'knot' }),
      move(-0.5, 'warm', -3, { jar: 'knot' }),
    );
    expect(selectPromises(all).map(({ jar, place }) => [jar, place])).toEqual([
      ['knot', 'warm'],
      ['knot', 'larder'],
      ['tern', 'fridge'],
    ]);
  });
});

describe('the story of the kitchen', () => {
  it('is told feed by feed, the newest first', () => {
    const state = kitchen(someFeed('one', iso(-20)), someFeed('two', iso(-8)));
    const chapters = selectChapters(state);
    expect(chapters.map(({ fed }) => fed?.id)).toEqual(['two', 'one', undefined]);
    expect(selectChapters(kitchenStore().getState()).every(({ at }, i, all) => i === 0 || at <= all[i - 1]!.at)).toBe(true); // oxfmt-ignore
  });

  it('keeps what an entry was before it was put right', () => {
    const fed = (id: string, corrects?: string) =>
      someFeed(id, iso(-8), corrects === undefined ? {} : { corrects });
    const journal = [fed('first'), fed('second', 'first'), fed('third', 'first'), fed('other'), entry({ kind: 'noted', jar: 'tern', note: 'x', corrects: 'first' })]; // oxfmt-ignore
    expect(formerEntries(journal, fed('third', 'first')).map(({ id }) => id)).toEqual(['second', 'first']); // oxfmt-ignore
    expect(formerEntries(journal, fed('first'))).toEqual([]);
  });
});

describe('the zone of a device', () => {
  const asked = (device: string, ...events: readonly JournalEvent[]) => {
    const store = kitchenStore([...PLACES, tern(), ...events]);
    store.dispatch(deviceZoneFound(device));
    return selectZoneAsked(store.getState());
  };

  it('is asked about where its clock is another one at any time of the year, once', () => {
    expect(asked('Europe/Lisbon')).toBeNull();
    // The same clock by another name.
    expect(asked('Atlantic/Madeira')).toBeNull();
    expect(asked('Asia/Kolkata')).toEqual({ kitchen: 'Europe/Lisbon', device: 'Asia/Kolkata' });
    // The same in March, and another in July.
    expect(asked('Africa/Abidjan')).toEqual({ kitchen: 'Europe/Lisbon', device: 'Africa/Abidjan' });
    const told = entry({ kind: 'zoned', zone: 'Europe/Lisbon', device: 'Asia/Kolkata' });
    expect(asked('Asia/Kolkata', told)).toBeNull();
    expect(asked('Asia/Tokyo', told)).not.toBeNull();
  });
});

describe('backups', () => {
  const made = entry({ kind: 'backedUp', jar: 'tern', form: 'frozen', grams: 50, takenG: 50, store: 'freezer' }, -30); // oxfmt-ignore
  const drying = entry({ kind: 'drying', jar: 'tern', grams: 40 }, -30);

  it('stand on the shelf; jars without one are named, until it is said that they go without', () => {
    expect(selectBackups(kitchen(made)).map(({ jar, form }) => [jar, form])).toEqual([['tern', 'frozen']]); // oxfmt-ignore
    const fed = someFeed('fed', iso(-20));
    const without = (...events: readonly JournalEvent[]) =>
      selectWithoutBackup(kitchen(fed, ...events));
    expect(without()).toEqual(['tern']);
    // One that was never fed has nothing to be kept yet.
    expect(selectWithoutBackup(kitchen())).toEqual([]);
    expect(without(made)).toHaveLength(0);
    expect(without(drying)).toHaveLength(0);
    expect(without(entry({ kind: 'backupDeclined', jar: 'tern' }))).toHaveLength(0);
  });

  it('dry until they are packed or thrown out after a trouble', () => {
    const looked = (of: string, keep: boolean) => entry({ kind: 'lookedOver', what: 'drying', of, keep }); // oxfmt-ignore
    expect(selectDrying(kitchen(drying)).map(({ id }) => id)).toEqual([drying.id]);
    expect(selectDrying(kitchen(drying, looked(drying.id, true)))).toHaveLength(1);
    expect(selectDrying(kitchen(drying, looked('other', false)))).toHaveLength(1);
    expect(selectDrying(kitchen(drying, looked(drying.id, false)))).toHaveLength(0);
  });
});

describe('programmes under way', () => {
  it('say their next feed, in the order of the jars', () => {
    const begun = entry({ kind: 'programmeBegun', jar: 'tern', programme: 'neglected' }, -2);
    const [run, ...more] = selectRuns(kitchen(begun));
    expect(more).toEqual([]);
    expect(run).toMatchObject({ jar: { id: 'tern' }, begun: { id: begun.id } });
    expect(run!.next).not.toBeNull();
    expect(selectRuns(kitchen())).toEqual([]);
    expect(selectRuns(kitchen(begun, entry({ kind: 'programmeEnded', jar: 'tern', because: 'well' })))).toEqual([]); // oxfmt-ignore
  });

  it('count on whoever looks for an hour, and on the week for five weeks', () => {
    const store = kitchenStore([...PLACES, tern()]);
    const hour = Math.floor(NOW / HOUR) * HOUR;
    const [now, ...week] = selectHandsAhead(store.getState());
    expect(now).toEqual({ from: hour, until: hour + HOUR });
    expect(week.at(-1)!.until).toBeGreaterThan(NOW + 34 * 24 * HOUR);
    expect(week.at(-1)!.until).toBeLessThanOrEqual(hour + 35 * 24 * HOUR);
    // The same for as long as the hour is the same.
    const before = selectHandsAhead(store.getState());
    store.dispatch(ticked(NOW + 60_000));
    expect(selectHandsAhead(store.getState())).toBe(before);
  });
});

describe('what is next', () => {
  const wished = (wish: string, hours: number, what = {}, over = {}) =>
    entry({ kind: 'wished', wish, name: wish, jar: 'tern', what: { levainG: 100, from: iso(hours), until: iso(hours + 2), ...what }, ...over }); // oxfmt-ignore
  const bowl = (card = {}) => someStart(iso(-1), { id: `bowl ${JSON.stringify(card)}`, jar: 'bowl', card: someCard({ name: 'Levain', bowl: {}, ...card }) }); // oxfmt-ignore
  const because = (jar: string, ...events: readonly JournalEvent[]) =>
    selectNextOf(kitchen(...events), jar)?.because;

  it('is said of every jar and every bowl, and of nothing that is put away', () => {
    const state = kitchen(bowl(), someStart(iso(-20), { id: 'old', jar: 'old', card: someCard({ name: 'Old', archived: true }) })); // oxfmt-ignore
    expect(selectWhatNext(state).map(({ jar }) => jar).sort()).toEqual(['bowl', 'tern']); // oxfmt-ignore
    expect(selectNextOf(state, 'old')).toBeNull();
    expect(selectNextOf(state, 'nobody')).toBeNull();
  });

  it('is a bake that nobody sees to, the nearest first; not one that takes anything, or has its levain', () => {
    const fed = someFeed('fed', iso(-3));
    expect(because('tern', fed, wished('late', 30), wished('soon', 20))).toMatchObject({ is: 'wish', wish: { id: 'soon' } }); // oxfmt-ignore
    expect(because('tern', fed, wished('crackers', 20, { anything: true }))).not.toMatchObject({ is: 'wish' }); // oxfmt-ignore
    expect(because('tern', fed, wished('soon', 20), bowl({ bowl: { wish: 'soon' } }))).not.toMatchObject({ is: 'wish' }); // oxfmt-ignore
    expect(because('tern', fed, wished('other', 20, {}, { jar: 'knot' }))).not.toMatchObject({ is: 'wish' }); // oxfmt-ignore
  });

  it('is the dough for a levain in a bowl, by the bake it is for', () => {
    const events = [wished('soon', 20), bowl({ bowl: { wish: 'soon' } })];
    expect(because('bowl', ...events)).toMatchObject({ is: 'dough', wish: { id: 'soon' } });
    expect(because('bowl', bowl())).toMatchObject({ is: 'dough', wish: null });
  });

  it('is a move that was said, once it is due; before that it is not', () => {
    const fed = someFeed('fed', iso(-3));
    expect(because('tern', fed, move(-0.2, 'fridge', -3))).toMatchObject({ is: 'move' });
    expect(because('tern', fed, move(2, 'fridge', -3))).not.toMatchObject({ is: 'move' });
  });

  it('is its programme, and nothing else of a jar that came from one that was thrown out', () => {
    const begun = entry({ kind: 'programmeBegun', jar: 'tern', programme: 'neglected' }, -2);
    expect(because('tern', begun, wished('soon', 20))).toMatchObject({ is: 'programme' });
    const knot = someStart(iso(-5), { id: 'knot start', jar: 'knot', card: someCard({ name: 'Knot' }), from: 'tern' }); // oxfmt-ignore
    const out = [
      knot,
      entry({ kind: 'thrownOut', jar: 'tern', why: 'growth', since: iso(-20) }),
      entry({ kind: 'described', jar: 'tern', card: someCard({ archived: true }) }, -0.5),
    ];
    expect(because('knot', ...out)).toMatchObject({ is: 'quarantined' });
  });
});

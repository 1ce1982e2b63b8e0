import { type Learnt } from '@core/calibrate';
import { type Place, USUAL_BELIEF } from '@core/ferment';
import { type JournalEvent } from '@core/journal';
import { someCard, someFeed, someStart } from '@core/journal/someJar.testing';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import { arrangePlace, undoNotice } from './actions';
import { learned } from './learnt';
import {
  selectArchived,
  selectBelief,
  selectBowlStandings,
  selectBowls,
  selectJar,
  selectJarEvents,
  selectJars,
  selectKitchenContext,
  selectNames,
  selectPlaceEvents,
  selectStanding,
  selectStandings,
  selectZone,
} from './selectors';
import { ticked } from './time';

let made = 0;
const entry = <T extends object>(what: T, hours = -1) =>
  ({ id: `e${made++}`, at: iso(hours), ...what }) as unknown as JournalEvent;
const jar = (id: string, card = {}, hours = -20) =>
  someStart(iso(hours), { id: `${id} start`, jar: id, card: someCard({ name: id, ...card }) });
const kitchen = (...events: readonly JournalEvent[]) =>
  kitchenStore([...PLACES, tern(), ...events]).getState();
const ids = (jars: readonly { readonly id: string }[]) => jars.map(({ id }) => id);

describe('what there is in the kitchen', () => {
  const state = kitchen(
    jar('old', { archived: true }),
    jar('bowl', { bowl: {} }),
    jar('washed bowl', { bowl: {}, archived: true }),
    jar('knot'),
  );

  it('are jars on the shelf, jars put away, and bowls; done with bowls are none of them', () => {
    expect(ids(selectJars(state))).toEqual(['tern', 'knot']);
    expect(ids(selectArchived(state))).toEqual(['old']);
    expect(ids(selectBowls(state))).toEqual(['bowl']);
    expect(selectStandings(state).map((one) => one.jar.id)).toEqual(['tern', 'knot']);
    expect(selectBowlStandings(state).map((one) => one.jar.id)).toEqual(['bowl']);
    // Entries speak of all of them.
    expect([...selectNames(state)]).toEqual([
      ['tern', 'Tern'],
      ['old', 'old'],
      ['bowl', 'bowl'],
      ['washed bowl', 'washed bowl'],
      ['knot', 'knot'],
    ]);
  });

  it('each stands as it does, on the shelf or not', () => {
    for (const id of ['tern', 'old', 'bowl', 'washed bowl', 'knot'])
      expect(selectStanding(state, id)!.jar.id).toBe(id);
    expect(selectStanding(state, 'nobody')).toBeNull();
    expect(selectJar(state, 'nobody')).toBeNull();
    expect(selectJarEvents(state, 'nobody')).toEqual([]);
    expect(selectJarEvents(state, 'knot').map(({ id }) => id)).toEqual(['knot start']);
    // Asked twice it is the same object: nothing is drawn anew.
    for (const id of ['knot', 'old', 'bowl'])
      expect(selectStanding(state, id)).toBe(selectStanding(state, id));
  });

  it('a jar in the cold is foretold for weeks, one on the counter for days', () => {
    const ahead = (place: string) =>
      selectStanding(kitchen(someFeed('fed', iso(-5)), entry({ kind: 'moved', jar: 'tern', place }, -4)), 'tern')!; // oxfmt-ignore
    const hours = (place: string) => ahead(place).outlook.forecast.curve.at(-1)!.hours;
    expect(hours('fridge')).toBeGreaterThan(20 * 24);
    expect(hours('larder')).toBeGreaterThan(20 * 24);
    expect(hours('counter')).toBeLessThan(10 * 24);
    expect(hours('warm')).toBeLessThan(10 * 24);
  });
});

describe('places', () => {
  it('are as warm as what was measured last, by either kind of thermometer', () => {
    const events = selectPlaceEvents(
      kitchen(
        entry({ kind: 'lowHigh', place: 'counter', low: 17, high: 24 }, -6),
        entry({ kind: 'measured', place: 'counter', celsius: [22] }, -9),
        entry({ kind: 'measured', place: 'counter', celsius: [23] }, -3),
      ),
    ); // oxfmt-ignore
    expect(events.slice(PLACES.length).map(({ kind, at }) => [kind, at])).toEqual([
      ['measured', iso(-9)],
      ['lowHigh', iso(-6)],
      ['measured', iso(-3)],
    ]);
  });

  it('have a zone of their own', () => {
    expect(selectZone(kitchen())).toBe('Europe/Lisbon');
    expect(selectZone(kitchen(entry({ kind: 'zoned', zone: 'Asia/Kolkata' })))).toBe(
      'Asia/Kolkata',
    );
    expect(selectKitchenContext(kitchen()).time.zone).toBe('Europe/Lisbon');
  });
});

describe('what is foretold of a jar', () => {
  const fed = [PLACES, tern(), someFeed('fed', iso(-5))].flat();
  const peak = (store: ReturnType<typeof kitchenStore>) =>
    selectStanding(store.getState(), 'tern')!.outlook.peaksAtH!;
  const lesson = (over: Partial<typeof USUAL_BELIEF>): Learnt => ({
    belief: { ...USUAL_BELIEF, ...over },
    feeds: 5,
    readings: 9,
    foretold: [],
    history: [],
  });
  const learn = (store: ReturnType<typeof kitchenStore>, jar: string, learnt: Learnt) =>
    store.dispatch(learned({ jar, learnt, log: 'log' }));

  it('follows what is learnt of it: its pace, and how wide its forecasts are', () => {
    const store = kitchenStore(fed);
    const usual = peak(store);
    learn(store, 'tern', lesson({ width: 2 }));
    const wide = peak(store);
    expect(wide.high - wide.low).toBeGreaterThan(1.5 * (usual.high - usual.low));
    learn(store, 'tern', lesson({ mean: [0.3, 0, 0, 0, 0, 0] }));
    expect(peak(store).high).toBeLessThan(usual.high);
  });

  it('is not touched by what is learnt of another', () => {
    const store = kitchenStore([...fed, jar('knot')]);
    const before = selectStanding(store.getState(), 'tern')!.outlook;
    learn(store, 'knot', lesson({ width: 2 }));
    expect(selectStanding(store.getState(), 'tern')!.outlook).toBe(before);
  });

  it('of a bowl has the pace of the jar its seed came from', () => {
    const bowl = someStart(iso(-2), { id: 'bowl start', jar: 'bowl', from: 'tern', card: someCard({ name: 'Levain', bowl: {} }) }); // oxfmt-ignore
    const store = kitchenStore([...fed, bowl]);
    const learnt = lesson({ mean: [0.3, 0, 0, 0, 0, 0] });
    learn(store, 'tern', learnt);
    expect(selectBelief(store.getState(), 'bowl')).toBe(learnt.belief);
    expect(selectBelief(store.getState(), 'nobody')).toBe(USUAL_BELIEF);
  });

  it('stays as the minutes pass, and reaches on when its days are over', () => {
    const store = kitchenStore(fed);
    const before = selectStanding(store.getState(), 'tern')!;
    store.dispatch(ticked(NOW + 60_000));
    const after = selectStanding(store.getState(), 'tern')!;
    expect(after.outlook).toBe(before.outlook);
    expect(after.hours).toBeGreaterThan(before.hours);
    store.dispatch(ticked(NOW + 10 * 24 * 3_600_000));
    const last = selectStanding(store.getState(), 'tern')!;
    expect(last.outlook.forecast.curve.at(-1)!.hours).toBeGreaterThan(last.hours);
  });

  it('is another once its place is as warm as it is', () => {
    const store = kitchenStore(fed);
    const cool = peak(store).high;
    const warm: Place = { id: 'counter', name: 'Counter', kind: 'counter', temperature: { kind: 'constant', celsius: 28 }, sd: 1 }; // oxfmt-ignore
    store.dispatch(arrangePlace(warm, 'always'));
    expect(peak(store).high).toBeLessThan(cool - 1);
    store.dispatch(undoNotice());
    expect(peak(store).high).toBeCloseTo(cool, 6);
  });
});

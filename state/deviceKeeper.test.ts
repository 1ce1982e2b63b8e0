import { type Reading } from '@core/devices/contract';
import { HOUR, MINUTE } from '@core/measure';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import { kept, keepingNow, roleGiven, rolesRead } from './deviceKeeper';
import { shelf } from './door/shelf';
import { selectJarEvents, selectStanding } from './selectors';
import { ticked } from './time';

beforeEach(async () => {
  jest.useFakeTimers({ now: NOW });
  await shelf.clear();
});
afterEach(() => {
  jest.useRealTimers();
});

const FLOOR = 120;
const BAND = 30;

const lid = (mm: number, at = Date.now()): Reading => ({ kind: 'lid', device: 'lid-1', name: 'Lid', at, mm }); // oxfmt-ignore
const warm = (celsius: number): Reading => ({ kind: 'thermometer', device: 'warm-1', name: 'Shelf', at: Date.now(), celsius }); // oxfmt-ignore

/** Tern, fed just now. */
const fedKitchen = () =>
  kitchenStore([
    ...PLACES,
    tern(),
    { kind: 'fed', id: 'fed now', jar: 'tern', at: iso(0), keepG: 20, flourG: 40, waterG: 40, flour: { white: 1 } }, // oxfmt-ignore
  ]);

const pass = (store: ReturnType<typeof kitchenStore>, ms: number) => {
  jest.setSystemTime(Date.now() + ms);
  store.dispatch(ticked(Date.now()));
};

describe('a lid', () => {
  it('logs what it sees of the jar that it sits on, and of no other', async () => {
    const store = fedKitchen();
    await store.dispatch(roleGiven('lid-1', { jar: 'tern', floorMm: FLOOR }));
    const looks = () =>
      selectJarEvents(store.getState(), 'tern').filter(({ kind }) => kind === 'looked');
    for (let minute = 0; minute < 5 * 60; minute += 2) {
      pass(store, 2 * MINUTE);
      const height = selectStanding(store.getState(), 'tern')!.moment.height;
      store.dispatch(kept(lid(FLOOR - BAND * (1 + 0.9 * (height - 1)))));
      store.dispatch(kept({ ...lid(20), device: 'lid-2' }));
    }
    expect(looks().length).toBeGreaterThan(4);
    expect(looks().length).toBeLessThan(25);
    expect(keepingNow().doubts).toEqual({});
    const last = looks().at(-1) as { height: number };
    expect(last.height).toBeGreaterThan(1.2);
  });

  it('that is lifted is doubted, and logs nothing meanwhile', async () => {
    const store = fedKitchen();
    await store.dispatch(roleGiven('lid-1', { jar: 'tern', floorMm: FLOOR }));
    const see = (mm: number, times: number) => {
      for (let i = 0; i < times; i++) {
        pass(store, 20_000);
        store.dispatch(kept(lid(mm)));
      }
    };
    see(FLOOR - BAND, 20);
    see(FLOOR - 3 * BAND, 200);
    expect(keepingNow().doubts).toEqual({ 'lid-1': 'jumped' });
    const looked = selectJarEvents(store.getState(), 'tern').some(({ kind }) => kind === 'looked');
    expect(looked).toBe(false);
  });
});

it('a thermometer is laid over its place, an hour at a time', async () => {
  const store = fedKitchen();
  await store.dispatch(roleGiven('warm-1', { place: 'counter' }));
  const before = store.getState().kitchen.events.length;
  for (let minute = 0; minute < 130; minute += 10) {
    pass(store, 10 * MINUTE);
    store.dispatch(kept(warm(26)));
  }
  const entries = store.getState().kitchen.events.slice(before);
  expect(entries.every(({ kind }) => kind === 'measured')).toBe(true);
  expect(entries.length).toBeGreaterThanOrEqual(1);
  for (const entry of entries) {
    expect(entry).toMatchObject({ place: 'counter', celsius: [26] });
    expect(Date.parse(entry.at) % HOUR).toBe(0);
  }
});

it('what devices are for is there again, and nonsense in the store is not', async () => {
  const store = fedKitchen();
  await store.dispatch(roleGiven('warm-1', { place: 'counter' }));
  await shelf.setItem('own/devices', JSON.stringify({ a: { place: 7 }, b: { jar: 'tern', floorMm: 90 } })); // oxfmt-ignore
  await store.dispatch(rolesRead());
  expect(keepingNow().roles).toEqual({ b: { jar: 'tern', floorMm: 90 } });
  await store.dispatch(roleGiven('b', null));
  expect(keepingNow().roles).toEqual({});
});

it('what another tab gave a device to do is not lost by giving one here', async () => {
  const store = fedKitchen();
  await store.dispatch(roleGiven('warm-1', { place: 'counter' }));
  // The other tab wrote it; nobody has told this one yet.
  await shelf.setItem(
    'own/devices',
    JSON.stringify({ 'warm-1': { place: 'counter' }, b: { jar: 'tern', floorMm: 90 } }),
  );
  await store.dispatch(roleGiven('warm-1', { place: 'fridge' }));
  expect(keepingNow().roles).toEqual({
    'warm-1': { place: 'fridge' },
    b: { jar: 'tern', floorMm: 90 },
  });
});

import { NOW } from '../tests/kitchenStore';
import { logEntries, undoNotice } from './actions';
import { selectBakes, selectDough, selectHands, selectSettings } from './decided';
import { bakeChanged, doughChanged, handsChanged, settingsChanged, tripAdded } from './deeds';
import { draftChanged } from './bench';
import { readKitchen, shelf } from './door';
import { HALF_WEIGHED } from './halfWeighed.testing';
import { keepKitchen, keepPending } from './keeping';
import { openKitchen, openLastKitchen, openOnceClockIsRight, startDemo } from './opening';
import { selectJars, selectLiveEvents } from './selectors';
import { makeStore } from './store';
import { ticked } from './time';
import { signsTold } from './trouble';

const HOUR = 3_600_000;
const BAKE = {
  id: 'tins',
  name: 'Sunday tins',
  jar: 'tern',
  levainG: 150,
  from: NOW + 30 * HOUR,
  until: NOW + 32 * HOUR,
};

let stop: () => void = () => undefined;

async function application() {
  const store = makeStore();
  stop = keepKitchen(store);
  await openLastKitchen(store);
  return store;
}
/** Lets what waits to be written be written. */
const settled = () => jest.advanceTimersByTimeAsync(3000);

beforeEach(async () => {
  jest.useFakeTimers({ now: NOW });
  await shelf.clear();
});
afterEach(() => {
  stop();
  jest.restoreAllMocks();
  jest.useRealTimers();
});

describe('two kitchens', () => {
  it('keep all that is decided, worked on and told apart, there and back', async () => {
    const store = await application();
    store.dispatch(bakeChanged(BAKE));
    store.dispatch(handsChanged({ ...selectHands(store.getState()), upFrom: 5 }));
    store.dispatch(tripAdded(NOW + 50 * HOUR, NOW + 60 * HOUR));
    store.dispatch(doughChanged({ celsius: 19 }));
    store.dispatch(signsTold({ jar: 'tern', signs: { smell: 'solvent' } }));
    await settled();
    const own = () => {
      const state = store.getState();
      return {
        bakes: selectBakes(state),
        hands: selectHands(state),
        dough: selectDough(state),
        trouble: state.trouble,
        live: selectLiveEvents(state).map(({ id }) => id),
      };
    };
    const before = own();
    await openKitchen(store, 'demo');
    expect(selectBakes(store.getState()).map(({ name }) => name)).toEqual(['Saturday tins']);
    expect(selectHands(store.getState()).upFrom).toBe(6.5);
    expect(store.getState().trouble).toEqual({});
    store.dispatch(settingsChanged({ theme: 'dark' }, 'dark'));
    store.dispatch(signsTold({ jar: 'x', signs: { smell: 'fresh' } }));
    await settled();
    await openKitchen(store, 'own');
    expect(own()).toEqual(before);
    expect(selectSettings(store.getState()).theme).toBe('system');
    // What was done in the other one is not undone here.
    store.dispatch(undoNotice());
    expect(own()).toEqual(before);
    const demo = await readKitchen('demo', NOW);
    expect(demo.drafts.trouble).toEqual({ x: { smell: 'fresh' } });
    expect(demo.events.some(({ kind }) => kind === 'settled')).toBe(true);
    expect(demo.events.every(({ id }) => !before.live.includes(id))).toBe(true);
  });

  it('are opened one after the other, however fast somebody taps', async () => {
    const store = await application();
    await Promise.all([
      openKitchen(store, 'demo'),
      openKitchen(store, 'own'),
      openKitchen(store, 'demo'),
    ]);
    expect(store.getState().kitchen.name).toBe('demo');
    expect(selectJars(store.getState())).toHaveLength(3);
    const own = await readKitchen('own', NOW);
    expect(own.events.every(({ kind }) => kind === 'arranged' || kind === 'zoned')).toBe(true);
  });

  it('of which the demo begins afresh, and can be had back', async () => {
    const store = await application();
    await openKitchen(store, 'demo');
    const first = selectJars(store.getState()).map(({ id }) => id);
    await startDemo(store);
    const second = selectJars(store.getState()).map(({ id }) => id);
    expect(second).toHaveLength(3);
    expect(second.some((id) => first.includes(id))).toBe(false);
    await startDemo(store);
    expect(selectJars(store.getState())).toHaveLength(3);
  });
});

describe('a clock that was wrong when the kitchen was opened', () => {
  const DAY = 24 * HOUR;
  /** The kitchen with a bake wished so long ahead, opened again so long before that was entered. */
  const openedBefore = async (days: number, aheadDays: number) => {
    const first = await application();
    const from = NOW + aheadDays * DAY;
    first.dispatch(bakeChanged({ ...BAKE, from, until: from + HOUR }));
    await settled();
    stop();
    jest.setSystemTime(NOW - days * DAY);
    const store = await application();
    const stops = [stop, openOnceClockIsRight(store)];
    stop = () => stops.forEach((end) => end());
    store.dispatch(ticked(NOW - days * DAY));
    await settled();
    expect(selectBakes(store.getState())).toEqual([]);
    expect(store.getState().kitchen.later).not.toBeNull();
    return store;
  };

  it('brings back what waited for it as soon as it is right', async () => {
    const store = await openedBefore(800, 2);
    jest.setSystemTime(NOW);
    store.dispatch(ticked(NOW));
    await settled();
    expect(selectBakes(store.getState())).toMatchObject([{ name: 'Sunday tins' }]);
    expect(store.getState().kitchen.later).toBeNull();
  });

  it('does not have it opened again and again for what still cannot be read', async () => {
    const store = await openedBefore(350, 1700);
    // What is tidied after an opening is tidied.
    await settled();
    const asked = jest.spyOn(shelf, 'getAllKeys');
    store.dispatch(ticked(NOW - 349 * DAY));
    await settled();
    expect(asked).not.toHaveBeenCalled();
  });
});

describe('without room', () => {
  it('whatever is entered says so, stays, and is written once there is some', async () => {
    const store = await application();
    await settled();
    const full = jest.spyOn(shelf, 'setMany').mockRejectedValue(new Error(''));
    for (const entry of [
      () => store.dispatch(bakeChanged(BAKE, 'wanted')),
      () => store.dispatch(settingsChanged({ theme: 'dark' }, 'dark')),
    ]) {
      entry();
      await settled();
      expect(store.getState().kitchen.unsaved).toMatch(/no room left/);
    }
    expect(store.getState().kitchen.pending).toHaveLength(2);
    await openKitchen(store, 'demo');
    expect(store.getState().kitchen).toMatchObject({ name: 'own' });
    expect(store.getState().kitchen.unsaved).toMatch(/^This kitchen stays open/);
    full.mockRestore();
    await keepPending(store);
    expect(store.getState().kitchen).toMatchObject({ unsaved: null, pending: [] });
    const kept = await readKitchen('own', NOW);
    expect(kept.events.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['wished', 'settled']),
    );
  });

  it('a feed half weighed says so too', async () => {
    const store = await application();
    await settled();
    jest.spyOn(shelf, 'setItem').mockRejectedValue(new Error(''));
    store.dispatch(draftChanged({ jar: 'tern', draft: HALF_WEIGHED }));
    await settled();
    expect(store.getState().kitchen.unsaved).toMatch(/no room left/);
  });
});

it('what is logged is in the store before it counts as saved', async () => {
  const store = await application();
  await settled();
  let write: () => void = () => undefined;
  const spied = jest.spyOn(shelf, 'setMany').mockImplementationOnce(async (pages) => {
    await new Promise<void>((resolve) => (write = resolve));
    spied.mockRestore();
    await shelf.setMany(pages);
  });
  const at = new Date(NOW).toISOString();
  const [id] = store.dispatch(logEntries([{ kind: 'noted', jar: 'tern', at, note: 'x' }], 'noted'));
  await settled();
  expect(store.getState().kitchen.pending).toEqual([id]);
  write();
  await settled();
  expect(store.getState().kitchen.pending).toEqual([]);
  expect((await readKitchen('own', NOW)).events.some((event) => event.id === id)).toBe(true);
});

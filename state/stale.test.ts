import { calibrateJar } from '@core/calibrate';
import { type Place } from '@core/ferment';
import { contentOf } from '@core/journal';
import { bandVolume } from '@kit/jarPicture';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import { arrangePlace, logEntries } from './actions';
import { zoneSettled } from './deeds';
import { opened } from './kitchen';
import { keepLearning, selectBeingRead } from './learning';
import { learntFrom } from './learntBook';
import {
  selectArranged,
  selectEventsByJar,
  selectJar,
  selectKitchenContext,
  selectPlaces,
  selectStandings,
} from './selectors';

const mockAsked: { readonly jar: string; readonly places: readonly string[] }[] = [];
const mockLesson = {
  belief: { mean: [0.2, 0, 0, 0, 0], factor: [0, 1, 2, 3, 4].map(() => [0.1, 0, 0, 0, 0]) },
  feeds: 1,
  readings: 1,
  foretold: [],
  history: [0.2],
  surprises: 0,
};
let mockUnreadable: string | null = null;
jest.mock('../workers/fit', () => ({
  inFitWorker: (act: (work: object) => unknown) =>
    act({
      learn: (
        events: readonly { readonly jar: string }[],
        arranged: readonly { readonly id: string }[],
      ) => {
        const { jar } = events[0]!;
        mockAsked.push({ jar, places: arranged.map(({ id }) => id) });
        return jar === mockUnreadable
          ? Promise.reject(new Error('no log'))
          : Promise.resolve(mockLesson);
      },
    }),
}));

const fed = { kind: 'fed', jar: 'tern', keepG: 20, flourG: 80, waterG: 80 } as const;
const kitchen = () => {
  const store = kitchenStore([
    ...PLACES,
    tern(),
    { ...fed, id: 'feed', at: iso(-6), flour: { white: 1 } },
    { kind: 'looked', id: 'look', jar: 'tern', at: iso(-2), height: 1.5 },
  ]);
  return store;
};
/** Lets what was begun come to its end. */
const settled = () => jest.advanceTimersByTimeAsync(2000);

beforeEach(() => {
  mockAsked.length = 0;
  jest.useFakeTimers({ now: NOW });
});
afterEach(() => {
  jest.useRealTimers();
});

describe('the pace', () => {
  it('of one whose log cannot be read is the usual one, the others are learnt, and a new entry is a new chance', async () => {
    mockUnreadable = 'tern';
    const store = kitchenStore([
      ...PLACES,
      tern(),
      { kind: 'looked', id: 'look', jar: 'tern', at: iso(-2), height: 1.5 },
      { ...tern(), id: 'another', jar: 'gannet' },
    ]);
    const stop = keepLearning(store);
    await settled();
    expect(mockAsked.map(({ jar }) => jar).sort()).toEqual(['gannet', 'tern']);
    expect(Object.keys(store.getState().learnt)).toEqual(['gannet']);
    mockUnreadable = null;
    store.dispatch(logEntries([{ kind: 'looked', jar: 'tern', at: iso(-1), height: 1.8 }]));
    await settled();
    expect(Object.keys(store.getState().learnt).sort()).toEqual(['gannet', 'tern']);
    stop();
  });

  it('is learnt anew when a place is corrected, and when the kitchen was elsewhere all along', async () => {
    const store = kitchen();
    const stop = keepLearning(store);
    await settled();
    expect(mockAsked).toHaveLength(1);
    // A taste teaches nothing.
    store.dispatch(logEntries([{ kind: 'settled', at: iso(0), settings: { theme: 'dark' } }]));
    await settled();
    expect(mockAsked).toHaveLength(1);
    const counter = selectPlaces(store.getState())[0]!;
    const warmer: Place = { ...counter, temperature: { kind: 'constant', celsius: 27 } };
    store.dispatch(arrangePlace(warmer, 'always'));
    await settled();
    expect(mockAsked).toHaveLength(2);
    expect(mockAsked[1]!.places).toEqual(selectArranged(store.getState()).map(({ id }) => id));
    store.dispatch(zoneSettled('Asia/Tokyo', { always: true, device: 'x' }, ''));
    await settled();
    expect(mockAsked).toHaveLength(3);
    stop();
  });

  it('is not spoken of while a log is read for the first time', async () => {
    const store = kitchen();
    const { events } = store.getState().kitchen;
    store.dispatch(opened({ name: 'own', events, kept: true }));
    expect([...selectBeingRead(store.getState())]).toEqual(['tern']);
    const stop = keepLearning(store);
    await settled();
    expect(selectBeingRead(store.getState()).size).toBe(0);
    stop();
  });
});

it('what was learnt of the household comes back from the store as it went in', () => {
  const state = kitchenStore().getState();
  const { time, places } = selectKitchenContext(state);
  const lessons = Object.fromEntries(
    [...selectEventsByJar(state)].map(([jar, events]) => [
      jar,
      { learnt: calibrateJar(events, { time, places }), log: 'print' },
    ]),
  );
  expect(lessons.grebe!.learnt.foretold.length).toBeGreaterThan(3);
  expect(learntFrom(JSON.parse(JSON.stringify(lessons)))).toEqual(lessons);
  const odd = { ...lessons.grebe!.learnt, belief: { mean: [NaN], factor: [] } };
  expect(learntFrom({ grebe: { learnt: odd, log: 'x' }, dunlin: 7 })).toEqual({});
});

describe('what is in a jar', () => {
  it('is stiffer once liquid was poured off, for every screen alike', () => {
    const store = kitchen();
    const jar = () => selectJar(store.getState(), 'tern')!;
    const [before, filled] = [contentOf(jar()), bandVolume(jar())];
    store.dispatch(logEntries([{ kind: 'pouredOff', jar: 'tern', at: iso(0), grams: 36 }]));
    const after = contentOf(jar());
    expect(after.massG).toBe(before.massG - 36);
    // 90 g of flour to 90 g of water less 36.
    expect(after.hydrationPct).toBeCloseTo(60, 6);
    expect(bandVolume(jar())).toBeLessThan(filled);
  });

  it('follows a corrected place at once', () => {
    const store = kitchen();
    const peak = () => selectStandings(store.getState())[0]!.outlook.forecast.peaksAtH!;
    const before = peak();
    const counter = selectPlaces(store.getState())[0]!;
    store.dispatch(
      arrangePlace({ ...counter, temperature: { kind: 'constant', celsius: 27 } }, 'always'),
    );
    expect(peak()).toBeLessThan(before - 1);
  });
});

it('two stores with other entries under the same ids do not share what was worked out', () => {
  const heights = [2, 12].map((flourG) => {
    const store = kitchenStore([
      ...PLACES,
      tern(),
      { ...fed, id: 'feed', at: iso(-6), flour: { white: 1 }, flourG: 8 * flourG },
    ]);
    return contentOf(selectJar(store.getState(), 'tern')!).massG;
  });
  expect(heights).toEqual([116, 196]);
});

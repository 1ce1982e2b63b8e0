import { type Plan } from '@core/plan';

import { NOW, kitchenStore } from '../tests/kitchenStore';
import { undoNotice } from './actions';
import {
  selectBakes,
  selectChosen,
  selectDough,
  selectFollowed,
  selectHands,
  selectLeftAlone,
  selectTrips,
} from './decided';
import {
  bakeDropped,
  bakeMoved,
  bakeChanged,
  doughChanged,
  handsChanged,
  keepDough,
  planChosen,
  tripAdded,
  tripDropped,
} from './deeds';
import { opened } from './kitchen';
import { mendingSeen, planFound, searchBegun, searchEnded } from './plan';
import { type Store } from './store';
import { ticked } from './time';

const HOUR = 3_600_000;
const bake = (id: string, from: number) => ({
  id,
  name: id,
  jar: 'grebe',
  levainG: 150,
  from: NOW + from * HOUR,
  until: NOW + (from + 2) * HOUR,
});
const plan = (name: Plan['name']): Plan => ({
  name,
  steps: [],
  wanted: [],
  flourG: 100,
  discardG: 0,
  touches: 1,
  curves: [],
  savings: [],
});
const names = (store: Store) => selectBakes(store.getState()).map(({ id }) => id);

beforeAll(() => {
  jest.useFakeTimers({ now: NOW });
});
afterAll(() => {
  jest.useRealTimers();
});

describe('wishes', () => {
  it('are undone as they were', () => {
    const store = kitchenStore();
    store.dispatch(bakeChanged(bake('tins', 20)));
    store.dispatch(bakeMoved('tins', HOUR));
    store.dispatch(bakeDropped('tins', 'tins is off'));
    expect(names(store)).toEqual([]);
    store.dispatch(undoNotice());
    expect(selectBakes(store.getState())).toEqual([bake('tins', 21)]);
  });

  it('know hands and trips, and forget a trip that is off', () => {
    const store = kitchenStore();
    const hands = selectHands(store.getState());
    store.dispatch(handsChanged({ ...hands, upFrom: 5 }));
    store.dispatch(handsChanged({ ...hands, upFrom: 5, painted: { '4 19': 'away' } }));
    expect(selectHands(store.getState())).toEqual({
      ...hands,
      upFrom: 5,
      painted: { '4 19': 'away' },
    });
    const entries = store.getState().kitchen.events.length;
    store.dispatch(handsChanged(selectHands(store.getState())));
    expect(store.getState().kitchen.events).toHaveLength(entries);
    store.dispatch(tripAdded(NOW + 10 * HOUR, NOW + 40 * HOUR));
    const [trip] = selectTrips(store.getState());
    expect(trip).toMatchObject({ from: NOW + 10 * HOUR, until: NOW + 40 * HOUR });
    store.dispatch(tripDropped(trip!.id, 'off'));
    expect(selectTrips(store.getState())).toEqual([]);
  });

  it('stay the same objects while they say the same, whatever else is logged', () => {
    const store = kitchenStore();
    store.dispatch(bakeChanged(bake('tins', 20)));
    const before = [selectBakes, selectHands, selectTrips, selectLeftAlone].map((of) =>
      of(store.getState()),
    );
    store.dispatch(doughChanged({ celsius: 20 }));
    store.dispatch(keepDough());
    store.dispatch(ticked(NOW + HOUR));
    [selectBakes, selectHands, selectTrips, selectLeftAlone].forEach((of, i) =>
      expect(of(store.getState())).toBe(before[i]),
    );
  });
});

describe('a plan', () => {
  it('that is followed is there again when the kitchen is opened', () => {
    const store = kitchenStore();
    store.dispatch(planChosen('safest'));
    const { events } = store.getState().kitchen;
    store.dispatch(opened({ name: 'own', events: [] }));
    expect(selectChosen(store.getState())).toBeNull();
    store.dispatch(opened({ name: 'demo', events, plan: plan('safest') }));
    expect(selectFollowed(store.getState())?.name).toBe('safest');
  });

  it('is shown as soon as one is found, and not after the search was stopped', () => {
    const store = kitchenStore();
    store.dispatch(planFound(plan('balanced')));
    expect(store.getState().plan.plans).toEqual([]);
    store.dispatch(searchBegun());
    store.dispatch(planFound(plan('balanced')));
    expect(store.getState().plan).toMatchObject({ plans: [{ name: 'balanced' }], searching: 0 });
  });

  it('says what changed until it is read or something else is wished', () => {
    const store = kitchenStore();
    const ended = { plans: [plan('balanced')], impossible: [], mended: 'later' };
    store.dispatch(searchEnded(ended));
    expect(store.getState().plan.mended).toBe('later');
    store.dispatch(mendingSeen());
    expect(store.getState().plan.mended).toBeNull();
    store.dispatch(searchEnded(ended));
    store.dispatch(bakeChanged(bake('tins', 20)));
    expect(store.getState().plan.mended).toBeNull();
  });
});

it('a dough becomes an entry when it has rested, and is the one that was kept', () => {
  const store = kitchenStore();
  const entries = () => store.getState().kitchen.events.length;
  const before = entries();
  for (let loaves = 3; loaves < 9; loaves++)
    store.dispatch(doughChanged({ formula: { ...selectDough(store.getState()).formula, loaves } }));
  expect(entries()).toBe(before);
  store.dispatch(keepDough());
  store.dispatch(keepDough());
  expect(entries()).toBe(before + 1);
  expect(store.getState().dough).toBeNull();
  expect(selectDough(store.getState()).formula.loaves).toBe(8);
  // What cannot be kept stays on the card.
  store.dispatch(doughChanged({ celsius: 900 }));
  store.dispatch(keepDough());
  expect(entries()).toBe(before + 1);
  expect(selectDough(store.getState()).celsius).toBe(900);
});

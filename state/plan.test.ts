import { type Plan } from '@core/plan';

import { changeWish, undoNotice } from './actions';
import { doughFrom, USUAL_STATE } from './dough';
import { USUAL_HANDS } from './hands';
import {
  type Bake,
  USUAL_WISHES,
  bakeAdded,
  bakeMoved,
  bakeRemoved,
  flourCounted,
  followedPlan,
  jarLeftAlone,
  keptOf,
  leftAloneEnded,
  mendingSeen,
  planChosen,
  planFound,
  searchBegun,
  searchEnded,
  strengthAsked,
  wishesFrom,
  wishesOpened,
} from './plan';
import { makeStore } from './store';

const HOUR = 3_600_000;
const bake = (id: string, from: number): Bake => ({
  id,
  name: id,
  jar: 'grebe',
  levainG: 150,
  from: from * HOUR,
  until: (from + 2) * HOUR,
});
const plan = (name: Plan['name']): Plan => ({
  name,
  steps: [],
  wanted: [],
  flourG: 100,
  discardG: 0,
  touches: 1,
  curves: [],
});
const wishes = (store: ReturnType<typeof makeStore>) => store.getState().plan;

describe('wishes', () => {
  it('keep bakes in the order of their hours, when one is moved too', () => {
    const store = makeStore();
    for (const [id, from] of [
      ['late', 60],
      ['early', 20],
    ] as const)
      store.dispatch(bakeAdded(bake(id, from)));
    expect(wishes(store).bakes.map(({ id }) => id)).toEqual(['early', 'late']);
    store.dispatch(bakeMoved({ id: 'early', by: 50 * HOUR }));
    expect(wishes(store).bakes.map(({ id, from }) => [id, from / HOUR])).toEqual([
      ['late', 60],
      ['early', 70],
    ]);
  });

  it('are undone as they were, whatever came with them', () => {
    const store = makeStore();
    store.dispatch(bakeAdded(bake('tins', 20)));
    store.dispatch(strengthAsked(2));
    const before = keptOf(wishes(store));
    store.dispatch(changeWish(bakeRemoved('tins'), 'tins is off'));
    expect(wishes(store).bakes).toEqual([]);
    expect(store.getState().notice?.text).toBe('tins is off');
    store.dispatch(undoNotice());
    expect(keptOf(wishes(store))).toEqual(before);
    expect(store.getState().notice).toBeNull();
  });

  it('leave a jar alone once at a time: a later word takes the place of an earlier one', () => {
    const store = makeStore();
    const alone = (from: number, until: number, jar = 'grebe') => ({
      jar,
      from: from * HOUR,
      until: until * HOUR,
      butAt: null,
    });
    store.dispatch(jarLeftAlone(alone(1, 9)));
    store.dispatch(jarLeftAlone(alone(1, 9, 'dunlin')));
    store.dispatch(jarLeftAlone(alone(20, 30)));
    store.dispatch(jarLeftAlone(alone(5, 12)));
    expect(wishes(store).leftAlone.map(({ jar, from }) => [jar, from / HOUR])).toEqual([
      ['dunlin', 1],
      ['grebe', 5],
      ['grebe', 20],
    ]);
    store.dispatch(leftAloneEnded(alone(20, 30)));
    expect(wishes(store).leftAlone).toHaveLength(2);
  });

  it('come back from what was kept, with the plan that was followed', () => {
    const store = makeStore();
    store.dispatch(bakeAdded(bake('tins', 20)));
    store.dispatch(flourCounted(800));
    store.dispatch(planChosen('safest'));
    store.dispatch(
      searchEnded({ plans: [plan('balanced'), plan('safest')], impossible: [], mended: null }),
    );
    const kept = JSON.parse(JSON.stringify(keptOf(wishes(store)))) as unknown;
    const again = makeStore();
    again.dispatch(wishesOpened(wishesFrom(kept)));
    expect(keptOf(wishes(again))).toEqual(keptOf(wishes(store)));
    expect(followedPlan(wishes(again))?.name).toBe('safest');
  });

  it('are the usual ones where what was kept cannot be used', () => {
    for (const junk of [null, 'text', 7, { bakes: 'none', hands: 3, strongFeeds: 9 }])
      expect(wishesFrom(junk)).toEqual({ wishes: USUAL_WISHES, followed: null });
    expect(wishesFrom({ hands: { upFrom: 5 } }).wishes.hands).toEqual({
      ...USUAL_HANDS,
      upFrom: 5,
    });
    expect(wishesFrom({ followed: { name: 'balanced' } }).followed).toBeNull();
  });
});

describe('a search', () => {
  it('shows its first plan while it goes on, and none after it was stopped', () => {
    const store = makeStore();
    store.dispatch(planFound(plan('balanced')));
    expect(wishes(store).plans).toEqual([]);
    store.dispatch(searchBegun());
    store.dispatch(planFound(plan('balanced')));
    expect(wishes(store).plans).toHaveLength(1);
    expect(wishes(store).searching).toBe(0);
  });

  it('says what changed until it is read or something else is wished', () => {
    const store = makeStore();
    const ended = { plans: [plan('balanced')], impossible: [], mended: 'later' };
    store.dispatch(searchEnded(ended));
    expect(wishes(store).mended).toBe('later');
    store.dispatch(mendingSeen());
    expect(wishes(store).mended).toBeNull();
    store.dispatch(searchEnded(ended));
    store.dispatch(bakeAdded(bake('tins', 20)));
    expect(wishes(store).mended).toBeNull();
  });
});

it('a dough comes back from what was kept, and is the usual one where that cannot be used', () => {
  const kept = { ...USUAL_STATE, formula: { ...USUAL_STATE.formula, loaves: 5 }, celsius: 19 };
  expect(doughFrom(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
  expect(doughFrom({ formula: { loaves: 'many', saltPct: -1 }, recipe: null })).toEqual(
    USUAL_STATE,
  );
  expect(doughFrom('')).toEqual(USUAL_STATE);
});

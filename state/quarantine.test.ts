import { type Spoilage } from '@core/journal';
import { throwOut } from '@core/verbs';

import { NOW, kitchenStore } from '../tests/kitchenStore';
import { doneTo, undoNotice } from './actions';
import { selectLots } from './larder';
import { lookedOver, selectGoodLots, selectQuarantined, selectQuarantines } from './quarantine';
import { selectBackups } from './rescue';
import { selectJars, selectTubs } from './selectors';

beforeAll(() => {
  jest.useFakeTimers({ now: NOW });
});
afterAll(() => {
  jest.useRealTimers();
});

const thrownOut = (why: Spoilage = 'growth') => {
  const store = kitchenStore();
  store.dispatch(
    doneTo('grebe', (jar) => throwOut(jar, { why, note: 'Thrown out.' }), 'Grebe is off the shelf'),
  );
  return store;
};
const reachedIn = (store: ReturnType<typeof kitchenStore>) =>
  selectQuarantines(store.getState()).flatMap(({ reached }) => reached);

describe('what came from a jar that was thrown out', () => {
  it('is not good discard, and its old backup is', () => {
    const before = selectLots(kitchenStore().getState());
    const store = thrownOut();
    const held = selectQuarantined(store.getState());
    expect(held.size).toBeGreaterThan(2);
    expect(selectLots(store.getState())).toHaveLength(before.length);
    expect(selectGoodLots(store.getState()).some(({ id }) => held.has(id))).toBe(false);
    const [flakes] = selectBackups(store.getState()).filter(({ jar }) => jar === 'grebe');
    expect(held.has(flakes!.id)).toBe(false);
  });

  it('is good again when it was looked at and kept, and gone when it was thrown out', () => {
    const store = thrownOut();
    const [kept, binned] = reachedIn(store).filter(({ what }) => what === 'lot');
    store.dispatch(lookedOver([kept!], true, 'Kept'));
    store.dispatch(lookedOver([binned!], false, 'Out'));
    const good = selectGoodLots(store.getState()).map(({ id }) => id);
    expect(good).toContain(kept!.of);
    expect(selectLots(store.getState()).map(({ id }) => id)).not.toContain(binned!.of);
    store.dispatch(undoNotice());
    expect(reachedIn(store).map(({ of }) => of)).toContain(binned!.of);
  });

  it('is nothing once the throwing out is undone, and the jar is back', () => {
    const store = thrownOut();
    store.dispatch(undoNotice());
    expect(selectQuarantines(store.getState())).toEqual([]);
    expect(selectJars(store.getState()).map(({ id }) => id)).toContain('grebe');
  });

  it('is the flour as well where there were insects', () => {
    const tubs = selectTubs(kitchenStore().getState()).length;
    expect(tubs).toBeGreaterThan(0);
    const store = thrownOut('insects');
    expect(reachedIn(store).filter(({ what }) => what === 'tub')).toHaveLength(tubs);
    store.dispatch(lookedOver(reachedIn(store), false, 'All out'));
    expect(selectTubs(store.getState())).toEqual([]);
    expect(selectQuarantines(store.getState())).toEqual([]);
  });
});

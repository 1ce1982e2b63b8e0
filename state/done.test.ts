import { takeOut } from '@core/verbs';

import { kitchenStore } from '../tests/kitchenStore';
import { byField, doneTo, orSaid } from './actions';

const entriesOf = (store: ReturnType<typeof kitchenStore>) =>
  store.getState().kitchen.events.length;

describe('what a baker does', () => {
  it('is written down and can be undone', () => {
    const store = kitchenStore();
    const before = entriesOf(store);
    const taken = doneTo('grebe', (jar) => takeOut(jar, { grams: 30, to: 'bake' }), 'Taken');
    expect(store.dispatch(taken)).toEqual([]);
    expect(entriesOf(store)).toBe(before + 1);
    expect(store.getState().notice).toMatchObject({ text: 'Taken', undo: [expect.any(String)] });
  });

  it('is objected to by field, and nothing is written down', () => {
    const store = kitchenStore();
    const before = entriesOf(store);
    const much = doneTo(
      'grebe',
      (jar) => takeOut(jar, { grams: 9000, to: 'bake' }),
      () => {
        throw new Error('nothing was done that could be said');
      },
    );
    expect(Object.keys(byField(store.dispatch(much)))).toEqual(['grams']);
    expect(entriesOf(store)).toBe(before);
    expect(store.getState().notice).toBeNull();
    store.dispatch(orSaid(much));
    expect(store.getState().notice?.text).toMatch(/^There are only about/);
  });

  it('is refused for a jar that is gone meanwhile, and says so', () => {
    const store = kitchenStore();
    const gone = doneTo('godwit', (jar) => takeOut(jar, { grams: 3, to: 'bake' }), 'Taken');
    expect(store.dispatch(gone)).toHaveLength(1);
    expect(store.getState().notice?.text).toMatch(/not in the kitchen any more/);
  });
});

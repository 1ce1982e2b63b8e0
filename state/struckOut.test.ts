import fc from 'fast-check';

import { iso, kitchenStore } from '../tests/kitchenStore';
import { logged } from './kitchen';
import { selectLots } from './larder';
import { selectBackups, selectRuns } from './rescue';
import { selectStandings, selectTubs } from './selectors';

/** Every number in what a page is drawn from. */
function numbersIn(value: unknown, path = ''): readonly (readonly [string, number])[] {
  if (typeof value === 'number') return [[path, value]];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, part]) => numbersIn(part, `${path}.${key}`));
}

it('whatever is struck out of a log, what stands in the jars stays a number', () => {
  const store = kitchenStore();
  const { events } = store.getState().kitchen;
  const fromTheEnd = fc.integer({ min: 1, max: 90 });
  fc.assert(
    fc.property(fc.array(fromTheEnd, { minLength: 1, maxLength: 25 }), fc.nat(), (back, n) => {
      const struck = back
        .map((i) => events[events.length - i]!)
        // Where a place or a jar begins cannot be struck out.
        .filter(({ kind }) => kind !== 'arranged' && kind !== 'started')
        .map(({ id }) => id);
      store.dispatch(logged([{ kind: 'withdrew', id: `w${n}`, at: iso(0), entries: struck }]));
      const state = store.getState();
      for (const { jar, moment, hours } of selectStandings(state)) {
        const odd = numbersIn({ jar, moment, hours }).filter(([, x]) => !Number.isFinite(x));
        expect(odd).toEqual([]);
        expect(jar.massG).toBeGreaterThanOrEqual(0);
        expect(moment.height).toBeGreaterThan(0);
      }
      for (const { grams, acid } of selectLots(state)) {
        expect(grams).toBeGreaterThan(0);
        expect(acid).toBeGreaterThan(0);
      }
      for (const { grams } of selectTubs(state)) expect(grams).toBeGreaterThanOrEqual(0);
      expect(
        numbersIn([selectBackups(state), selectRuns(state)]).every(([, x]) => !Number.isNaN(x)),
      ).toBe(true);
    }),
    { numRuns: 15 },
  );
});

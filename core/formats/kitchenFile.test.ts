import fc from 'fast-check';

import { isEntry } from '../journal';
import { someEntries } from '../journal/someEntries.testing';
import { kitchenFileText } from './kitchenFile';
import { readKitchenFile } from './readKitchenFile';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const EVENTS = someEntries(1, NOW);
const KITCHEN = {
  exportedAt: new Date(NOW).toISOString(),
  zone: 'America/St_Johns',
  events: EVENTS,
  setAside: [{ id: 'x', at: '', because: 'damaged', lines: ['{"half":'] }],
};
const TEXT = kitchenFileText(KITCHEN);

it('comes back as it went out, with what was set aside', () => {
  const { events, refused, repeated, zone, setAside } = readKitchenFile(TEXT, NOW);
  expect(events).toEqual(EVENTS);
  expect({ refused, repeated, zone }).toEqual({ refused: [], repeated: 0, zone: KITCHEN.zone });
  expect(setAside).toEqual(KITCHEN.setAside);
});

/** Files that are nearly kitchens: fields of another kind, entries spoiled or doubled, of other versions, cut or patched. */
const nearly = fc
  .record({
    version: fc.constantFrom(1, 2, 2, 2, 3, '2', null),
    events: fc.array(
      fc.oneof(
        fc.constantFrom(...EVENTS),
        fc.anything(),
        fc
          .record({
            of: fc.constantFrom(...EVENTS),
            key: fc.string({ maxLength: 8 }),
            to: fc.anything(),
          })
          .map(({ of, key, to }) => ({ ...of, [key || 'at']: to })),
      ),
      { maxLength: 6 },
    ),
    more: fc.dictionary(
      fc.constantFrom('settings', 'setAside', 'zone', 'exportedAt', 'format'),
      fc.anything(),
      { maxKeys: 2 },
    ),
    cut: fc.option(fc.double({ min: 0, max: 1, noNaN: true }), { freq: 6 }),
  })
  .map(({ version, events, more, cut }) => {
    const text = JSON.stringify({ format: 'ombrello-kitchen', version, events, ...more }) ?? '';
    return cut === null ? text : text.slice(0, cut * text.length);
  });

it('gives entries that are entries, each once, or refuses with a reason: ten thousand times', () => {
  fc.assert(
    fc.property(nearly, (text) => {
      try {
        const { events, refused } = readKitchenFile(text, NOW);
        expect(events.every((event) => isEntry(event, NOW))).toBe(true);
        expect(new Set(events.map(({ id }) => id)).size).toBe(events.length);
        expect(refused.every((reason) => typeof reason === 'string')).toBe(true);
      } catch (error) {
        expect((error as Error).message).toMatch(/Nothing was changed\.$/);
      }
    }),
    { numRuns: 10_000 },
  );
});

import Ajv from 'ajv/dist/2020';

import { kitchenFileText } from '../formats/kitchenFile';
import { type JournalEvent } from './events';
import { kitchenSchema } from './jsonSchema';
import { refusal } from './schema';
import { someEntries } from './someEntries.testing';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const fits = new Ajv({ strict: false }).compile(kitchenSchema());
const file = (events: readonly unknown[]) =>
  JSON.parse(
    kitchenFileText({
      exportedAt: new Date(NOW).toISOString(),
      zone: 'Asia/Kolkata',
      events: events as readonly JournalEvent[],
      setAside: [],
    }),
  ) as unknown;

it('a kitchen that goes out fits it, with entries of every kind', () => {
  expect(fits(file(someEntries(2, NOW)))).toBe(true);
});

it('agrees with the door on entries with a field too many, too few, or of another kind', () => {
  for (const some of someEntries(1, NOW)) {
    const entry: Readonly<Record<string, unknown>> = { ...some };
    const fields = Object.keys(entry).filter((key) => key !== 'id');
    const spoiled = [
      { ...entry, surprise: 1 },
      ...fields.map((key): object =>
        Object.fromEntries(Object.entries(entry).filter((field) => field[0] !== key)),
      ),
      ...fields.map((key) => ({ ...entry, [key]: { odd: true } })),
      ...fields.map((key) => ({ ...entry, [key]: -1e9 })),
    ];
    for (const odd of spoiled)
      expect([odd, fits(file([odd]))]).toEqual([odd, refusal(odd, NOW) === null]);
  }
});

import fc from 'fast-check';

import { type JournalEvent } from './events';
import { admit, refusal } from './schema';
import { SHAPES, isEntry } from './shapes';
import { someEntries } from './someEntries.testing';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const YEAR = 366 * 86_400_000;
const FED = someEntries(1, NOW).find((e) => e.kind === 'fed')!;
const at = (when: string) => ({ ...FED, at: when });

describe('the bounds of time', () => {
  it.each([
    ['0026-03-13T18:20:00.000Z', 'before 1990'],
    ['0001-01-01T00:00:00.000Z', 'before 1990'],
    ['1989-12-31T23:59:59.000Z', 'before 1990'],
    ['9999-12-31T00:00:00.000Z', 'too far ahead'],
    ['2026-13-40T00:00:00.000Z', 'no day of the calendar'],
    ['2026-03-13', 'an instant'],
    ['2026-03-13T18:20:00', 'an instant'],
    ['noon', 'an instant'],
    ['', 'empty'],
  ])('%s is refused and told', (when, told) => {
    expect(refusal(at(when), NOW)).toContain(told);
    expect(isEntry(at(when), NOW)).toBe(false);
  });

  it.each(['1990-01-01T00:00:00Z', '2026-03-13T18:20Z', '2026-03-13T18:20:00.123+05:30'])(
    '%s is fine',
    (when) => {
      expect(refusal(at(when), NOW)).toBeNull();
      expect(isEntry(at(when), NOW)).toBe(true);
    },
  );

  it('reach a year ahead for what happens, and further for what is wished', () => {
    const ahead = (years: number) => new Date(NOW + years * YEAR).toISOString();
    expect(isEntry(at(ahead(0.99)), NOW)).toBe(true);
    expect(isEntry(at(ahead(1.01)), NOW)).toBe(false);
    const trip = { kind: 'away', id: 'a', at: ahead(0), from: ahead(2), until: ahead(3) };
    expect(isEntry(trip, NOW)).toBe(true);
    expect(isEntry({ ...trip, until: ahead(6) }, NOW)).toBe(false);
  });
});

/** Something in an entry, or all of it, is another thing. */
const spoiled = (entry: JournalEvent): fc.Arbitrary<unknown> => {
  const paths = pathsOf(entry);
  const odd = fc.oneof(
    fc.constantFrom(null, undefined, '', ' x ', 'x'.repeat(3000), -1, 0, 1e9, NaN, Infinity, '20'),
    fc.constantFrom(true, [], {}, [[]], '0026-01-01T00:00:00Z', '2026-03-13', 'constructor'),
    fc.anything(),
  );
  return fc
    .record({ path: fc.constantFrom(...paths), to: odd, drop: fc.boolean() })
    .map(({ path, to, drop }) => {
      const copy = JSON.parse(JSON.stringify(entry)) as Record<string, unknown>;
      let inside = copy;
      for (const key of path.slice(0, -1)) inside = inside[key] as Record<string, unknown>;
      const last = path.at(-1)!;
      if (drop) delete inside[last];
      else inside[last] = to;
      return copy;
    });
};

/** Every place in an entry, and one where nothing belongs. */
function pathsOf(value: unknown, path: readonly string[] = []): string[][] {
  if (typeof value !== 'object' || value === null) return [[...path]];
  const below = Object.entries(value).flatMap(([key, part]) => pathsOf(part, [...path, key]));
  return [...below, ...(path.length > 0 ? [[...path]] : []), [...path, 'surprise']];
}

describe('the two doors', () => {
  it('let every kind of entry through', () => {
    const all = someEntries(7, NOW);
    expect(admit(all, NOW).refused).toEqual([]);
    expect(all.filter((entry) => !isEntry(entry, NOW))).toEqual([]);
  });

  it('agree on anything that is nearly an entry, the quick one and the one that says why', () => {
    const nearly = fc.constantFrom(...someEntries(3, NOW)).chain(spoiled);
    fc.assert(
      fc.property(nearly, (item) => {
        expect(isEntry(item, NOW)).toBe(refusal(item, NOW) === null);
      }),
      { numRuns: 3000 },
    );
  });

  it('agree on anything at all, and never throw', () => {
    fc.assert(
      fc.property(fc.anything({ withNullPrototype: true }), (item) => {
        expect(isEntry(item, NOW)).toBe(refusal(item, NOW) === null);
      }),
    );
  });

  it('take an id once', () => {
    const { events, repeated } = admit([FED, at('2026-01-01T08:00:00Z'), FED], NOW);
    expect(events).toEqual([FED]);
    expect(repeated).toBe(2);
  });
});

it('the entries that these tests are made of are of every kind there is', () => {
  const kinds = new Set(someEntries(7, NOW).map(({ kind }) => kind));
  expect([...kinds].sort()).toEqual(Object.keys(SHAPES).sort());
});

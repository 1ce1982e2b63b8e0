import fc from 'fast-check';

import { type JournalEvent } from './events';
import { logKeeper, logOf } from './log';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const MINUTE = 60_000;

/** A journal that grows by handfuls while time goes on: notes of some jars, tastes, and entries that strike others out. */
const growth = fc.array(
  fc.record({
    minutes: fc.integer({ min: 0, max: 60 }),
    entries: fc.array(
      fc.record({
        // Most entries are of now, some of earlier, some of later.
        at: fc.oneof(
          fc.constant(0),
          fc.integer({ min: -3000, max: 0 }),
          fc.integer({ min: 1, max: 200 }),
        ),
        what: fc.constantFrom('a', 'b', 'taste', 'strike'),
        strikes: fc.array(fc.nat({ max: 60 }), { minLength: 1, maxLength: 3 }),
      }),
      { minLength: 1, maxLength: 4 },
    ),
  }),
  { minLength: 1, maxLength: 20 },
);

function entry(
  { at, what, strikes }: { at: number; what: string; strikes: readonly number[] },
  n: number,
  now: number,
): JournalEvent {
  const common = { id: `e${n}`, at: new Date(now + at * MINUTE).toISOString() };
  if (what === 'strike')
    return { kind: 'withdrew', ...common, entries: strikes.map((i) => `e${i}`) };
  if (what === 'taste') return { kind: 'settled', ...common, settings: { parts: 1 + (n % 9) } };
  return { kind: 'noted', jar: what, ...common, note: `n${n}` };
}

it('grows to the same log as one that is made anew', () => {
  fc.assert(
    fc.property(growth, (handfuls) => {
      const log = logKeeper();
      let journal: readonly JournalEvent[] = [];
      let now = NOW;
      let n = 0;
      for (const { minutes, entries } of handfuls) {
        now += minutes * MINUTE;
        journal = journal.concat(entries.map((one) => entry(one, n++, now)));
        const kept = log(journal, now);
        const anew = logOf(journal, now);
        expect(kept.all).toEqual(anew.all);
        expect([...kept.byJar].sort()).toEqual([...anew.byJar].sort());
        for (const kind of ['noted', 'settled'] as const)
          expect(kept.of(kind)).toEqual(anew.of(kind));
        // Asked again it is the very same, and what an entry does not touch stays the same object.
        expect(log(journal, now)).toBe(kept);
        if (journal.every(({ kind }) => kind !== 'settled'))
          expect(log(journal, now).of('settled')).toBe(kept.of('settled'));
      }
    }),
    { numRuns: 400 },
  );
});

it('counts the same entries in whatever order the pages of a store are read', () => {
  fc.assert(
    fc.property(
      growth,
      fc.array(fc.nat(), { minLength: 100, maxLength: 100 }),
      (handfuls, keys) => {
        let n = 0;
        const journal = handfuls.flatMap(({ entries }) =>
          entries.map((one) => entry(one, n++, NOW)),
        );
        // Nobody strikes out what is yet to be written.
        const sane = journal.map((event, i) =>
          event.kind === 'withdrew'
            ? { ...event, entries: event.entries.filter((id) => Number(id.slice(1)) < i) }
            : event,
        );
        const shuffled = sane
          .map((event, i) => [keys[i % keys.length]! + i, event] as const)
          .sort((a, b) => a[0] - b[0])
          .map(([, event]) => event);
        const ids = (events: readonly JournalEvent[]) =>
          logOf(events, NOW)
            .all.map(({ id }) => id)
            .sort();
        expect(ids(shuffled)).toEqual(ids(sane));
      },
    ),
    { numRuns: 300 },
  );
});

it('keeps what waits out until its time, and one that two withdraw in a ring does not hang it', () => {
  const note = { kind: 'noted', id: 'later', jar: 'a', note: 'x' } as const;
  const journal: JournalEvent[] = [{ ...note, at: new Date(NOW + 3_600_000).toISOString() }];
  const log = logKeeper();
  expect(log(journal, NOW).all).toEqual([]);
  expect(log(journal, NOW + 3_600_000).all).toHaveLength(1);
  expect(log(journal, NOW).all).toEqual([]);
  const at = new Date(NOW).toISOString();
  const ring: JournalEvent[] = [
    { kind: 'withdrew', id: 'x', at, entries: ['y', 'x'] },
    { kind: 'withdrew', id: 'y', at, entries: ['x'] },
    { ...note, at },
  ];
  expect(logOf(ring, NOW).all.map(({ id }) => id)).toEqual(['later']);
});

import fc from 'fast-check';

import { USUAL_BELIEF, USUAL_PACE } from '../ferment';
import { lotsOf, originsOf, tubsOf } from '../larder';
import { HOUR, kitchenTime } from '../measure';
import { backupsOf } from '../rescue';
import { placesOf } from './air';
import { contentOf } from './content';
import { bakesOf, handsOf, leftAloneOf, tripsOf, zonesOf } from './decided';
import { firstIdOf } from './entry';
import { type JournalEvent } from './events';
import { foldJar } from './fold';
import { logOf } from './log';
import { seenPeaks } from './peaks';
import { isEntry } from './shapes';
import { someEntries } from './someEntries.testing';
import { horizonFor, outlookOf, standingAt } from './standing';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const SOME = someEntries(4, NOW);

/** Numbers at the edges of what an entry may hold. */
const edge = fc.constantFrom(0, 0.01, 0.2, 1, 24, 30, 99.5, 400, 20_000);

/**
 * Journals of entries that each pass the door and together make no sense: in any order of time since 1990, weights from a
 * crumb to twenty kilograms, fed with nothing but water, started twice, of places that nobody set up.
 */
const journal = fc
  .array(
    fc.record({
      like: fc.constantFrom(...SOME),
      at: fc.oneof(
        fc.integer({ min: Date.UTC(1990, 0, 1), max: NOW }),
        fc.integer({ min: NOW - 30 * 86_400_000, max: NOW }),
      ),
      jar: fc.constantFrom('tern', 'constructor', '__proto__'),
      numbers: fc.array(edge, { minLength: 3, maxLength: 3 }),
    }),
    { minLength: 1, maxLength: 25 },
  )
  .map((picked) =>
    picked.map(({ like, at, jar, numbers }, n): JournalEvent => {
      const event = { ...like, id: `e${n}`, at: new Date(at).toISOString() } as JournalEvent;
      const own = 'jar' in event ? { ...event, jar } : event;
      const [a, b, c] = numbers as [number, number, number];
      const odd =
        own.kind === 'fed'
          ? { ...own, keepG: a, flourG: b, waterG: c }
          : own.kind === 'took' || own.kind === 'pouredOff' || own.kind === 'discarded'
            ? { ...own, grams: a }
            : own.kind === 'started'
              ? { ...own, massG: a, hydrationPct: b }
              : own;
      return isEntry(odd, NOW) ? odd : own;
    }),
  );

/** Every number in what a page is drawn from. */
const numbersIn = (value: unknown): readonly number[] =>
  typeof value === 'number'
    ? [value]
    : typeof value === 'object' && value !== null
      ? Object.values(value).flatMap(numbersIn)
      : [];

it('whatever passes the door can be folded, foretold and looked at', () => {
  fc.assert(
    fc.property(journal, (events) => {
      const log = logOf(events, NOW);
      const context = {
        places: placesOf(log.of('arranged')),
        time: kitchenTime(zonesOf(log.of('zoned'), 'Asia/Kolkata')),
        pace: USUAL_PACE,
      };
      for (const own of log.byJar.values()) {
        const jar = foldJar(own, context)?.jar;
        if (!jar) continue;
        const outlook = outlookOf(jar, context, horizonFor(jar, NOW, 48), USUAL_BELIEF);
        const { moment, hours } = standingAt(jar, outlook, context, NOW);
        const all = numbersIn([jar.fedMix, contentOf(jar), moment, hours, outlook.forecast]);
        expect(all.every(Number.isFinite)).toBe(true);
        expect(moment.height).toBeGreaterThan(0);
        // However long ago, what is drawn stays of a size that can be drawn.
        expect(outlook.forecast.curve.length).toBeLessThan(60_000);
        expect(seenPeaks(own, context).every((peak) => peak.hours > 0)).toBe(true);
        const origins = originsOf(own, context, new Set(own.map(firstIdOf)));
        expect(numbersIn(lotsOf(log.all, origins, NOW)).every(Number.isFinite)).toBe(true);
      }
      const decided = [
        bakesOf(log, NOW, context.time),
        handsOf(log),
        tripsOf(log),
        leftAloneOf(log, NOW),
      ];
      expect(numbersIn([decided, tubsOf(log.all), backupsOf(log.byJar)]).some(Number.isNaN)).toBe(
        false,
      );
    }),
    { numRuns: 80 },
  );
});

it('a jar that nobody has fed since 1990 is followed for a year and a half, and no further', () => {
  const start = SOME.find((event) => event.kind === 'started')!;
  const context = { places: placesOf(SOME), time: kitchenTime('UTC'), pace: USUAL_PACE };
  const { jar } = foldJar([{ ...start, at: '1990-01-01T00:00:00.000Z' }], context)!;
  const hours = horizonFor(jar, NOW, 48);
  expect(hours).toBe(500 * 24);
  const { forecast } = outlookOf(jar, context, hours);
  expect(forecast.curve.at(-1)!.hours).toBeCloseTo(hours, 6);
  expect((NOW - jar.since) / HOUR).toBeGreaterThan(300_000);
});

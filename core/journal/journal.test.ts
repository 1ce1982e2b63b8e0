import fc from 'fast-check';

import {
  type PaceBelief,
  UNTOLD,
  USUAL_BELIEF,
  USUAL_PACE,
  USUAL_PLACES,
  drawnPace,
  forecast,
  momentAt,
} from '../ferment';
import { HOUR, kitchenTime } from '../measure';
import { chanceFrom } from '../measure/chance';
import { type Arranged, type JarCard, type JarEvent, type JournalEvent } from './events';
import { placeAt, placesOf } from './air';
import { conditionsOf, foldJar, mixAt } from './fold';
import { eventsByJar, liveEvents } from './log';
import { refusal } from './schema';
import { horizonFor, outlookOf, standingAt } from './standing';

const T0 = Date.parse('2026-03-01T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();

const CARD: JarCard = {
  name: 'Tern',
  vessel: { emptyG: 300, capacityMl: 600 },
  keepG: 20,
  ratio: { flour: 4, water: 4 },
  flour: { white: 1 },
  archived: false,
};

const ARRANGED: readonly Arranged[] = USUAL_PLACES.map((place) => ({
  kind: 'arranged',
  id: `usual-${place.id}`,
  at: iso(-24),
  place,
}));

const STARTED: JarEvent = {
  kind: 'started',
  id: 'start',
  at: iso(0),
  jar: 'tern',
  card: CARD,
  massG: 100,
  hydrationPct: 100,
  condition: 'hungry',
  place: 'counter',
};

const fed = (id: string, hours: number, keepG = 20): JarEvent => ({
  kind: 'fed',
  id,
  at: iso(hours),
  jar: 'tern',
  keepG,
  flourG: 4 * keepG,
  waterG: 4 * keepG,
  flour: { white: 1 },
});

const CONTEXT = {
  places: placesOf(ARRANGED),
  time: kitchenTime('Europe/Lisbon'),
  pace: USUAL_PACE,
};

const fold = (events: readonly JarEvent[]) => foldJar(events, CONTEXT)!.jar;

describe('the fold', () => {
  it('knows what is in the jar after each entry, to the gram', () => {
    const events: JarEvent[] = [
      STARTED,
      { kind: 'discarded', id: 'out', at: iso(2), jar: 'tern', grams: 80, to: 'compost' },
      fed('feed', 2),
      { kind: 'took', id: 'took', at: iso(12), jar: 'tern', grams: 120 },
    ];
    expect(fold(events.slice(0, 2)).massG).toBe(20);
    expect(fold(events.slice(0, 3)).massG).toBe(180);
    expect(fold(events).massG).toBe(60);
  });

  it('taken up from a checkpoint is the same as from the start', () => {
    const events = [STARTED, fed('a', 3), fed('b', 20), fed('c', 44), fed('d', 68)];
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4 }), (cut) => {
        const half = foldJar(events.slice(0, cut), CONTEXT)!;
        expect(foldJar(events, CONTEXT, half)).toEqual(foldJar(events, CONTEXT));
      }),
    );
  });

  it('does not trust a checkpoint when an earlier entry was added or struck out', () => {
    const seen = foldJar([STARTED, fed('a', 3), fed('c', 44)], CONTEXT)!;
    const corrected = [STARTED, fed('a', 3), fed('b', 20), fed('c', 44)];
    expect(foldJar(corrected, CONTEXT, seen)).toEqual(foldJar(corrected, CONTEXT));
  });

  it('gives no jar for entries of one that never started', () => {
    expect(foldJar([fed('a', 3)], CONTEXT)).toBeNull();
  });

  it('lets a feed bring what the model says was in the jar: a hungrier keep rises later', () => {
    const soon = outlookOf(fold([STARTED, fed('a', 1), fed('b', 13)]), CONTEXT, 48);
    const late = outlookOf(fold([STARTED, fed('a', 1), fed('b', 109)]), CONTEXT, 48);
    expect(late.forecast.doublesAtH!).toBeGreaterThan(soon.forecast.doublesAtH!);
  });
});

describe('live entries', () => {
  it('leave out what was withdrawn, and bring it back when the withdrawal is', () => {
    const undo: JournalEvent = { kind: 'withdrew', id: 'undo', at: iso(5), entries: ['a'] };
    const redo: JournalEvent = { kind: 'withdrew', id: 'redo', at: iso(6), entries: ['undo'] };
    const ids = (events: readonly JournalEvent[]) => liveEvents(events).map(({ id }) => id);
    expect(ids([STARTED, fed('a', 3), undo])).toEqual(['start']);
    expect(ids([STARTED, fed('a', 3), undo, redo])).toEqual(['start', 'a']);
  });

  it('stand in order of time, and within a minute in order of entry', () => {
    const ids = liveEvents([fed('late', 9), STARTED, fed('x', 3), fed('y', 3)]).map(({ id }) => id);
    expect(ids).toEqual(['start', 'x', 'y', 'late']);
    expect([...eventsByJar(liveEvents([STARTED, fed('a', 2)])).keys()]).toEqual(['tern']);
  });
});

describe('places', () => {
  it('put a jar to sleep when it is moved to the fridge', () => {
    const events: JarEvent[] = [
      STARTED,
      fed('a', 2),
      { kind: 'moved', id: 'm', at: iso(3.5), jar: 'tern', place: 'fridge' },
    ];
    const jar = fold(events);
    const now = T0 + 26 * HOUR;
    const outlook = outlookOf(jar, CONTEXT, horizonFor(jar, now, 48));
    const standing = standingAt(jar, outlook, CONTEXT, now);
    expect(standing.stage).toBe('asleep');
    expect(standing.moment.food).toBeGreaterThan(0.7);
    expect(standing.place?.id).toBe('fridge');
  });
});

describe('an outlook', () => {
  const jar = fold([STARTED, fed('a', 24)]);
  const outlook = outlookOf(jar, CONTEXT, 48);

  it('has a band around its best guess', () => {
    const peak = outlook.forecast.peaksAtH!;
    expect(outlook.peaksAtH!.low).toBeLessThan(peak);
    expect(outlook.peaksAtH!.high).toBeGreaterThan(peak);
    outlook.heights.forEach(({ low, high }) => expect(low).toBeLessThanOrEqual(high));
  });

  /** Of a starter that was watched for some weeks: its pace is known well, what hunger does to it hardly. */
  const watched: PaceBelief = {
    mean: [0.1, 0, 0, 0.03, 0, 0.05],
    factor: [0.06, 0.1, 0.45, 0.07, 0.06, 0.12].map((sd, i, all) =>
      all.map((_, k) => (k === i ? sd : 0)),
    ),
    width: 1,
  };

  it.each([
    ['of a starter nobody has watched', USUAL_BELIEF, 80],
    ['of a starter nobody has watched, fed equal parts', USUAL_BELIEF, 20],
    ['of one that is known', watched, 80],
    ['of one that is known, fed equal parts', watched, 20],
  ])('%s tells a range that holds eight in ten of all there may be', (_, belief, partG) => {
    const given = fold([STARTED, { ...fed('a', 24), flourG: partG, waterG: partG } as JarEvent]);
    const { low, high } = outlookOf(given, CONTEXT, 72, belief).peaksAtH!;
    const chance = chanceFrom(3);
    const sd = placeAt(CONTEXT.places, 'counter', Infinity)!.sd;
    const peaks = Array.from({ length: 600 }, () => {
      const normals = Array.from({ length: 8 }, () => chance.normal());
      const pace = drawnPace(belief, normals, UNTOLD);
      const conditions = conditionsOf(given, { ...CONTEXT, pace }, normals[7]! * sd);
      return forecast(given.fedMix, conditions, 72).peaksAtH!;
    });
    const share = (holds: (peak: number) => boolean) => peaks.filter(holds).length / peaks.length;
    expect(share((peak) => peak < low)).toBeCloseTo(0.1, 1);
    expect(share((peak) => peak > high)).toBeCloseTo(0.1, 1);
    expect(Math.abs(share((peak) => peak >= low && peak <= high) - 0.8)).toBeLessThan(0.05);
  });

  it('agrees with the mix that the next feed would find', () => {
    const mix = mixAt(jar, jar.since + 10 * HOUR, CONTEXT);
    expect(momentAt(outlook.forecast.curve, 10).height).toBeCloseTo(1 + mix.gas, 1);
  });
});

describe('the door', () => {
  it('refuses with the field that is wrong, and converts nothing', () => {
    expect(refusal({ ...fed('a', 2), flourG: -1 }, T0)).toContain('flourG');
    expect(refusal({ ...fed('a', 2), keepG: '20' }, T0)).toContain('keepG');
    expect(refusal({ ...fed('a', 2), at: 'soon' }, T0)).toContain('at');
    expect(refusal({ ...STARTED, card: { ...CARD, name: 'x'.repeat(300) } }, T0)).toContain('name');
    expect(refusal({ kind: 'exploded' }, T0)).toContain('kind');
    expect(refusal({ kind: 'toString' }, T0)).toContain('kind');
    expect(refusal(null, T0)).toContain('kind');
    expect(refusal({ ...fed('a', 2), surprise: 1 }, T0)).toContain('surprise');
  });
});

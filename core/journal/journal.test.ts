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
import { airOf, placeAt, placesOf } from './air';
import { conditionsOf, foldJar, mixAt } from './fold';
import { eventsByJar, liveEvents } from './log';
import { objectionsTo } from './objections';
import { admit, refusal } from './schema';
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
  it('count with the temperature they had at the time', () => {
    const fridge = USUAL_PLACES.find(({ id }) => id === 'fridge')!;
    const colder: Arranged = {
      kind: 'arranged',
      id: 'colder',
      at: iso(10),
      place: { ...fridge, temperature: { kind: 'constant', celsius: 3 } },
    };
    const places = placesOf([...ARRANGED, colder]);
    const air = airOf([{ from: T0, place: 'fridge' }], T0, places, CONTEXT.time);
    expect(air(9)).toBe(5);
    expect(air(11)).toBe(3);
    expect(placeAt(places, 'fridge', T0)?.temperature).toEqual({ kind: 'constant', celsius: 5 });
    expect(placeAt(places, 'nowhere', T0)).toBeUndefined();
  });

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

  it('keep their local hours through a night of changing clocks', () => {
    const spring = Date.parse('2026-03-28T20:00:00Z');
    const air = airOf([{ from: spring, place: 'counter' }], spring, CONTEXT.places, CONTEXT.time);
    const beforeSeven = Date.parse('2026-03-29T05:59:00Z');
    const atNine = Date.parse('2026-03-29T08:00:00Z');
    expect(air((beforeSeven - spring) / HOUR)).toBe(19);
    expect(air((atNine - spring) / HOUR)).toBeCloseTo(22, 6);
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

describe('objections', () => {
  const events = [STARTED, fed('a', 3)];
  const jar = fold(events);
  const now = T0 + 30 * HOUR;
  const fields = (event: JarEvent) =>
    objectionsTo(event, jar, events, now).map(({ field }) => field);

  it('are raised against times to come, before the jar, and a second feed in the same minute', () => {
    expect(fields(fed('x', 31))).toEqual(['at']);
    expect(fields(fed('x', -5))).toEqual(['at']);
    expect(fields({ ...fed('x', 3), at: iso(3 + 0.5 / 60) })).toEqual(['at']);
    expect(fields(fed('x', 20))).toEqual([]);
    expect(fields({ ...fed('x', 3), at: 'yesterday' })).toContain('at');
  });

  it('are raised against a height seen before the band was set', () => {
    const look = { kind: 'looked', id: 'l', jar: 'tern', height: 1.4 } as const;
    expect(fields({ ...look, at: iso(2) })).toEqual(['at']);
    expect(fields({ ...look, at: iso(4) })).toEqual([]);
  });

  it('are raised against weights that cannot be', () => {
    for (const keepG of [0, -3, 20_000, NaN])
      expect(fields({ ...fed('x', 20), keepG } as JarEvent)).toContain('keep');
    expect(fields({ kind: 'took', id: 't', at: iso(9), jar: 'tern', grams: 900 })).toEqual([
      'grams',
    ]);
  });
});

describe('the door', () => {
  it('admits every kind of entry there is', () => {
    const all: JournalEvent[] = [
      STARTED,
      fed('a', 2),
      ...ARRANGED,
      { kind: 'moved', id: 'm', at: iso(3), jar: 'tern', place: 'fridge' },
      {
        kind: 'looked',
        id: 'l',
        at: iso(3),
        jar: 'tern',
        height: 1.2,
        smell: 'yoghurt',
        bubbles: 'few',
        liquid: 'none',
        floats: true,
        note: 'fine',
      },
      { kind: 'took', id: 't', at: iso(3), jar: 'tern', grams: 10 },
      { kind: 'discarded', id: 'd', at: iso(3), jar: 'tern', grams: 10, to: 'bin' },
      { kind: 'noted', id: 'n', at: iso(3), jar: 'tern', note: 'moved house' },
      { kind: 'described', id: 'c', at: iso(3), jar: 'tern', card: { ...CARD, name: '🫙 Tern' } },
      { kind: 'withdrew', id: 'w', at: iso(3), entries: ['a'] },
    ];
    expect(admit(all, T0).refused).toEqual([]);
    expect(admit(all, T0).events).toHaveLength(all.length);
  });

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

  it('never throws, whatever comes in', () => {
    fc.assert(fc.property(fc.array(fc.anything()), (anything) => void admit(anything, T0)));
  });
});

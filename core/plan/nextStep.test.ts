import { USUAL_PACE, USUAL_PLACES } from '../ferment';
import {
  type Arranged,
  type JarEvent,
  type Standing,
  foldJar,
  horizonFor,
  outlookOf,
  placesOf,
  standingAt,
} from '../journal';
import { HOUR, kitchenTime } from '../measure';
import { nextStepFor, stepsInOrder } from './nextStep';

const T0 = Date.parse('2026-03-01T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const arranged: Arranged[] = USUAL_PLACES.map((place) => ({
  kind: 'arranged',
  id: place.id,
  at: iso(-24),
  place,
}));
const context = {
  places: placesOf(arranged),
  time: kitchenTime('Europe/Lisbon'),
  pace: USUAL_PACE,
};

/** A jar fed 1:4:4 at eight, in a place, some hours later. */
function standing(hours: number, place: string, jar = 'tern'): Standing {
  const entry = { jar };
  const events: JarEvent[] = [
    {
      ...entry,
      kind: 'started',
      id: `${jar} start`,
      at: iso(-1),
      card: {
        name: jar,
        vessel: { emptyG: 300, capacityMl: 600 },
        keepG: 20,
        ratio: { flour: 4, water: 4 },
        flour: { white: 1 },
        archived: false,
      },
      massG: 100,
      hydrationPct: 100,
      condition: 'hungry',
      place: 'counter',
    },
    {
      ...entry,
      kind: 'fed',
      id: `${jar} fed`,
      at: iso(0),
      keepG: 20,
      flourG: 80,
      waterG: 80,
      flour: { white: 1 },
    },
    ...(place === 'counter'
      ? []
      : [{ ...entry, kind: 'moved' as const, id: `${jar} moved`, at: iso(1.5), place }]),
  ];
  const folded = foldJar(events, context)!.jar;
  const now = T0 + hours * HOUR;
  const outlook = outlookOf(folded, context, horizonFor(folded, now, 30 * 24));
  return standingAt(folded, outlook, context, now);
}

describe('a jar on the counter', () => {
  it('asks for nothing until it is ripe, then for a feed while it is, and at last at once', () => {
    const reasons = [1, 6, 13, 20, 30, 60].map(
      (hours) => nextStepFor(standing(hours, 'counter')).reason,
    );
    expect(reasons).toEqual(['ripens', 'ripens', 'ripe', 'past', 'hungry', 'hooch']);
  });

  it('is to be fed between the beginning and the end of its ripe hours', () => {
    const { from, by } = nextStepFor(standing(3, 'counter'));
    expect(from).toBeGreaterThan(T0 + 8 * HOUR);
    expect(by!).toBeGreaterThan(from);
    expect(by! - from).toBeLessThan(9 * HOUR);
  });

  it('when hungry asks from now on, and is overdue once half of its yeast has starved', () => {
    const soon = nextStepFor(standing(30, 'counter'));
    const late = nextStepFor(standing(60, 'counter'));
    expect(soon.from).toBe(T0 + 30 * HOUR);
    expect(late.by!).toBeLessThan(T0 + 60 * HOUR);
  });
});

it('a jar in the fridge sleeps, with weeks before it must be fed', () => {
  const { reason, by } = nextStepFor(standing(48, 'fridge'));
  expect(reason).toBe('asleep');
  expect(by === null || by > T0 + 14 * 24 * HOUR).toBe(true);
});

describe('the order of steps', () => {
  it('puts first what is due first', () => {
    const order = stepsInOrder([standing(13, 'fridge', 'cold'), standing(13, 'counter', 'ripe')]);
    expect(order.map(({ jar }) => jar)).toEqual(['ripe', 'cold']);
  });

  it('lets a jar that has starved for days wait behind one that is ripe tonight', () => {
    const starved = { ...standing(24 * 12, 'counter', 'starved'), now: T0 + 13 * HOUR };
    const shifted = {
      ...starved,
      jar: { ...starved.jar, since: starved.jar.since - 24 * 11 * HOUR },
    };
    const order = stepsInOrder([shifted, standing(13, 'counter', 'ripe')]);
    expect(order.map(({ jar }) => jar)).toEqual(['ripe', 'starved']);
  });
});

describe('the stages of a feed', () => {
  it('come in their order, each once, from settled to hooch', () => {
    const seen = Array.from({ length: 70 }, (_, hour) => standing(hour, 'counter').stage);
    const order = seen.filter((stage, i) => stage !== seen[i - 1]);
    expect(order).toEqual(
      ['settled', 'waking', 'rising', 'ripe', 'past', 'sunk', 'hungry', 'hooch'].filter((s) =>
        order.includes(s as never),
      ),
    );
    expect(new Set(order).size).toBe(order.length);
    for (const stage of ['waking', 'rising', 'ripe', 'hungry', 'hooch'])
      expect(order).toContain(stage);
  });
});

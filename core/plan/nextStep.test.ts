import {
  type JarEvent,
  type Standing,
  foldJar,
  horizonFor,
  outlookOf,
  standingAt,
} from '../journal';
import { someCard, someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { nextStepFor, stepsInOrder } from './nextStep';

const T0 = Date.parse('2026-03-01T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = usualKitchen();

/** A jar fed 1:4:4 at eight, in a place, some hours later. */
function standing(hours: number, place: string, jar = 'tern'): Standing {
  const entry = { jar };
  const events: JarEvent[] = [
    someStart(iso(-1), { ...entry, card: someCard({ name: jar }), condition: 'hungry' }),
    someFeed(`${jar} fed`, iso(0), entry),
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

import { HOUR } from '../measure';
import { isNeglected, mayHaveDied, needOf } from './need';
import { T0, someStanding as standing } from './someStanding.testing';

describe('a jar on the counter', () => {
  it('asks for nothing until it is ripe, then for a feed while it is, and at last at once', () => {
    const reasons = [1, 6, 13, 20, 30, 60].map(
      (hours) => needOf(standing(hours, 'counter')).reason,
    );
    expect(reasons).toEqual(['ripens', 'ripens', 'ripe', 'past', 'hungry', 'hooch']);
  });

  it('is to be fed between the beginning and the end of its ripe hours', () => {
    const { from, by } = needOf(standing(3, 'counter'));
    expect(from).toBeGreaterThan(T0 + 8 * HOUR);
    expect(by!).toBeGreaterThan(from);
    expect(by! - from).toBeLessThan(9 * HOUR);
  });

  it('was best fed by an hour that stays where it is, whatever becomes of it', () => {
    const by = needOf(standing(3, 'counter')).by!;
    for (const hours of [8, 13, 18, 24, 36, 60])
      expect(needOf(standing(hours, 'counter')).by).toBe(by);
    expect(by).toBeLessThan(T0 + 18 * HOUR);
  });

  it('comes to harm long after that, and asks at once when it is hungry', () => {
    const { by, harmAt, from } = needOf(standing(30, 'counter'));
    expect(from).toBe(T0 + 30 * HOUR);
    expect(harmAt! - by!).toBeGreaterThan(8 * HOUR);
  });

  it('starved for days needs more than a usual feed; a day is nothing', () => {
    expect([30, 48, 24 * 9].map((hours) => isNeglected(standing(hours, 'counter')))).toEqual([
      false,
      false,
      true,
    ]);
    expect(needOf(standing(24 * 9, 'counter')).reason).toBe('neglected');
  });

  it('may have died after two months, but not where it was in the cold meanwhile', () => {
    expect(mayHaveDied(standing(24 * 58, 'counter'))).toBe(false);
    const long = standing(24 * 62, 'counter');
    expect(mayHaveDied(long)).toBe(true);
    expect(mayHaveDied(standing(24 * 62, 'fridge'))).toBe(false);
    const [fed] = long.jar.stays;
    const cold = { ...fed!, place: 'fridge' };
    const lately = { ...fed!, from: long.now - HOUR };
    expect(mayHaveDied({ ...long, jar: { ...long.jar, stays: [cold, lately] } })).toBe(false);
  });
});

it('a jar in the fridge sleeps, with weeks before it must be fed', () => {
  const { reason, by } = needOf(standing(48, 'fridge'));
  expect(reason).toBe('asleep');
  expect(by === null || by > T0 + 14 * 24 * HOUR).toBe(true);
});

it('a jar in the fridge is not late for having passed its peak there', () => {
  for (const days of [2, 5, 8]) {
    const { by } = needOf(standing(24 * days, 'fridge'));
    expect(by === null || by > T0 + 24 * days * HOUR).toBe(true);
  }
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

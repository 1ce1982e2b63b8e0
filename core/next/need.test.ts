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

describe('a jar with a rhythm', () => {
  const weekly = { rhythm: { everyH: 168 } };
  /** As one that came through so many hours without a feed before. */
  const borne = (given: ReturnType<typeof standing>, borneH: number) =>
    needOf({ ...given, jar: { ...given.jar, borneH } });

  it('is fed by it, a little before its hour at the earliest', () => {
    const { reason, from, by } = needOf(standing(100, 'fridge', 'tern', weekly));
    expect([reason, by]).toEqual(['rhythm', T0 + 168 * HOUR]);
    expect(from).toBeLessThan(by!);
  });

  it('is fed by its need where its rhythm would starve it, but not where it came through that before', () => {
    const onTheCounter = standing(30, 'counter', 'tern', weekly);
    expect(borne(onTheCounter, 0).reason).toBe('hungry');
    expect(borne(onTheCounter, 140).reason).toBe('hungry');
    expect(borne(onTheCounter, 155).reason).toBe('rhythm');
    // A week later it has starved for days, as often before.
    const later = standing(24 * 9, 'counter', 'tern', weekly);
    expect(borne(later, 0).reason).toBe('neglected');
    expect(borne(later, 24 * 9).reason).toBe('rhythm');
  });

  it('of a bake alone presses for nothing that it has borne', () => {
    const card = { rhythm: { everyH: null } };
    const given = standing(20, 'counter', 'tern', card);
    const pressed = borne(given, 0);
    expect(pressed).toMatchObject({ reason: 'onlyForBakes', by: pressed.harmAt });
    expect(borne(given, 30)).toMatchObject({ reason: 'onlyForBakes', by: null });
  });
});

describe('a jar whose last feed was guessed at', () => {
  const guessed = (unfedH: readonly [number, number], since: number, hours: number) => {
    const given = standing(hours, 'counter');
    return { ...given, jar: { ...given.jar, unfedH, started: given.now - since * HOUR } };
  };

  it('is looked over once it has gone ten days at least, those here counted', () => {
    expect(isNeglected(guessed([168, 720], 1, 30))).toBe(false);
    expect(isNeglected(guessed([168, 720], 73, 30))).toBe(true);
    expect(isNeglected(guessed([240, 720], 0, 30))).toBe(true);
    expect(isNeglected(guessed([48, 490], 0, 30))).toBe(true);
  });

  it('is fed at once where it should be starving, and has no hour of harm', () => {
    const { now } = standing(30, 'counter');
    expect(needOf(guessed([36, 168], 1, 30))).toEqual({
      reason: 'hungry',
      from: now,
      by: now,
      harmAt: null,
    });
    expect(needOf(guessed([12, 36], 1, 13))).toMatchObject({ reason: 'resting', by: null });
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

import { HOUR } from '../measure';
import { type JarTask, hungerCost, mostHunger, priceOf } from './price';
import { type PlannedJar, type Problem, type Step, USUAL_LIMITS, type Wanted } from './problem';
import { NOW, bakeIn, problemWith } from './someKitchen.testing';
import { build, feed, loaves, sureJar, take, taskOf, walk } from './someSteps.testing';
import { nothingLived } from './walk';

const hands = [{ from: NOW, until: NOW + 200 * HOUR }];
const always = (over: Partial<Problem> = {}, jar?: PlannedJar, bakes?: readonly Wanted[]) =>
  taskOf({ hands, ...over }, jar, bakes);
const PLAN = [build(15), take()];
const costOf = (steps: readonly Step[], task = always()) => priceOf(task, steps)?.cost;

describe('a plan costs', () => {
  const task = always();
  const plain = priceOf(task, PLAN)!;

  it('a touch, its flour, and what a bake may be missed', () => {
    const { chance } = plain.levains.get('loaves')!;
    expect(chance).toBeGreaterThan(0.5);
    const hunger = plain.cost - 1 - 0.012 * 80 - 25 * (1 - chance);
    expect(hunger).toBeGreaterThan(0);
    expect(hunger).toBeLessThan(4);
  });

  it('half a touch for a walk, and nothing for the take', () => {
    // Put into the cold after the take, where it changes nothing for the bake.
    const walked = costOf([...PLAN, walk(27.5)])!;
    expect(walked - plain.cost).toBeCloseTo(0.5, 6);
  });

  it('half a touch where another jar is on the bench anyway', () => {
    const shared = costOf(PLAN, { ...task, touched: new Set([NOW + 15 * HOUR]) })!;
    expect(plain.cost - shared).toBeCloseTo(0.5, 6);
    const elsewhere = costOf(PLAN, { ...task, touched: new Set([NOW + 14 * HOUR]) })!;
    expect(elsewhere).toBeCloseTo(plain.cost, 9);
  });

  it('more at an hour that nobody likes, for a feed but not for a walk', () => {
    const night = [bakeIn(20, { levainG: 150, until: NOW + 20.5 * HOUR })];
    const early = (weights: Partial<Problem['weights']>) => {
      const task = always({}, sureJar(), night);
      return costOf([build(9.5), take(20)], { ...task, weights: { ...task.weights, ...weights } })!;
    };
    expect(early({}) - early({ oddHours: 0 })).toBeCloseTo(1.2, 6);
    expect(early({ oddHours: 2 }) - early({})).toBeCloseTo(1.2, 6);
    const walkedAtNight = costOf([...PLAN, walk(30)])!;
    expect(walkedAtNight - plain.cost).toBeCloseTo(0.5, 6);
  });

  it('by the weights of whoever asks', () => {
    const { weights } = task;
    const { chance } = plain.levains.get('loaves')!;
    const with_ = (over: Partial<typeof weights>) =>
      costOf(PLAN, { ...task, weights: { ...weights, ...over } })! - plain.cost;
    expect(with_({ touches: 3 })).toBeCloseTo(2, 6);
    expect(with_({ risk: 2 })).toBeCloseTo(25 * (1 - chance), 6);
    expect(with_({ flour: 2 })).toBeGreaterThanOrEqual(0.012 * 80);
    expect(with_({ oddHours: 5 })).toBeCloseTo(0, 6);
  });

  it('nothing at all where it can be no cheaper than what is known', () => {
    expect(priceOf(task, PLAN, plain.cost + 0.01)).not.toBeNull();
    expect(priceOf(task, PLAN, plain.cost - 0.01)).toBeNull();
    expect(priceOf(task, PLAN, 1.5)).toBeNull();
  });
});

it('a bake that is moved is as likely as at its new hour, whatever was found of it before', () => {
  const task = always();
  const chanceAt = (hours: number, lived: JarTask['lived']) => {
    const moved = { ...loaves, from: NOW + hours * HOUR, until: NOW + (hours + 0.5) * HOUR };
    const levains = priceOf({ ...task, lived, bakes: [moved] }, [build(15), take(hours)])?.levains;
    return levains?.get('loaves')?.chance ?? 0;
  };
  const lived = nothingLived();
  // At noon it is not ripe yet; in the evening it is, and in the night it is over.
  for (const hours of [18, 24, 26, 27, 34])
    expect(chanceAt(hours, lived)).toBe(chanceAt(hours, nothingLived()));
  expect(chanceAt(26, lived)).toBeGreaterThan(0.5);
});

describe('a plan is none', () => {
  const none = (steps: readonly Step[], task = always()) =>
    expect(costOf(steps, task)).toBeUndefined();

  it('without its levain, or with one that falls short of bake, what sticks and keep', () => {
    none([take()]);
    none([build(15)]);
    // 150 + 7 + 20 are needed.
    none([build(15, { keepG: 20, flourG: 78, waterG: 78 }), take()]);
    expect(costOf([build(15, { keepG: 20, flourG: 79, waterG: 78 }), take()])).toBeDefined();
  });

  it('with a levain that is not ripe in its window', () => {
    none([build(21), take()]);
    none([build(6), take()]);
  });

  it('that starves the jar beyond the limit before its next feed', () => {
    const late = [build(47), take(60)];
    const bakes = [bakeIn(60, { levainG: 150, until: NOW + 60.5 * HOUR })];
    none(late, always({}, sureJar(), bakes));
    const patient = { ...USUAL_LIMITS, hungryMaxH: 90 };
    expect(costOf(late, always({ limits: patient }, sureJar(), bakes))).toBeDefined();
  });

  it('that climbs out of the jar', () => {
    const small = { emptyG: 200, capacityMl: 260 };
    none(PLAN, always({}, sureJar({ vessel: small })));
    expect(
      costOf(PLAN, always({}, sureJar({ vessel: { emptyG: 200, capacityMl: 600 } }))),
    ).toBeDefined();
  });

  it('that feeds a jar which was just fed, or still has its food', () => {
    none([feed(13.5), build(15), take()]);
    none([feed(0.5), feed(3.5), build(15), take()]);
  });

  it('that puts a jar into the cold just before it is mixed, or carries it about for nothing', () => {
    none([walk(11.5), ...PLAN]);
    expect(costOf([walk(10.5), ...PLAN])).toBeDefined();
    // Into the warmth is no such thing.
    expect(costOf([walk(11.5, 'warm'), ...PLAN])).toBeDefined();
    none([walk(2), walk(2.5, 'counter'), ...PLAN]);
    none([build(15), walk(25.5), take()]);
    expect(costOf([build(15), walk(25), take()])).toBeDefined();
  });

  it('whose starter has not doubled as often as asked', () => {
    const limits = (strongFeeds: number) => ({ limits: { ...USUAL_LIMITS, strongFeeds } });
    expect(costOf(PLAN, always(limits(1)))).toBeDefined();
    none(PLAN, always(limits(2)));
    const known = sureJar({ strongBefore: 1 });
    expect(costOf(PLAN, always(limits(2), known))).toBeDefined();
    none(PLAN, always(limits(3), known));
    const fedBefore = [feed(1), build(15), take()];
    expect(costOf(fedBefore, always(limits(2)))).toBeDefined();
    none(fedBefore, always(limits(3)));
  });
});

it('hunger costs little at first, and more the longer it lasts', () => {
  expect(hungerCost(0, 10)).toBeCloseTo(0.4, 9);
  expect(hungerCost(4, 10)).toBeCloseTo(0.24, 9);
  // Eight hours beyond ten: 0.04 (8 + 64 / 8).
  expect(hungerCost(10, 18)).toBeCloseTo(0.64, 9);
  expect(hungerCost(18, 26)).toBeGreaterThan(1.9 * hungerCost(10, 18));
  expect(hungerCost(20, 12)).toBe(0);
});

it('a jar that is hungry already may wait half a day longer', () => {
  const problem = problemWith();
  expect(mostHunger(problem, 0)).toBe(24);
  expect(mostHunger(problem, 12)).toBe(24);
  expect(mostHunger(problem, 30)).toBe(42);
});

import { HOUR } from '../measure';
import { lastState, keepRhythm } from './rhythm';
import { type PlannedJar, type Problem, type Step, USUAL_LIMITS } from './problem';
import { handsFrom, slotsFor } from './slots';
import { AWAKE, NOW, TIME, jarFed, problemWith } from './someKitchen.testing';
import { feed, take, taskOf, walk } from './someSteps.testing';
import { standingNow } from './standingNow';
import { kitchenOf } from './kitchen';
import { isMixing, liveThrough, nothingLived } from './walk';

const taken = (hours: number): Step => take(hours, { takeG: 60 });

const jar = jarFed(10, 'counter');
const problem = problemWith({ jars: [jar] });
const start = standingNow(problem, jar);
const lived = (steps: readonly Step[], untilH: number, of = jar, memory = nothingLived()) =>
  liveThrough(problem, of, standingNow(problem, of), steps, NOW + untilH * HOUR, memory);

describe('a jar from one mixing to the next', () => {
  it('is one stretch without any, from now to the end', () => {
    const [only, ...more] = lived([], 8);
    expect(more).toEqual([]);
    expect(only).toMatchObject({ from: NOW, until: NOW + 8 * HOUR, step: null, before: null });
    expect(only!.stays).toEqual([{ from: NOW, place: 'counter' }]);
    expect(only!.mix).toEqual(start.mix);
    expect(only!.course.lastH).toBeCloseTo(8, 9);
  });

  it('begins anew with each feed, and stands where it was put', () => {
    const steps = [walk(1), feed(4), walk(5.5), taken(6), feed(20, { place: 'warm' })];
    const stretches = lived(steps, 30);
    expect(stretches.map(({ from, until }) => [(from - NOW) / HOUR, (until - NOW) / HOUR])).toEqual(
      [
        [0, 4],
        [4, 20],
        [20, 30],
      ],
    );
    expect(stretches.map(({ stays }) => stays.map(({ place }) => place))).toEqual([
      ['counter', 'fridge'],
      ['counter', 'fridge'],
      ['warm'],
    ]);
    expect(stretches.map(({ step }) => step)).toEqual([null, steps[1], steps[4]]);
    expect(stretches[2]!.before).toBe(stretches[1]!.mixing);
  });

  it('stays where it was where a feed says nothing of a place', () => {
    const [, fed] = lived([walk(1), feed(4, { place: undefined })], 8);
    expect(fed!.stays).toEqual([{ from: NOW + 4 * HOUR, place: 'fridge' }]);
  });

  it('is fed what has become of it by then', () => {
    const [before, fed] = lived([feed(4)], 8);
    const ripe = before!.course.mixAt(4);
    expect(fed!.mix.massG).toBe(90);
    // Ten grams of ninety.
    expect(fed!.mix.yeast).toBeCloseTo(ripe.yeast / 9, 2);
    expect(fed!.mix.hunger).toBeLessThan(ripe.hunger + 1e-9);
  });

  it('goes where it was said to go', () => {
    const said = jarFed(10, 'counter', {
      coming: [
        { from: NOW - HOUR, place: 'larder' },
        { from: NOW + 3 * HOUR, place: 'fridge' },
        { from: NOW + 20 * HOUR, place: 'warm' },
      ],
    });
    const [only] = lived([], 8, said);
    expect(only!.stays).toEqual([
      { from: NOW, place: 'counter' },
      { from: NOW + 3 * HOUR, place: 'fridge' },
    ]);
  });

  it('is gone through once by plans that begin alike', () => {
    const memory = nothingLived();
    const one = lived([feed(4), feed(20)], 30, jar, memory);
    const other = lived([feed(4), feed(22)], 30, jar, memory);
    expect(other[0]).toBe(one[0]);
    expect(other[1]).not.toBe(one[1]);
    expect(other[1]!.mixing).toBe(one[1]!.mixing);
    const thinner = lived([feed(4, { flourG: 50 }), feed(22)], 30, jar, memory);
    expect(thinner[1]!.mixing).not.toBe(one[1]!.mixing);
    const elsewhere = lived([feed(4, { place: 'warm' }), feed(22)], 30, jar, memory);
    expect(elsewhere[1]!.mixing).not.toBe(one[1]!.mixing);
    expect(lived([walk(1), feed(4)], 30, jar, memory)[1]!.mixing).not.toBe(one[1]!.mixing);
  });

  it('is mixed by what has a keep', () => {
    expect([feed(1), walk(1), taken(1)].map(isMixing)).toEqual([true, false, false]);
  });
});

describe('a jar as it stands now', () => {
  it('has eaten since it was fed, and counts how often in a row it doubled', () => {
    expect(start.place).toBe('counter');
    expect(start.strong).toBe(1);
    expect(start.mix.food).toBeLessThan(0.5);
    const known = jarFed(10, 'counter', { strongBefore: 3 });
    expect(standingNow(problem, known).strong).toBe(4);
    const fresh = jarFed(1, 'counter', { strongBefore: 3 });
    expect(standingNow(problem, fresh)).toMatchObject({ strong: 0, place: 'counter' });
    expect(standingNow(problem, fresh).mix.food).toBeGreaterThan(0.8);
  });

  it('is where it will be in a few hours, by what was said', () => {
    const going = (hours: number) =>
      standingNow(
        problem,
        jarFed(10, 'counter', { coming: [{ from: NOW + hours * HOUR, place: 'fridge' }] }),
      ).place;
    expect(going(4)).toBe('fridge');
    expect(going(4.1)).toBe('counter');
  });

  it('is stiffer where liquid was poured off', () => {
    const poured = standingNow(problem, jarFed(10, 'counter', { pouredG: 15 })).mix;
    expect(poured.hydrationPct).toBeLessThan(start.mix.hydrationPct - 10);
  });
});

const kept = (of: PlannedJar, over: Partial<Problem> = {}) =>
  taskOf({ until: NOW + 5 * 24 * HOUR, ...over }, of, []);

describe('a jar as steps leave it', () => {
  const task = kept(jar);

  it('is as it stands without any', () => {
    const left = lastState(task, []);
    expect(left).toMatchObject({ at: NOW, fedAt: jar.since, massG: 180, place: 'counter' });
    expect(left.mix.food).toBeCloseTo(start.mix.food, 2);
  });

  it('weighs what was mixed, less what was taken, and stands where it was carried last', () => {
    const left = lastState(task, [taken(1), feed(4), taken(6), walk(8)]);
    expect(left).toMatchObject({
      at: NOW + 8 * HOUR,
      fedAt: NOW + 4 * HOUR,
      massG: 30,
      place: 'fridge',
    });
    expect(lastState(task, [taken(1)]).massG).toBe(120);
  });
});

describe('a jar that is only kept', () => {
  const feedsOf = (
    of: PlannedJar,
    over: Partial<Problem> = {},
    touched: readonly number[] = [],
  ) => {
    const task = { ...kept(of, over), touched: new Set(touched.map((h) => NOW + h * HOUR)) };
    const { problem: given } = task;
    const home = kitchenOf(given).byId.get(of.home ?? task.start.place)!;
    const { all } = slotsFor(given.now, given.until, given.hands, [], TIME);
    return keepRhythm(task, lastState(task, []), home, all);
  };
  const said = (steps: readonly Step[]) =>
    steps.map(({ kind, at: when, place }) => `${kind} ${(when - NOW) / HOUR} ${place}`);
  const hours = (steps: readonly Step[], kind = 'feed') =>
    steps.filter((step) => step.kind === kind).map((step) => (step.at - NOW) / HOUR);

  it('in the room is fed before it has been hungry for long, at hours that suit', () => {
    const steps = feedsOf(jar);
    expect(steps.every(({ kind, place }) => kind === 'feed' && place === 'counter')).toBe(true);
    const feeds = hours(steps);
    expect(feeds.length).toBeGreaterThanOrEqual(4);
    feeds.forEach((hour, i) => {
      expect(hour - (feeds[i - 1] ?? -10)).toBeGreaterThan(9);
      expect(hour - (feeds[i - 1] ?? -10)).toBeLessThan(34);
      const clock = TIME.hourOfDay(NOW + hour * HOUR);
      expect(clock).toBeGreaterThanOrEqual(7);
      expect(clock).toBeLessThanOrEqual(22.5);
    });
  });

  it('is fed lean, by its ratio, within the limits of the plan', () => {
    const [first] = feedsOf(jar);
    expect(first).toMatchObject({ keepG: 10, flourG: 40, waterG: 40, discardG: 170 });
    const limits = (over: Partial<Problem['limits']>) => ({ limits: { ...USUAL_LIMITS, ...over } });
    expect(feedsOf(jar, limits({ partsMin: 6 }))[0]).toMatchObject({ flourG: 60 });
    expect(feedsOf(jar, limits({ partsMax: 2 }))[0]).toMatchObject({ flourG: 20 });
  });

  it('in the fridge lasts beyond the week, and ten days at most', () => {
    const cold = jarFed(20, 'fridge', { home: 'fridge' });
    expect(feedsOf(cold)).toEqual([]);
    const long = { until: NOW + 24 * 24 * HOUR };
    const far = feedsOf(cold, { ...long, hands: handsFrom(AWAKE, [], NOW, long.until, TIME) });
    const feeds = hours(far);
    expect(feeds.length).toBeGreaterThanOrEqual(2);
    expect(feeds.length).toBeLessThanOrEqual(3);
    expect(feeds[0]).toBeLessThanOrEqual(240);
    // An hour and a half out, and back into the cold.
    expect(said(far.slice(0, 2))).toEqual([
      `feed ${feeds[0]} counter`,
      `move ${feeds[0]! + 1.5} fridge`,
    ]);
  });

  it('goes straight into the cold where nobody is there to carry it later', () => {
    const cold = jarFed(20, 'fridge', { home: 'fridge' });
    const hands = [100, 200, 300].map((h) => ({
      from: NOW + h * HOUR,
      until: NOW + (h + 1) * HOUR,
    }));
    const steps = feedsOf(cold, { hands, until: NOW + 400 * HOUR });
    expect(steps.length).toBeGreaterThan(0);
    expect(steps.every(({ kind, place }) => kind === 'feed' && place === 'fridge')).toBe(true);
  });

  it('waits in the fridge for hands that are away too long, and comes home with them', () => {
    const hands = [
      { from: NOW, until: NOW + 3 * HOUR },
      { from: NOW + 90 * HOUR, until: NOW + 120 * HOUR },
    ];
    const steps = feedsOf(jar, { hands });
    const [first] = steps;
    expect(first!.place).toBe('fridge');
    expect(first!.at).toBeLessThanOrEqual(NOW + 3 * HOUR);
    const back = steps.find(({ place }) => place === 'counter')!;
    expect(back.at).toBeGreaterThanOrEqual(NOW + 90 * HOUR);
    expect(back.at).toBeLessThanOrEqual(NOW + 92 * HOUR);
  });

  it('is fed at the hour of another jar where that is not much sooner', () => {
    const [alone] = hours(feedsOf(jar));
    // At noon by itself; the other is fed at eight, or the evening before.
    expect(alone).toBe(18);
    expect(hours(feedsOf(jar, {}, [14]))[0]).toBe(14);
    expect(hours(feedsOf(jar, {}, [2]))[0]).toBe(18);
  });

  it('by a rhythm on its card is fed at its hours, with an hour or two of grace', () => {
    const daily = jarFed(10, 'counter', { rhythm: { everyH: 24, at: 8 } });
    const steps = feedsOf(daily);
    expect(hours(steps)).toEqual([14, 38, 62, 86, 110]);
    for (const { at: when, earliest, latest } of steps) {
      expect(when - earliest).toBeGreaterThan(0);
      expect(latest - when).toBeGreaterThan(0);
      expect(latest - earliest).toBeLessThanOrEqual(12 * HOUR);
    }
    expect(feedsOf(jarFed(10, 'counter', { rhythm: { everyH: null } }))).toEqual([]);
  });

  it('has its slack from when it is ready until it is hungry, six hours at most', () => {
    for (const { at: when, earliest, latest } of feedsOf(jar)) {
      expect(earliest).toBeLessThanOrEqual(when);
      expect(latest).toBeGreaterThanOrEqual(when);
      expect(latest - when).toBeLessThanOrEqual(6 * HOUR);
    }
    expect(feedsOf(jar).some(({ earliest, at: when }) => earliest < when)).toBe(true);
  });

  it('is carried home where a bake has left it elsewhere', () => {
    const task = kept(jar);
    const home = kitchenOf(task.problem).byId.get('counter')!;
    const { all } = slotsFor(NOW, task.problem.until, task.problem.hands, [], TIME);
    const left = lastState(task, [feed(1, { place: 'warm' }), taken(2)]);
    const [first] = keepRhythm(task, left, home, all);
    expect(said([first!])).toEqual(['move 2 counter']);
    // Not before the take, and half an hour later at most.
    expect([first!.earliest, first!.latest]).toEqual([NOW + 2 * HOUR, NOW + 2.5 * HOUR]);
  });

  it('is fed at once where a bake has left it hungry', () => {
    const task = kept(jar);
    const home = kitchenOf(task.problem).byId.get('counter')!;
    const { all } = slotsFor(NOW, task.problem.until, task.problem.hands, [], TIME);
    const left = lastState(task, [feed(1), taken(14)]);
    expect(left.mix.food).toBeLessThan(0.4);
    const [first] = keepRhythm(task, left, home, all);
    expect(first).toMatchObject({ kind: 'feed', at: NOW + 14 * HOUR, earliest: NOW + 14 * HOUR });
  });
});

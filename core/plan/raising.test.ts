import { HOUR } from '../measure';
import { chanceFrom } from '../measure/chance';
import { makePlans, raisedPlans } from './makePlans';
import {
  type Plan,
  type PlannedJar,
  type Problem,
  type Prospect,
  type Raise,
  type Wanted,
} from './problem';
import { raising } from './raising';
import { NOW, bakeIn, jarFed } from './someKitchen.testing';
import { taskOf } from './someSteps.testing';
import { someWeek } from './someWeek.testing';

/** Weeks in which a bake is rather missed than not. */
const UNSURE = [47, 52].map((seed) => someWeek(chanceFrom(seed)));

/** The best plan of a problem, with what would raise its unlikely bakes. */
function raisedPlan(problem: Problem): Plan {
  const steps = raisedPlans(problem, makePlans(problem).plans);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value[0]!;
  }
}
const unlikely = (problem: Problem): Prospect =>
  raisedPlan(problem).wanted.find(({ chance }) => chance < 0.65)!;

/** The week with a bake had otherwise. */
function changed(problem: Problem, id: string, raise: Raise): Problem {
  if (raise.kind === 'looks') return problem;
  if (raise.kind === 'handsAt') {
    const there = raise.times.map((at) => ({ from: at, until: at }));
    return { ...problem, hands: [...problem.hands, ...there].toSorted((a, b) => a.from - b.from) };
  }
  const { from, until } = raise;
  const wanted = problem.wanted.map((bake) => (bake.id === id ? { ...bake, from, until } : bake));
  return { ...problem, wanted };
}

it.each(UNSURE)('what is said to make a bake likelier does, when it is planned so', (problem) => {
  const { id, chance, raisedBy = [] } = unlikely(problem);
  expect(raisedBy).not.toEqual([]);
  for (const raise of raisedBy) {
    const { plans } = makePlans(changed(problem, id, raise));
    const then = plans[0]!.wanted.find((prospect) => prospect.id === id)!;
    expect(then.chance).toBeGreaterThan(chance + 0.1);
    expect(then.chance).toBeGreaterThan(raise.chance - 0.1);
  }
});

const there = (from: number, until: number) => ({
  from: NOW + from * HOUR,
  until: NOW + until * HOUR,
});
const inHours = (at: number) => Math.round((at - NOW) / HOUR / 0.25) * 0.25;

/** What raises a bake that is so likely in some plan, in hours from now. */
function told(chance: number, bake: Wanted, jar: PlannedJar, over: Partial<Problem> = {}) {
  const prospect = { id: bake.id, chance, peakAt: 0, low: 0, high: 0 };
  const steps = raising(taskOf(over, jar, [bake]), [prospect]);
  for (;;) {
    const { done, value } = steps.next();
    if (!done) continue;
    return [...value].flatMap(([, raises]) =>
      raises.map((raise) => {
        if (raise.kind === 'handsAt') return `hands at ${raise.times.map(inHours).join(' and ')}`;
        return 'from' in raise
          ? `${raise.kind} ${inHours(raise.from)} to ${inHours(raise.until)}`
          : raise.kind;
      }),
    );
  }
}

describe('of a bake', () => {
  const short = bakeIn(26, { until: NOW + 26.5 * HOUR });
  const unsure = (paceSd: number) => jarFed(40, 'fridge', { paceSd });

  it('that is likely nothing is sought', () => {
    expect(told(0.65, short, unsure(0.3))).toEqual([]);
  });

  it('of half an hour the window is moved, by as little as is enough', () => {
    expect(told(0.2, short, unsure(0.3))).toEqual(['otherHour 27 to 27.5']);
    // What gains little is none.
    expect(told(0.64, short, unsure(0.3))).toEqual(['otherHour 27 to 27.5']);
  });

  it('that comes too soon a later hour is best, and a shorter window something', () => {
    const soon = bakeIn(13, { until: NOW + 16 * HOUR });
    expect(told(0.05, soon, unsure(0.3))).toEqual(['otherHour 17 to 20', 'shorter 13.75 to 15.25']);
  });

  it('of somebody who is seldom there hands come first', () => {
    const hands = [there(0, 1), there(13, 14), there(26, 30)];
    const jar = jarFed(10, 'counter', { paceSd: 0.2 });
    expect(told(0.2, bakeIn(27), jar, { hands })).toEqual([
      'hands at 4.5 and 22.5',
      'otherHour 29 to 31',
      'shorter 27.5 to 28.5',
    ]);
  });
});

it('a pace that is better known is one of them, where a feed comes before the levain’s', () => {
  const week = someWeek(chanceFrom(28));
  const known = (paceSd: number) =>
    unlikely({ ...week, jars: week.jars.map((jar) => ({ ...jar, paceSd })) });
  const looks = known(0.25).raisedBy?.find(({ kind }) => kind === 'looks');
  expect(looks?.chance).toBeGreaterThan(known(0.25).chance + 0.1);
  // With half the doubt it is as likely as was said, and no advice is needed any more.
  expect(known(0.125)).toBeUndefined();
});

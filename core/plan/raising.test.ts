import { HOUR } from '../measure';
import { chanceFrom } from '../measure/chance';
import { makePlans, raisedPlans } from './makePlans';
import {
  type Plan,
  type PlannedJar,
  type Problem,
  type Prospect,
  type Raise,
  type Step,
  type Wanted,
} from './problem';
import { type TryWith, raising } from './raising';
import { type JarPlan } from './solveJar';
import { type JarTask } from './price';
import { NOW, bakeIn, jarFed } from './someKitchen.testing';
import { feed, taskOf } from './someSteps.testing';
import { someWeek } from './someWeek.testing';
import { type Mixing } from './walk';

/** A week in which a bake is rather missed than not. */
const UNSURE = someWeek(chanceFrom(47));

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

it('what is said to make a bake likelier does, when it is planned so', () => {
  const { id, chance, raisedBy = [] } = unlikely(UNSURE);
  expect(raisedBy).not.toEqual([]);
  for (const raise of raisedBy) {
    const { plans } = makePlans(changed(UNSURE, id, raise));
    const then = plans.map(({ wanted }) => wanted.find((prospect) => prospect.id === id)!.chance);
    // The best of them may give some of it up for a touch less; a surer one stands beside it then.
    expect(Math.max(...then)).toBeGreaterThan(chance + 0.1);
    expect(then[0]).toBeGreaterThan(raise.chance - 0.1);
  }
});

const there = (from: number, until: number) => ({
  from: NOW + from * HOUR,
  until: NOW + until * HOUR,
});
const inHours = (at: number) => Math.round((at - NOW) / HOUR / 0.25) * 0.25;

/** A raise in hours from now. */
function raiseWords(raise: Raise): string {
  if (raise.kind === 'handsAt') return `hands at ${raise.times.map(inHours).join(' and ')}`;
  return 'from' in raise
    ? `${raise.kind} ${inHours(raise.from)} to ${inHours(raise.until)}`
    : raise.kind;
}

/** What raises a bake that is so likely in some plan. */
function told(chance: number, bake: Wanted, jar: PlannedJar, over: Partial<Problem> = {}) {
  const prospect = { id: bake.id, chance, peakAt: 0, low: 0, high: 0 };
  const steps = raising(taskOf(over, jar, [bake]), [prospect]);
  for (;;) {
    const { done, value } = steps.next();
    if (!done) continue;
    return [...value].flatMap(([, raises]) => raises.map(raiseWords));
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
      'hands at 21',
      'otherHour 30 to 32',
      'shorter 27.5 to 28.5',
    ]);
  });
});

it('a pace that is better known is one of them, where a feed comes before the levain’s', () => {
  const week = someWeek(chanceFrom(28));
  const known = (paceSd: number) =>
    unlikely({ ...week, jars: week.jars.map((jar) => ({ ...jar, paceSd })) });
  const doubtful = known(0.25);
  const looks = doubtful.raisedBy?.find(({ kind }) => kind === 'looks');
  expect(looks?.chance).toBeGreaterThan(doubtful.chance + 0.1);
  // With half the doubt it is as likely as was said, and no advice is needed any more.
  expect(known(0.125)).toBeUndefined();
});

describe('with chances that somebody made up', () => {
  const bake = bakeIn(40, { until: NOW + 44 * HOUR });
  const LEVAIN = { before: { step: feed(20) } } as unknown as Mixing;
  const fromHours = ({ from }: Wanted) => (from - NOW) / HOUR;

  interface Made {
    /** Nought, where there is no plan. */
    readonly chance: (other: Wanted, task: JarTask, how?: 'quickly') => number;
    readonly is?: number;
    readonly wanted?: Wanted;
    readonly jar?: PlannedJar;
    readonly over?: Partial<Problem>;
    readonly steps?: readonly Step[];
    readonly levain?: Mixing;
  }

  function raised({
    chance,
    is = 0.3,
    wanted = bake,
    jar = jarFed(40, 'fridge', { paceSd: 0.1 }),
    ...made
  }: Made) {
    const tryWith: TryWith = (task, other, _, how) => {
      const told = chance(other, task, how);
      return told === 0
        ? { plan: null, levain: null, chance: 0 }
        : {
            plan: { steps: made.steps ?? [] } as unknown as JarPlan,
            levain: made.levain ?? null,
            chance: told,
          };
    };
    const prospects = [
      { id: 'other', chance: 0.01, peakAt: 0, low: 0, high: 0 },
      { id: wanted.id, chance: is, peakAt: 0, low: 0, high: 0 },
    ];
    const trying = raising(taskOf(made.over, jar, [wanted]), prospects, tryWith);
    for (;;) {
      const { done, value } = trying.next();
      if (done)
        return [...value].flatMap(([, raises]) =>
          raises.map((raise) => `${raiseWords(raise)}: ${raise.chance}`),
        );
    }
  }
  const isWhole = (other: Wanted) => other.until - other.from === 4 * HOUR;

  it('half a window is tried where it is no short one, and counts where it gains something', () => {
    const shorter = (half: number) => raised({ chance: (other) => (isWhole(other) ? 0.3 : half) });
    expect(shorter(0.7)).toEqual(['shorter 41 to 43: 0.7']);
    expect(shorter(0.42)).toEqual(['shorter 41 to 43: 0.42']);
    expect(shorter(0.41)).toEqual([]);
    const hour = bakeIn(40, { until: NOW + 41 * HOUR });
    expect(
      raised({ wanted: hour, chance: (other) => (other.until - other.from < HOUR ? 0.9 : 0.3) }),
    ).toEqual([]);
  });

  it('nothing is tried for what is likely, or is not told of', () => {
    const never = () => {
      throw new Error('tried');
    };
    expect(raised({ is: 0.65, chance: never })).toEqual([]);
    const steps = raising(taskOf({}, jarFed(40, 'fridge'), [bake]), [], never);
    expect([...steps]).toEqual([]);
  });

  it('the nearest window in which it is likely is taken, looked at quickly', () => {
    const chance: Made['chance'] = (other, _, how) => {
      if (!isWhole(other)) return 0.3;
      if (how !== 'quickly') return 0.3;
      return { 42: 0.65, 37: 0.9, 43: 0.9 }[fromHours(other)] ?? 0.5;
    };
    expect(raised({ chance })).toEqual(['otherHour 42 to 46: 0.65']);
  });

  it('where it is likely in none, the likeliest three are looked into', () => {
    const quick: Record<number, number> = { 41: 0.4, 39: 0.45, 43: 0.5, 46: 0.55, 49: 0.1 };
    const slow: Record<number, number> = { 41: 0.6, 39: 0.46, 43: 0.58, 46: 0.57 };
    const chance: Made['chance'] = (other, _, how) =>
      isWhole(other) && fromHours(other) !== 40
        ? ((how === 'quickly' ? quick : slow)[fromHours(other)] ?? 0.05)
        : 0.3;
    expect(raised({ chance })).toEqual(['otherHour 43 to 47: 0.58']);
    const none: Made['chance'] = (other) => (fromHours(other) === 40 ? 0.3 : 0);
    expect(raised({ chance: none })).toEqual([]);
  });

  it('no window that has begun, or ends with the week, is looked at', () => {
    const seen = new Set<number>();
    const chance: Made['chance'] = (other) => {
      if (isWhole(other)) seen.add(fromHours(other));
      return 0.3;
    };
    raised({
      chance,
      wanted: bakeIn(3, { until: NOW + 7 * HOUR }),
      over: { until: NOW + 11 * HOUR },
    });
    expect([...seen].toSorted((a, b) => a - b)).toEqual([1, 2, 3, 4, 5, 6]);
  });

  it('hands are named where a plan for them needs none at odd hours', () => {
    const over = { hands: [there(0, 4), there(24, 28), there(38, 46)] };
    const always: Made['chance'] = (other, { problem }) =>
      problem.hands.length === 1 && fromHours(other) === 40 ? 0.8 : 0.3;
    const needing = (...hours: readonly number[]) =>
      raised({ over, chance: always, steps: hours.map((hour) => feed(hour)) });
    expect(needing(20, 14)).toEqual(['hands at 14 and 20: 0.8']);
    expect(needing(25)).toEqual([]);
    // At two in the morning.
    expect(needing(14, 8)).toEqual([]);
  });

  it('two heights are worth it where a feed comes before the levain’s and the pace is not well known', () => {
    const looks = (paceSd: number, levain: Mixing = LEVAIN) =>
      raised({
        jar: jarFed(40, 'fridge', { paceSd }),
        levain,
        chance: (other, { jar }) =>
          isWhole(other) && fromHours(other) === 40 && jar.paceSd === paceSd / 2 ? 0.6 : 0.3,
      });
    expect(looks(0.3)).toEqual(['looks: 0.6']);
    expect(looks(0.1)).toEqual([]);
    expect(looks(0.3, { before: { step: null } } as Mixing)).toEqual([]);
    expect(looks(0.3, { before: null } as Mixing)).toEqual([]);
  });

  it('the best comes first', () => {
    const chance: Made['chance'] = (other) => {
      if (!isWhole(other)) return 0.5;
      return fromHours(other) === 40 ? 0.3 : 0.7;
    };
    expect(raised({ chance })).toEqual(['otherHour 41 to 45: 0.7', 'shorter 41 to 43: 0.5']);
  });
});

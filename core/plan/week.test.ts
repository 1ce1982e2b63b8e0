import { chanceFrom } from '../measure/chance';
import { feed, simulate } from '../ferment';
import { airOf, placeAt } from '../journal';
import { DAY, HOUR, type Instant } from '../measure';
import { makePlans } from './makePlans';
import {
  type Plan,
  type Planned,
  type PlannedJar,
  type Problem,
  type Step,
  type Wanted,
} from './problem';
import { claimsOf } from './comesOff.testing';
import { inHands } from './slots';
import { someWeek } from './someWeek.testing';

/** What a jar comes to by the model at each of its mixings and at the end, followed step by step. */
function follow(problem: Problem, jar: PlannedJar, steps: readonly Step[]) {
  const seen: { step: Step | null; food: number; hunger: number }[] = [];
  let { fedMix: mix, since: from } = jar;
  let stays = [...jar.stays];
  const to = (at: Instant) => {
    const air = airOf(stays, from, problem.places, problem.time, 0);
    return simulate(mix, { air, vessel: jar.vessel, pace: jar.pace }, (at - from) / HOUR);
  };
  for (const step of steps) {
    if (step.keepG !== undefined) {
      const stood = to(step.at);
      seen.push({ step, food: stood.food, hunger: stood.hunger });
      const { keepG, flourG = 0, waterG = 0 } = step;
      mix = feed(stood, { keepG, flourG, waterG, flour: jar.flour });
      from = step.at;
      stays = [{ from, place: step.place! }];
    } else if (step.kind === 'move') stays.push({ from: step.at, place: step.place! });
  }
  const end = to(problem.until);
  seen.push({ step: null, food: end.food, hunger: end.hunger });
  return seen;
}

/** As many as there is time for beside the other tests; with 300 it held as well. */
const KITCHENS = 24;

const chance = chanceFrom(2026);
const weeks = Array.from({ length: KITCHENS }, () => {
  const problem = someWeek(chance);
  return { problem, planned: makePlans(problem) };
});
const eachPlan = (check: (problem: Problem, plan: Plan, planned: Planned) => void) => {
  for (const { problem, planned } of weeks)
    for (const plan of planned.plans) check(problem, plan, planned);
};
const eachJar = (check: (problem: Problem, jar: PlannedJar, steps: readonly Step[]) => void) => {
  eachPlan((problem, plan) => {
    for (const jar of problem.jars)
      check(
        problem,
        jar,
        plan.steps.filter((step) => step.jar === jar.id),
      );
  });
};

describe(`a week, in ${KITCHENS} kitchens`, () => {
  it('ends with no feed that nobody needs', () => {
    eachJar((problem, jar, steps) => {
      const last = steps.findLastIndex(({ keepG }) => keepG !== undefined);
      if (steps[last]?.kind !== 'feed') return;
      // What a bake left is fed when it is taken: the hands are there.
      if (steps[last - 1]?.kind === 'take' && steps[last - 1]!.at === steps[last].at) return;
      const without = follow(problem, jar, steps.toSpliced(last, 1)).at(-1)!;
      expect(without.hunger).toBeGreaterThan(13);
    });
  });

  it('throws out no fresh mix for a feed', () => {
    eachJar((problem, jar, steps) => {
      for (const { step, food } of follow(problem, jar, steps))
        if (step?.kind === 'feed') expect(food).toBeLessThan(0.5);
    });
  });

  it('carries no jar about for nothing: not into the cold before it is mixed, nor twice within the hour', () => {
    eachJar((problem, _, steps) => {
      for (const [i, { kind, place, at }] of steps.slice(0, -1).entries()) {
        if (kind !== 'move') continue;
        const next = steps[i + 1]!;
        if (next.kind === 'move') expect(next.at - at).toBeGreaterThanOrEqual(HOUR);
        const cold = placeAt(problem.places, place!, at)!.kind === 'fridge';
        if (cold && next.keepG !== undefined) expect(next.at - at).toBeGreaterThanOrEqual(4 * HOUR);
      }
    });
  });

  it('leaves no jar a day and more without food, but for what it found so', () => {
    eachJar((problem, jar, steps) => {
      const [first, ...later] = follow(problem, jar, steps);
      const found = follow({ ...problem, until: problem.now }, jar, [])[0]!.hunger;
      expect(first!.hunger).toBeLessThan(Math.max(30, found + 16));
      for (const { hunger } of later) expect(hunger).toBeLessThan(30);
    });
  });

  it('asks for hands only where they are, and its slack ends with them', () => {
    eachPlan((problem, { steps }) => {
      for (const { kind, at, earliest, latest } of steps) {
        if (kind === 'take') continue;
        expect(at).toBeGreaterThanOrEqual(earliest);
        expect(at).toBeLessThanOrEqual(latest);
        for (const when of [at, earliest, latest]) expect(inHands(problem.hands, when)).toBe(true);
      }
    });
  });

  it('keeps its order: no slack reaches back beyond what is done before to the same jar', () => {
    eachJar((_, __, steps) => {
      for (const [i, { earliest }] of steps.slice(1).entries())
        expect(earliest).toBeGreaterThanOrEqual(steps[i]!.at);
    });
  });

  it("falls on half hours of the kitchen's clock", () => {
    eachPlan((problem, { steps }) => {
      for (const { at, kind } of steps)
        // What is done at once, and what follows it, goes by that moment.
        if ((at - problem.now) % (HOUR / 2) !== 0 && kind !== 'take')
          expect((problem.time.hourOfDay(at) * 60) % 30).toBe(0);
    });
  });

  it('offers the best first, none that another beats, each by a name of its own', () => {
    for (const { planned } of weeks) {
      const { plans } = planned;
      expect(new Set(plans.map(({ name }) => name)).size).toBe(plans.length);
      const sure = (plan: Plan) => Math.min(1, ...plan.wanted.map(({ chance: c }) => c));
      for (const a of plans)
        for (const b of plans)
          if (a !== b && b !== plans[0])
            expect(
              a.touches < b.touches - 0 && a.flourG < b.flourG && sure(a) > sure(b) + 0.02,
            ).toBe(false);
      for (const plan of plans.slice(1)) expect(sure(plan)).toBeGreaterThanOrEqual(0.5);
    }
  });

  it('has an answer for every bake: a levain, or why there is none', () => {
    for (const { problem, planned } of weeks)
      for (const plan of planned.plans)
        expect(
          [...plan.wanted.map(({ id }) => id), ...planned.impossible.map((i) => i.wanted)].sort(),
        ).toEqual(problem.wanted.map(({ id }) => id).sort());
  });

  it('comes off as often as it says, from now on and through every feed before a levain', () => {
    const fate = chanceFrom(77);
    const claims = weeks.flatMap(({ problem, planned }) =>
      planned.plans.flatMap((plan) => claimsOf(problem, plan, fate)),
    );
    const mean = (of: readonly number[]) => of.reduce((sum, x) => sum + x, 0) / of.length;
    const gaps = claims.map(({ claimed, came }) => claimed - came);
    expect(claims.length).toBeGreaterThan(20);
    expect(Math.abs(mean(gaps))).toBeLessThan(0.04);
    expect(mean(gaps.map(Math.abs))).toBeLessThan(0.07);
  });

  it('names only ways out that work when they are taken', () => {
    let tried = 0;
    for (const { problem, planned } of weeks)
      for (const { wanted, nearest } of planned.impossible)
        for (const near of nearest) {
          const change = (over: Partial<Wanted>) => ({
            ...problem,
            wanted: problem.wanted.map((bake) =>
              bake.id === wanted ? { ...bake, ...over } : bake,
            ),
          });
          const other =
            near.kind === 'otherHour'
              ? change({ from: near.from, until: near.until })
              : near.kind === 'less' && near.levainG > 0
                ? change({ levainG: near.levainG, ...near.at })
                : near.kind === 'handsAt'
                  ? {
                      ...problem,
                      hands: [
                        ...problem.hands,
                        ...near.times.map((at) => ({ from: at, until: at })),
                      ].toSorted((a, b) => a.from - b.from),
                    }
                  : null;
          if (!other || tried++ >= 10) continue;
          const again = makePlans(other);
          expect(again.impossible.map((i) => i.wanted)).not.toContain(wanted);
        }
    expect(tried).toBeGreaterThan(2);
  });
});

it('a jar that was fed and put into the fridge two hours ago needs nothing for two days', () => {
  const week = someWeek(chanceFrom(3));
  const [jar] = week.jars;
  const since = week.now - 2 * HOUR;
  for (const home of ['fridge', 'counter']) {
    const { plans } = makePlans({
      ...week,
      wanted: [],
      until: week.now + 2 * DAY,
      jars: [
        {
          ...jar!,
          since,
          home,
          stays: [
            { from: since, place: 'counter' },
            { from: since + 1.5 * HOUR, place: 'fridge' },
          ],
        },
      ],
    });
    expect(plans[0]!.steps).toEqual([]);
  }
});

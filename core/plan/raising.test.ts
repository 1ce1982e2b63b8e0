import { chanceFrom } from '../measure/chance';
import { makePlans, raisedPlans } from './makePlans';
import { type Plan, type Problem, type Prospect, type Raise } from './problem';
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

it('the best comes first, and a bake that is likely is left as it is', () => {
  const { raisedBy = [] } = unlikely(UNSURE[0]!);
  expect(raisedBy.map(({ chance }) => chance)).toEqual(
    raisedBy.map(({ chance }) => chance).toSorted((a, b) => b - a),
  );
  const sure = raisedPlan(someWeek(chanceFrom(12))).wanted;
  expect(sure.filter(({ chance }) => chance >= 0.65)).not.toEqual([]);
  expect(sure.filter((one) => one.chance >= 0.65 && one.raisedBy)).toEqual([]);
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

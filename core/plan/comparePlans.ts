import { HOUR } from '../measure';
import { type Plan, type PlanName } from './problem';

/** The chance that every bake of a plan is ripe, by its weakest. */
const sureness = (plan: Plan) => Math.min(1, ...plan.wanted.map(({ chance }) => chance));

const levainStep = (plan: Plan, bake: string) =>
  plan.steps.find(({ kind, wanted }) => (kind === 'build' || kind === 'topUp') && wanted === bake);

/** Whether a baker would see no difference: the same builds within the hour, and as much flour and fuss. */
export const looksTheSame = (a: Plan, b: Plan): boolean =>
  a.touches === b.touches &&
  Math.abs(a.flourG - b.flourG) <= 0.05 * a.flourG &&
  a.wanted.every(({ id }) => {
    const one = levainStep(a, id);
    const other = levainStep(b, id);
    return one?.place === other?.place && Math.abs((one?.at ?? 0) - (other?.at ?? 0)) <= HOUR;
  });

/** Whether one plan gives up nothing against another and gains something: then nobody need see the other. */
function isBetter(a: Plan, b: Plan): boolean {
  const gains = [
    sureness(a) - sureness(b),
    (b.flourG - a.flourG) / 100,
    (b.touches - a.touches) / 10,
  ];
  return a !== b && gains.every((gain) => gain >= 0) && gains.some((gain) => gain > 0.02);
}

/** Those that are worth a look, at least two where there are two: a baker should have a choice. */
export function worthALook(plans: readonly Plan[]): readonly Plan[] {
  const worthwhile = plans.filter((plan) => !plans.some((other) => isBetter(other, plan)));
  return named(worthwhile.length > 1 ? worthwhile : plans.slice(0, 2));
}

/** Names the plans by what each is really best at. */
function named(plans: readonly Plan[]): readonly Plan[] {
  const taken = new Set<PlanName>(['balanced']);
  const best: readonly (readonly [PlanName, (plan: Plan) => number])[] = [
    ['safest', (plan) => -sureness(plan)],
    ['fewestTouches', (plan) => plan.touches],
    ['leastFlour', (plan) => plan.flourG],
  ];
  return plans.map((plan, i) => {
    if (i === 0) return plan;
    const found = best.find(
      ([name, of]) => !taken.has(name) && plans.every((p) => p === plan || of(plan) < of(p)),
    );
    if (found) taken.add(found[0]);
    return { ...plan, name: found?.[0] ?? 'another' };
  });
}

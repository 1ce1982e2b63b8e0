import { HOUR } from '../measure';
import { COIN, MOVE_SHARE } from './price';
import { type Plan, type PlanName, type Weights } from './problem';
import { isMixing } from './walk';

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

/** What a plan costs by a baker's weights, all jars and the whole time together. */
function costOf(plan: Plan, weights: Weights): number {
  const mixings = new Set(plan.steps.filter(isMixing).map(({ at }) => at));
  const walks = plan.steps.filter(({ kind, at }) => kind === 'move' && !mixings.has(at)).length;
  const missed = plan.wanted.reduce((sum, { chance }) => sum + 1 - chance, 0);
  return (
    weights.touches * COIN.touch * (mixings.size + MOVE_SHARE * walks) +
    weights.flour * COIN.flour * plan.flourG +
    weights.risk * COIN.missed * missed
  );
}

/** Plans by what they cost a baker, the best first. */
export const bestFirst = (plans: readonly Plan[], weights: Weights): readonly Plan[] =>
  plans.toSorted((a, b) => costOf(a, weights) - costOf(b, weights));

/** Less sure than this is a warning, not a choice. */
const EVEN = 0.5;

/** The best, and of the others those that no other beats in everything and that are best in something. */
export function worthALook(plans: readonly Plan[]): readonly Plan[] {
  const [best] = plans;
  const worthwhile = plans.filter(
    (plan) =>
      plan === best || (sureness(plan) >= EVEN && !plans.some((other) => isBetter(other, plan))),
  );
  return named(worthwhile);
}

const BEST: readonly (readonly [PlanName, (plan: Plan) => number])[] = [
  ['safest', (plan) => -Math.round(50 * sureness(plan))],
  ['fewestTouches', (plan) => plan.touches],
  ['leastFlour', (plan) => Math.round(plan.flourG / 10)],
];

/** Names the plans after the first by what each is really best at; one that is best at nothing is no choice. */
function named(plans: readonly Plan[]): readonly Plan[] {
  const taken = new Set<PlanName>();
  return plans.flatMap((plan, i): readonly Plan[] => {
    if (i === 0) return [{ ...plan, name: 'balanced' }];
    const found = BEST.find(
      ([name, of]) => !taken.has(name) && plans.every((p) => p === plan || of(plan) < of(p)),
    );
    if (!found) return [];
    taken.add(found[0]);
    return [{ ...plan, name: found[0] }];
  });
}

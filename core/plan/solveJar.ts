import { COIN, type JarTask, type Priced, priceOf } from './price';
import { type Step } from './problem';
import { prospectOf } from './risk';
import { type Steering } from './search';
import { searchJar } from './searchJar';
import { neighboursOf, weighedInFives } from './neighbours';
import { VARIATIONS, elsewhere, otherBeginnings } from './otherLevains';
import { type Slots } from './slots';
import { isMixing } from './walk';
import { stepsOf } from './stepsOf';

/** The steps that have a jar's bakes ripe, and what they come to. */
export interface JarPlan extends Priced {
  readonly steps: readonly Step[];
}

/**
 * The cheapest steps that have a jar's bakes ripe in their windows: a search that tells ways apart by nearly right
 * courses, whose ends are lived through with the full model, the cheapest then mended where a small change gains.
 *
 * @returns null when no way was found
 */
export function solveJar(task: JarTask, steering: Steering): JarPlan | null {
  const found: JarPlan[] = [];
  for (const end of searchJar(task, steering)) {
    const steps = stepsOf(end, task.jar, task.start.place);
    const priced = priceOf(task, steps, (found[0]?.cost ?? Infinity) + NEARLY);
    if (!priced) continue;
    found.push({ ...priced, steps });
    found.sort((a, b) => a.cost - b.cost).splice(MENDED);
  }
  let best: JarPlan | null = null;
  for (const plan of found) {
    // Small changes gain only so much.
    if (best && plan.cost > best.cost + MOST_GAINED) break;
    const mended = mendedToGain(task, plan, steering.slots, (best?.cost ?? Infinity) + HALFWAY);
    if (!best || mended.cost < best.cost) best = mended;
  }
  return best;
}

/**
 * A plan with each choice about its levains turned to its best, one after the other, until none gains; from the plan itself
 * and, where it is dear, from each of its levains made in other usual ways: that levain is turned first, and only where it comes
 * near, the others to go with it. It takes as long again as finding the plan, and longer with every bake.
 */
export function solvedOtherwise(task: JarTask, plan: JarPlan): JarPlan {
  let best = turnedToGain(task, plan);
  const rests = [plan, best];
  for (const { of, steps } of otherBeginnings(task, best.steps)) {
    if (best.cost < CHEAP * task.bakes.length) break;
    const priced = priceOf(task, steps) ?? (isUnsure(best) ? NEVER : null);
    if (!priced) continue;
    const alone = turnedToGain(task, { ...priced, steps }, of);
    if (alone.cost > best.cost + WORTH_TURNING) continue;
    const other = of === undefined ? alone : turnedToGain(task, alone);
    rests.push(other);
    if (other.cost < best.cost) best = other;
  }
  const moved = bestAmong(task, best, elsewhere(task, best.steps));
  if (moved !== best) rests.push(turnedToGain(task, moved));
  return surest(task, rests);
}

/** Of plans that cost nearly the same the cheapest by many draws: the few that they were sought with flatter whatever they found. */
function surest(task: JarTask, plans: readonly JarPlan[]): JarPlan {
  const inOrder = [...new Set(plans)].toSorted((a, b) => a.cost - b.cost);
  const near = inOrder.filter(({ cost }) => cost <= inOrder[0]!.cost + FLATTERED).slice(0, WEIGHED);
  if (near.length === 1) return near[0]!;
  const told = near.map((plan) => ({ plan, cost: costByMany(task, plan) }));
  return told.reduce((best, other) => (other.cost < best.cost ? other : best)).plan;
}

function costByMany({ problem, jar, bakes, weights }: JarTask, plan: JarPlan): number {
  return bakes.reduce((cost, bake) => {
    const { stretch, chance } = plan.levains.get(bake.id)!;
    const toldChance = prospectOf(problem, jar, stretch.mixing, bake).chance;
    return cost + weights.risk * COIN.missed * (chance - toldChance);
  }, plan.cost);
}

/** So much may few draws flatter a plan, and so many that come so near are weighed against each other. */
const FLATTERED = 2;
const WEIGHED = 4;

/**
 * A plan with its levains in grams that are easily weighed, each where that costs next to nothing. To be shown, not to be
 * sought from: what is sought goes by whole grams.
 */
export function easilyWeighed(task: JarTask, plan: JarPlan): JarPlan {
  let weighed = plan;
  const inFives: Step[] = [];
  for (const levain of plan.steps.filter((step) => isMixing(step) && step.wanted !== undefined)) {
    const steps = weighedInFives(task, plan.steps, [...inFives, levain]);
    const priced = steps && priceOf(task, steps, weighed.cost + HARDLY);
    if (!priced || priced.cost > weighed.cost + HARDLY) continue;
    inFives.push(levain);
    weighed = { ...priced, steps };
  }
  return weighed;
}

/** A plan that costs so much more is as good: twenty grams of flour, or a chance in a hundred. */
const HARDLY = 0.25;

/** Whether a bake is likely enough to be missed that no trouble is too much. */
const isUnsure = ({ levains }: JarPlan): boolean =>
  [...levains.values()].some(({ chance }) => chance < LIKELY);
const LIKELY = 0.75;

/** What a plan comes to that does not do as it is: a single choice may mend it. */
const NEVER: Priced = { cost: Infinity, stretches: [], levains: new Map() };

/** @param of the one bake whose levain is turned; all of them when not given */
function turnedToGain(task: JarTask, plan: JarPlan, of?: string): JarPlan {
  let best = plan;
  for (let round = 0; round < TURNS; round++) {
    const before = best;
    for (const line of VARIATIONS) best = bestAmong(task, best, line(task, best.steps, of));
    if (best === before) break;
  }
  return best;
}

/** So many plans that cost nearly the same are mended: small changes may turn them round. */
const MENDED = 2;
const NEARLY = 1;
/** Small changes are tried so many times over, as long as they lead to within so much of the best plan. */
const ROUNDS = 4;
const TURNS = 5;
/** Another levain may cost so much more, before the others have been turned to go with it. */
const WORTH_TURNING = 1;
/** A bake with a build, a walk and a little flour is hardly to be had for less. */
const CHEAP = 2.4;
const HALFWAY = 0.5;
const MOST_GAINED = 1.5;

/** Takes what a neighbouring plan does better. */
function mendedToGain(task: JarTask, plan: JarPlan, slots: Slots, goal: number): JarPlan {
  let best = plan;
  for (let round = 0; round < ROUNDS; round++) {
    const before = best;
    best = bestAmong(task, best, neighboursOf(task, best, slots));
    if (best === before || best.cost > goal) break;
  }
  return best;
}

function bestAmong(
  task: JarTask,
  plan: JarPlan,
  others: Iterable<readonly Step[] | null>,
): JarPlan {
  let best = plan;
  for (const steps of others) {
    const priced = steps && priceOf(task, steps, best.cost);
    if (priced && priced.cost < best.cost) best = { ...priced, steps };
  }
  return best;
}

import { type JarTask, type Priced, priceOf } from './price';
import { type Step } from './problem';
import { type Steering, searchJar } from './searchJar';
import { neighboursOf } from './neighbours';
import { otherLevains } from './otherLevains';
import { type Slots } from './slots';
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
  if (!best || !steering.thorough) return best;
  // Where a levain stays unsure, it is tried from the beginning.
  const other = bestAmong(task, best, otherLevains(task, best, steering.slots));
  return other === best ? best : mendedToGain(task, other, steering.slots, Infinity);
}

/** So many plans that cost nearly the same are mended: small changes may turn them round. */
const MENDED = 4;
const NEARLY = 1;
/** Small changes are tried so many times over, as long as they lead to within so much of the best plan. */
const ROUNDS = 4;
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

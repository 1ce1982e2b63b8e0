import { HOUR, type Instant } from '../measure';
import { type JarTask, priceOf } from './price';
import { type Step } from './problem';
import { shifted } from './neighbours';
import { GRAIN } from './slots';
import { isMixing } from './walk';

/** No step is told it may wait for longer either way. */
const MOST_SLACK = 6 * HOUR;
/** A bake may become so much less likely within a step's slack. */
const LOSS_BORNE = 0.06;

/** The same steps, each feed with the stretch in which it serves its bakes as well. */
export function withSlack(task: JarTask, steps: readonly Step[]): readonly Step[] {
  const chances = (given: readonly Step[]): readonly number[] | null => {
    const priced = priceOf(task, given);
    return priced && task.bakes.map(({ id }) => priced.levains.get(id)!.chance);
  };
  const promised = chances(steps);
  if (!promised) return steps;
  return steps.map((step, i) => {
    if (!isMixing(step)) return step;
    const works = (at: Instant) => {
      const other = shifted(task, steps, i, at - step.at);
      const found = other && chances(other);
      return !!found && found.every((chance, b) => chance >= promised[b]! - LOSS_BORNE);
    };
    let earliest = step.at;
    let latest = step.at;
    while (step.at - earliest < MOST_SLACK && works(earliest - GRAIN)) earliest -= GRAIN;
    while (latest - step.at < MOST_SLACK && works(latest + GRAIN)) latest += GRAIN;
    return { ...step, earliest, latest };
  });
}

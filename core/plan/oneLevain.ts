import { HOUR, highest } from '../measure';
import { type PlannedJar, type Problem, type Step, type Wanted, inTurn } from './problem';
import { firstHandsIn } from './slots';

/** From the first window's beginning to the last one's end: no levain is at its best for longer, and no second one is ripe sooner. */
const AT_ITS_BEST = 6 * HOUR;

/**
 * A jar's bakes in order of time, those that come so close that one levain has to do for them put together: it is made for all
 * of them, ripe from the first window to the end of the last, and taken from until then. Where levains are built in bowls
 * each bake has its own, mixed at the same hour (`beside.ts`).
 *
 * @param bakes of the jar, in order of time; some may be put together already
 */
export function withOneLevain(
  problem: Problem,
  jar: PlannedJar,
  bakes: readonly Wanted[],
): readonly Wanted[] {
  const together: Wanted[] = [];
  for (const bake of bakes) {
    const last = together.at(-1);
    if (last && areNear(problem, jar, last, bake))
      together[together.length - 1] = asOne(last, bake);
    else together.push(bake);
  }
  return together;
}

function areNear(problem: Problem, jar: PlannedJar, earlier: Wanted, bake: Wanted): boolean {
  const wet = ({ hydration = jar.hydration }: Wanted) => hydration;
  return (
    highest([earlier.until, bake.until]) - earlier.from <= AT_ITS_BEST &&
    wet(earlier) === wet(bake) &&
    [...servedBy(earlier), bake].every((one) => firstHandsIn(problem, one) !== null)
  );
}

const asOne = (earlier: Wanted, bake: Wanted): Wanted => ({
  ...earlier,
  levainG: earlier.levainG + bake.levainG,
  until: highest([earlier.until, bake.until]),
  serves: [...servedBy(earlier), bake],
});

/**
 * The bakes that a levain is made for: several, or the one it is wanted for.
 *
 * @example servedBy(bake).map(({ levainG }) => levainG) // [120, 180]
 */
export const servedBy = (bake: Wanted): readonly Wanted[] => bake.serves ?? [bake];

/** Steps in which each bake takes its own of a levain that serves several, in its own window. */
export function takenApart(
  problem: Problem,
  bakes: readonly Wanted[],
  steps: readonly Step[],
): readonly Step[] {
  return steps
    .flatMap((step) => {
      const served = bakes.find(({ id }) => id === step.wanted)?.serves;
      if (step.kind !== 'take' || !served) return [step];
      return served.map((bake): Step => {
        const at = firstHandsIn(problem, bake)!;
        const { id: wanted, levainG: takeG, until: latest } = bake;
        return { ...step, at, earliest: at, latest, wanted, takeG };
      });
    })
    .toSorted(inTurn);
}

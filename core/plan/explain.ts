import { filledShare } from '../bench';
import { HOUR, type Instant } from '../measure';
import { buildingFeed, totalG } from './amounts';
import { type CourseBook, courseBookOf } from './courseBook';
import { BUILD_PARTS } from './likelyBuilds';
import { withOneLevain } from './oneLevain';
import { type JarTask } from './price';
import {
  type Impossible,
  type Nearest,
  type PlannedJar,
  type Problem,
  type Wanted,
} from './problem';
import { inHands, isOddHour, slotsFor } from './slots';
import { type JarPlan, solveJar } from './solveJar';

/** Hours around its window that a bake which cannot be had might be had at. */
const SHIFTS = [1, 2, 3, 4, 6, 8, 12, 18, 24];
/** A levain rises to about so much against the band. */
const USUAL_PEAK = 2.4;

/**
 * Why the last of a jar's bakes cannot be had beside those before it, and what comes nearest. Whatever is named was tried: a
 * plan was found with it.
 *
 * @param find what finds plans
 */
export function explain(task: JarTask, find: typeof planFor = planFor): Impossible {
  const { problem, jar, bakes } = task;
  const book = courseBookOf(problem, jar, task.start);
  const bake = bakes[bakes.length - 1]!;
  const earlier = bakes.slice(0, -1);
  const planWith = (given: Problem, other: Wanted) => find(task, given, [...earlier, other], book);
  const nearest: Nearest[] = [];

  const shift = SHIFTS.flatMap((hours) => [hours, -hours]).find((hours) => {
    const moved = { ...bake, from: bake.from + hours * HOUR, until: bake.until + hours * HOUR };
    return (
      moved.from > problem.now && moved.until < problem.until && planWith(problem, moved) !== null
    );
  });
  if (shift !== undefined)
    nearest.push({
      kind: 'otherHour',
      from: bake.from + shift * HOUR,
      until: bake.until + shift * HOUR,
    });

  const always = { ...problem, hands: [{ from: problem.now, until: problem.until }] };
  const withHands = planWith(always, bake);
  const lacking = withHands ? touchesLacking(withHands, problem, bake) : [];
  const worksWith = (times: readonly Instant[]) => {
    const there = times.map((at) => ({ from: at, until: at }));
    const hands = [...problem.hands, ...there].toSorted((a, b) => a.from - b.from);
    return planWith({ ...problem, hands }, bake) !== null;
  };
  if (lacking.length > 0 && worksWith(lacking)) {
    const times = fewest(lacking, problem, worksWith);
    nearest.push({ kind: 'handsAt', times });
  }

  // Of a levain that it would share with a bake before it, what that leaves.
  const shared = withOneLevain(problem, jar, bakes).at(-1)!.levainG - bake.levainG;
  const room = Math.max(0, mostLevain(jar, task.start.mix.hydrationPct, bake) - tens(shared));
  const tooSmall = bake.levainG > room;
  if (tooSmall) {
    const fits = room > 0 && planWith(problem, { ...bake, levainG: room }) !== null;
    if (fits || (room === 0 && shared === 0)) nearest.push({ kind: 'less', levainG: room });
  }
  const because = tooSmall
    ? 'jarTooSmall'
    : withHands
      ? 'handsAway'
      : shift !== undefined && shift > 0
        ? 'tooSoon'
        : 'neverRipe';
  return { wanted: bake.id, because, nearest };
}

/** The cheapest plan of a jar for some bakes in a problem like its own; null where there is none. */
export function planFor(
  task: JarTask,
  problem: Problem,
  bakes: readonly Wanted[],
  book: CourseBook,
): JarPlan | null {
  const wanted = withOneLevain(problem, task.jar, bakes);
  const slots = slotsFor(problem.now, problem.until, problem.hands, wanted, problem.time);
  return solveJar({ ...task, problem, bakes: wanted }, { slots, book });
}

/** Every moment at which a plan needs hands that are not there. */
export function touchesLacking(
  { steps }: JarPlan,
  { hands }: Problem,
  bake: Wanted,
): readonly Instant[] {
  const touches = steps.map(({ kind, at }) => (kind === 'take' ? bake.from : at));
  return [...new Set(touches)].filter((at) => !inHands(hands, at)).toSorted((a, b) => a - b);
}

/** As few of some hours as are enough, odd hours given up first. */
function fewest(
  times: readonly Instant[],
  { time }: Problem,
  areEnough: (times: readonly Instant[]) => boolean,
): readonly Instant[] {
  const odd = (at: Instant) => Number(isOddHour(time, at));
  return times
    .toSorted((a, b) => odd(b) - odd(a))
    .reduce((kept, at) => {
      const without = kept.filter((other) => other !== at);
      return areEnough(without) ? without : kept;
    }, times);
}

const tens = (grams: number) => 10 * Math.ceil(grams / 10);

/** The most levain a jar can build without climbing out, at whatever ratio suits best; whole tens of grams. */
function mostLevain(jar: PlannedJar, hydrationPct: number, bake: Wanted): number {
  const fits = (levainG: number) =>
    BUILD_PARTS.some((parts) => {
      const amounts = buildingFeed(jar, jar.massG, hydrationPct, parts, { ...bake, levainG });
      return (
        amounts !== null && filledShare(jar.vessel, totalG(amounts), hydrationPct, USUAL_PEAK) <= 1
      );
    });
  let levainG = 0;
  while (levainG < 5000 && fits(levainG + 10)) levainG += 10;
  return levainG;
}

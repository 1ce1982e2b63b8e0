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
  type RipeWindow,
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
  const reason = (because: Impossible['because'], ...nearest: readonly Nearest[]): Impossible => ({
    wanted: bake.id,
    because,
    nearest,
  });
  const works = (other: Wanted) => planWith(problem, other) !== null;

  // Of a levain that it would share with a bake before it, what that leaves.
  const most = mostLevain(jar, task.start.mix.hydrationPct, bake);
  const shared = withOneLevain(problem, jar, bakes).at(-1)!.levainG - bake.levainG;
  const room = Math.max(0, most - tens(shared));
  if (bake.levainG > most) {
    // Neither another hour nor more hands make a jar larger.
    const less =
      most === 0 ? { levainG: 0 } : lessFrom({ ...bake, levainG: room || most }, works, problem);
    return reason('jarTooSmall', ...(less ? [{ kind: 'less', ...less } as const] : []));
  }

  const nearest: Nearest[] = [];
  const hour = nearestHour(bake, works, problem);
  if (hour) nearest.push({ kind: 'otherHour', ...hour });
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
  if (bake.levainG > room) {
    if (room > 0 && works({ ...bake, levainG: room }))
      nearest.push({ kind: 'less', levainG: room });
    return reason('jarTooSmall', ...nearest);
  }
  if (withHands) return reason('handsAway', ...nearest);
  return reason(hour && hour.from > bake.from ? 'tooSoon' : 'neverRipe', ...nearest);
}

/** The nearest hours at which a bake can be had; null where there are none. */
function nearestHour(
  bake: Wanted,
  works: (other: Wanted) => boolean,
  { now, until: end }: Problem,
): RipeWindow | null {
  for (const hours of SHIFTS.flatMap((by) => [by, -by])) {
    const [from, until] = [bake.from + hours * HOUR, bake.until + hours * HOUR];
    if (from > now && until < end && works({ ...bake, from, until })) return { from, until };
  }
  return null;
}

/** As much as the jar can make: when it is wanted, or else at the nearest hours; null where it cannot be had either. */
function lessFrom(
  less: Wanted,
  works: (other: Wanted) => boolean,
  problem: Problem,
): { readonly levainG: number; readonly at?: RipeWindow } | null {
  const { levainG } = less;
  if (works(less)) return { levainG };
  const at = nearestHour(less, works, problem);
  return at && { levainG, at };
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

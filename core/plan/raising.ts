import { HOUR, type Instant } from '../measure';
import { type CourseBook, courseBookOf } from './courseBook';
import { planFor, touchesLacking } from './explain';
import { servedBy, withOneLevain } from './oneLevain';
import { type JarTask } from './price';
import { type Plan, type Problem, type Prospect, type Raise, type Wanted } from './problem';
import { prospectOf } from './risk';
import { isOddHour } from './slots';
import { type JarPlan, easilyWeighed, solvedOtherwise } from './solveJar';
import { LIKELY } from './unsure';
import { type Mixing, nothingLived } from './walk';

/** A change that gains less is none. */
const WORTH_CHANGING = 0.12;
/** Hours by which its window is moved, the least first. */
const SHIFTS = [1, -1, 2, -2, 3, -3, 4, 6, 9, 12, 24];
/** A window shorter than this is as short as people say one. */
const SHORT_WINDOW = HOUR;
/** Two heights of a rise leave about so much of what was not known of a pace. */
const AFTER_LOOKS = 0.5;
/** A pace known as well as this is not known better by two heights. */
const WELL_KNOWN = 0.1;

/**
 * What would make each unlikely bake of a jar likelier, and how likely then. Whatever is named was tried: a plan was found
 * with it, and its levain followed through all draws. It takes several times as long as making the plan, and yields after
 * each try, so that whoever goes through it can do something else meanwhile, or leave off.
 *
 * @param prospects of the jar's bakes in one plan
 * @param tryWith what tries a bake had otherwise
 * @returns the raises of each bake by its id, the best first; none of a bake that is likely enough
 */
export function* raising(
  task: JarTask,
  prospects: readonly Prospect[],
  tryWith: TryWith = triedWith,
): Generator<void, Raises> {
  const bakes = task.bakes.flatMap(servedBy);
  const raises = new Map<string, readonly Raise[]>();
  for (const bake of bakes) {
    const chance = prospects.find(({ id }) => id === bake.id)?.chance ?? 1;
    if (chance >= LIKELY) continue;
    const found = yield* raisingOne({ ...task, bakes }, bake, tryWith);
    raises.set(
      bake.id,
      found
        .filter((raise) => raise.chance >= chance + WORTH_CHANGING)
        .toSorted((one, other) => other.chance - one.chance),
    );
  }
  return raises;
}

/** What would make bakes likelier, by their ids. */
export type Raises = ReadonlyMap<string, readonly Raise[]>;

/**
 * A plan whose unlikely bakes say what would make them likelier than they are in it: nothing, where nothing that was tried does.
 *
 * @example withRaises(plan, raises).wanted[0].raisedBy
 */
export const withRaises = (plan: Plan, raises: Raises): Plan => ({
  ...plan,
  wanted: plan.wanted.map((prospect) => {
    const tried = raises.get(prospect.id);
    if (!tried || prospect.chance >= LIKELY) return prospect;
    const raisedBy = tried.filter(({ chance }) => chance >= prospect.chance + WORTH_CHANGING);
    return { ...prospect, raisedBy };
  }),
});

function* raisingOne(
  task: JarTask,
  bake: Wanted,
  tryWith: TryWith,
): Generator<void, readonly Raise[]> {
  const { problem, jar } = task;
  const book = courseBookOf(problem, jar, task.start);
  const tried = (given: Problem, other: Wanted, as = task) =>
    tryWith({ ...as, problem: given }, other, book);
  const raises: Raise[] = [];

  const wide = bake.until - bake.from;
  if (wide > SHORT_WINDOW) {
    const [from, until] = [bake.from + wide / 4, bake.until - wide / 4];
    const { chance } = tried(problem, { ...bake, from, until });
    raises.push({ kind: 'shorter', from, until, chance });
    yield;
  }

  const hours = yield* otherHour(task, bake, (window, how) => tryWith(task, window, book, how));
  if (hours) raises.push({ kind: 'otherHour', ...hours });

  const always = { ...problem, hands: [{ from: problem.now, until: problem.until }] };
  const withHands = tried(always, { ...bake });
  const times = withHands.plan ? touchesLacking(withHands.plan, problem, bake) : [];
  const sleepless = times.some((at) => isOddHour(problem.time, at));
  if (times.length > 0 && !sleepless)
    raises.push({ kind: 'handsAt', times, chance: withHands.chance });
  yield;

  const asItIs = tried(problem, { ...bake });
  yield;
  if (asItIs.levain?.before?.step && jar.paceSd > WELL_KNOWN) {
    const known = { ...jar, paceSd: AFTER_LOOKS * jar.paceSd };
    const { chance } = tried(problem, { ...bake }, { ...task, jar: known, lived: nothingLived() });
    raises.push({ kind: 'looks', chance });
    yield;
  }
  return raises;
}

/** The nearest window in which a bake is likely, or the one in which it is likeliest. Null where it can be had in none. */
function* otherHour(
  { problem }: JarTask,
  bake: Wanted,
  tryIn: (window: Wanted, how?: 'quickly') => Tried,
): Generator<void, Hours | null> {
  const windows = SHIFTS.map((hours) => ({
    ...bake,
    from: bake.from + hours * HOUR,
    until: bake.until + hours * HOUR,
  })).filter(({ from, until }) => from > problem.now && until < problem.until);
  const found: Hours[] = [];
  const told = (window: Wanted, how?: 'quickly'): Hours => {
    const { from, until } = window;
    return { from, until, chance: tryIn(window, how).chance };
  };
  for (const window of windows) {
    const hours = told(window, 'quickly');
    yield;
    if (hours.chance >= LIKELY) return hours;
    found.push(hours);
  }
  let best: Hours | null = null;
  for (const { from } of found.toSorted((a, b) => b.chance - a.chance).slice(0, LOOKED_INTO)) {
    const hours = told(windows.find((one) => one.from === from)!);
    yield;
    if (hours.chance > (best?.chance ?? 0)) best = hours;
  }
  return best;
}

/** A window, and how likely the bake is in it. */
interface Hours {
  readonly from: Instant;
  readonly until: Instant;
  readonly chance: number;
}

/** Windows that are tried in other ways than the first that is found. */
const LOOKED_INTO = 3;

/** A jar's plan with one of its bakes had otherwise, that bake's levain, and how likely it is in time; nought without a plan. */
export interface Tried {
  readonly plan: JarPlan | null;
  readonly levain: Mixing | null;
  readonly chance: number;
}

export type TryWith = (task: JarTask, other: Wanted, book: CourseBook, how?: 'quickly') => Tried;

function triedWith(...[task, other, book, how]: Parameters<TryWith>): Tried {
  const { problem, jar } = task;
  const bakes = withOneLevain(
    problem,
    jar,
    task.bakes
      .map((one) => (one.id === other.id ? other : one))
      .toSorted((a, b) => a.from - b.from),
  );
  const first = planFor(task, problem, bakes, book);
  if (!first) return { plan: null, levain: null, chance: 0 };
  const asked = { ...task, bakes };
  const plan = how === 'quickly' ? first : easilyWeighed(asked, solvedOtherwise(asked, first));
  const { id } = bakes.find((bake) => servedBy(bake).some((one) => one.id === other.id))!;
  const levain = plan.levains.get(id)!.stretch.mixing;
  return { plan, levain, chance: prospectOf(problem, jar, levain, other).chance };
}

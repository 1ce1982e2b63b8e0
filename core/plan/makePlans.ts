import { type Instant } from '../measure';
import { bestFirst, looksTheSame, worthALook } from './comparePlans';
import { type CourseBook, courseBookOf } from './courseBook';
import { explain } from './explain';
import { handling } from './handling';
import { kitchenOf } from './kitchen';
import { bowlCurve, planCurve } from './planCurve';
import { servedBy, takenApart, withOneLevain } from './oneLevain';
import { type JarTask } from './price';
import {
  type Impossible,
  type Plan,
  type Planned,
  type PlannedJar,
  type Problem,
  type Prospect,
  type Raise,
  type Step,
  type Wanted,
  type Weights,
  inTurn,
} from './problem';
import { keepRhythm, lastState } from './rhythm';
import { raising, withRaises } from './raising';
import { prospectOf } from './risk';
import { savingsOf } from './savings';
import { type OnProgress } from './search';
import { withSlack } from './slack';
import { handsForJar, slotsFor, withinHands } from './slots';
import { type JarPlan, easilyWeighed, solveJar, solvedOtherwise } from './solveJar';
import { besideTheMother } from './beside';
import { standingNow } from './standingNow';
import { isUnsure } from './unsure';
import { type Lived, type MixThere, isMixing, nothingLived } from './walk';

/** The plans that a baker chooses from: what each gives up the others for. */
const SCHOOLS: readonly Weights[] = [
  { flour: 1, touches: 1, oddHours: 1, risk: 1 },
  { flour: 0.5, touches: 4, oddHours: 1, risk: 0.6 },
  { flour: 5, touches: 0.6, oddHours: 0.8, risk: 0.8 },
];

/**
 * Solves a problem for each school of weights and keeps the plans that really differ, the best by the baker's own weights
 * first. A bake that cannot be had does not hide the rest: the others are planned, and why it cannot is told.
 *
 * @param found called with the first plan, so that it can be shown while others are sought
 * @example makePlans(problem, (first) => show(first)).plans.map(({ name }) => name)
 */
export function makePlans(
  problem: Problem,
  found?: (plan: Plan) => void,
  progress?: OnProgress,
): Planned {
  const prepared = problem.jars.map((jar) => prepare(problem, jar));
  const plans: Plan[] = [];
  let flourShort: number | null = null;
  for (const [s, school] of SCHOOLS.entries()) {
    const tell = (share: number) => progress?.((s + share) / SCHOOLS.length);
    const weights = times(school, problem.weights);
    let parts = solveAll(problem, prepared, weights, tell);
    if (!parts) continue;
    if (s === 0) {
      const first = gather(problem, parts);
      if (affordable(first, problem)) found?.(first);
      // Somebody looks at it while levains that are not sure are tried otherwise.
      parts = solveAll(problem, prepared, weights, tell, parts)!;
    }
    const plan = gather(problem, parts);
    if (!affordable(plan, problem)) flourShort = Math.min(flourShort ?? Infinity, plan.flourG);
    else if (!plans.some((other) => looksTheSame(other, plan))) plans.push(plan);
  }
  const impossible = prepared.flatMap((jar) => jar.impossible);
  if (plans.length === 0 && flourShort !== null)
    return { plans, impossible: [...impossible, ...shortOfFlour(problem, flourShort)] };
  return { plans: worthALook(bestFirst(plans, problem.weights)), impossible };
}

/**
 * The same plans, the unlikely bakes in them with what would make them likelier. Yields now and then: see `raising`.
 *
 * @param plans of the problem, the best first
 * @example raisedPlans(problem, makePlans(problem).plans).next().done
 */
export function* raisedPlans(
  problem: Problem,
  plans: readonly Plan[],
): Generator<void, readonly Plan[]> {
  const [best] = plans;
  if (!best || !plans.some(isUnsure)) return plans;
  const all = new Map<string, readonly Raise[]>();
  /** What the jars before it are touched for, as where the plan was sought. */
  const touched = new Set<Instant>();
  for (const given of problem.jars) {
    const { jar, problem: own, start, bakes, lived } = prepare(problem, given);
    // What cannot be had is told of otherwise.
    const had = bakes
      .flatMap(servedBy)
      .filter(({ id }) => best.wanted.some((prospect) => prospect.id === id));
    const { weights } = problem;
    const task = {
      jar,
      problem: own,
      start,
      bakes: had,
      weights,
      touched: new Set(touched),
      lived,
    };
    for (const [id, raises] of yield* raising(task, best.wanted)) all.set(id, raises);
    for (const step of best.steps) if (step.jar === jar.id && isMixing(step)) touched.add(step.at);
  }
  return plans.map((plan) => withRaises(plan, all));
}

const affordable = ({ flourG }: Plan, { limits }: Problem) =>
  flourG <= (limits.flourAtHandG ?? Infinity);

const shortOfFlour = ({ wanted }: Problem, flourG: number): readonly Impossible[] =>
  wanted.slice(0, 1).map(({ id }) => ({
    wanted: id,
    because: 'flourShort',
    nearest: [{ kind: 'moreFlour', flourG }],
  }));

const times = (a: Weights, b: Weights): Weights => ({
  flour: a.flour * b.flour,
  touches: a.touches * b.touches,
  oddHours: a.oddHours * b.oddHours,
  risk: a.risk * b.risk,
});

interface PreparedJar {
  readonly jar: PlannedJar;
  /** As it may be touched: hands, but where the jar is left alone. */
  readonly problem: Problem;
  readonly start: MixThere;
  readonly book: CourseBook;
  readonly lived: Lived;
  /** Its bakes that can be had, as far as they were tried, in order of time. */
  bakes: readonly Wanted[];
  impossible: readonly Impossible[];
}

function prepare(whole: Problem, jar: PlannedJar): PreparedJar {
  // A jar that is built up before a bake has so many feeds behind it.
  const strongFeeds = Math.max(whole.limits.strongFeeds, jar.buildUp ?? 0);
  const problem = {
    ...whole,
    hands: handsForJar(whole.hands, whole.leftAlone ?? [], jar.id),
    limits: { ...whole.limits, strongFeeds },
  };
  const start = standingNow(problem, jar);
  return {
    jar,
    problem,
    start,
    book: courseBookOf(problem, jar, start),
    lived: nothingLived(),
    bakes: withOneLevain(
      problem,
      jar,
      whole.wanted.filter((wanted) => wanted.jar === jar.id).sort((a, b) => a.from - b.from),
    ),
    impossible: [],
  };
}

interface Solved {
  readonly jar: PlannedJar;
  /** Null for a jar without bakes. */
  readonly found: JarPlan | null;
  readonly steps: readonly Step[];
  readonly prospects: readonly Prospect[];
  readonly curves: Plan['curves'];
}

/**
 * Solves jar after jar; what touches one is a good moment for the next. Null when a school finds no way for bakes of another.
 *
 * @param before what was found already, to be tried otherwise
 */
function solveAll(
  whole: Problem,
  prepared: readonly PreparedJar[],
  weights: Weights,
  tell: OnProgress,
  before?: readonly Solved[],
): readonly Solved[] | null {
  const touched = new Set<Instant>();
  const all: Solved[] = [];
  for (const [j, given] of prepared.entries()) {
    const { jar, problem, start, lived } = given;
    const base = { problem, jar, start, weights, touched: new Set(touched), lived };
    const progress = (share: number) => tell((j + share) / prepared.length);
    const found = before?.[j]!.found ?? wayOf(given, base, progress);
    if (found === 'none') return null;
    const task: JarTask = { ...base, bakes: given.bakes };
    const solved = solvedAs(whole, task, before && found ? solvedOtherwise(task, found) : found);
    for (const step of solved.steps) if (isMixing(step)) touched.add(step.at);
    all.push(solved);
  }
  return all;
}

const slotsOf = ({ now, until, hands, time }: Problem, bakes: readonly Wanted[]) =>
  slotsFor(now, until, hands, bakes, time);

/** A way to a jar's bakes; null where it has none that can be had, 'none' where another school found one. */
function wayOf(
  given: PreparedJar,
  base: Omit<JarTask, 'bakes'>,
  progress: OnProgress,
): JarPlan | 'none' | null {
  if (given.bakes.length === 0) return null;
  const { problem, book } = given;
  const solve = (bakes: readonly Wanted[]) =>
    solveJar({ ...base, bakes }, { slots: slotsOf(problem, bakes), book, progress });
  const solved = solve(given.bakes);
  if (!solved && given.impossible.length > 0) return 'none';
  return solved ?? withoutTheImpossible(given, base, solve);
}

/** All that is done to a jar: for its bakes, in bowls beside it, and to keep it. */
function solvedAs(whole: Problem, task: JarTask, found: JarPlan | null): Solved {
  const weighed = found && easilyWeighed(task, found);
  const { jar, problem, start, bakes } = task;
  const slots = slotsOf(problem, bakes).all;
  const baked = weighed ? withSlack(task, weighed.steps) : [];
  const home = kitchenOf(problem).byId.get(jar.home ?? start.place)!;
  const { mother, bowls } = jar.beside
    ? besideTheMother(task, baked, home, slots)
    : { mother: baked, bowls: [] };
  const rhythm = bowls.length > 0 ? [] : keepRhythm(task, lastState(task, baked), home, slots);
  const own = handling(
    problem,
    start.place,
    takenApart(problem, bakes, [...mother, ...rhythm]).map((step) =>
      withinHands(step, problem.hands),
    ),
  );
  const besides = bowls.map((step) => withinHands(step, problem.hands));
  const levainOf = (bake: Wanted) => weighed!.levains.get(bake.id)!.stretch;
  return {
    jar,
    found,
    steps: [...besides, ...own].sort(inTurn),
    prospects: bakes.flatMap((bake) =>
      servedBy(bake).map((one) => prospectOf(problem, jar, levainOf(bake).mixing, one)),
    ),
    curves: [
      planCurve(whole, jar, start, own),
      ...bowls
        .filter(({ kind }) => kind === 'build')
        .flatMap(({ wanted }) =>
          bakes.flatMap((bake) =>
            servedBy(bake)
              .filter(({ id }) => id === wanted)
              .map((one) => bowlCurve(problem, jar, one, levainOf(bake))),
          ),
        ),
    ],
  };
}

/** Leaves out the bakes that cannot be had beside those before them, and notes why. */
function withoutTheImpossible(
  given: PreparedJar,
  base: Omit<JarTask, 'bakes'>,
  solve: (bakes: readonly Wanted[]) => JarPlan | null,
): JarPlan | null {
  let solved: JarPlan | null = null;
  let had: readonly Wanted[] = [];
  const impossible: Impossible[] = [];
  const areHad = (bakes: readonly Wanted[]): boolean => {
    const more = solve(bakes);
    if (!more) return false;
    solved = more;
    had = bakes;
    return true;
  };
  for (const bake of given.bakes) {
    if (areHad([...had, bake])) continue;
    // Where one levain will not do for several bakes, it may do for some of them, or each may have its own.
    for (const one of servedBy(bake)) {
      const together = withOneLevain(base.problem, base.jar, [...had, one]);
      const isHad =
        bake.serves !== undefined &&
        (areHad(together) || (together.length <= had.length && areHad([...had, one])));
      if (!isHad) impossible.push(explain({ ...base, bakes: [...had, one] }));
    }
  }
  given.bakes = had;
  given.impossible = impossible;
  return solved;
}

function gather(problem: Problem, parts: readonly Solved[]): Plan {
  const steps = parts.flatMap((part) => part.steps).sort(inTurn);
  const sum = (key: 'flourG' | 'discardG') =>
    steps.reduce((total, step) => total + (step[key] ?? 0), 0);
  return {
    name: 'balanced',
    steps,
    wanted: parts.flatMap(({ prospects }) => prospects),
    flourG: sum('flourG'),
    discardG: sum('discardG'),
    touches: new Set(steps.map(({ at }) => at)).size,
    curves: parts.flatMap(({ curves }) => curves),
    savings: savingsOf(problem.jars, steps),
  };
}

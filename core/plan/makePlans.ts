import { type Instant } from '../measure';
import { looksTheSame, worthALook } from './comparePlans';
import { type CourseBook, courseBookOf } from './courseBook';
import { explain } from './explain';
import { kitchenOf } from './kitchen';
import { type JarTask } from './price';
import {
  type Plan,
  type PlanCurve,
  type Planned,
  type PlannedJar,
  type Problem,
  type Prospect,
  type Step,
  type Weights,
} from './problem';
import { planCurve } from './planCurve';
import { keepRhythm, lastState } from './rhythm';
import { prospectOf } from './risk';
import { type Progress } from './searchJar';
import { withSlack } from './slack';
import { handsForJar, slotsFor } from './slots';
import { standingNow } from './standingNow';
import { solveJar } from './solveJar';
import { type Standing, type Stretch, isMixing } from './walk';

/** The plans that a baker chooses from: what each gives up the others for. */
const SCHOOLS: readonly { readonly weights: Weights; readonly elsewhere?: true }[] = [
  { weights: { flour: 1, touches: 1, oddHours: 1, risk: 1 } },
  // The same, with the levain built in another place than the first plan has it.
  { weights: { flour: 1, touches: 1, oddHours: 1, risk: 1 }, elsewhere: true },
  { weights: { flour: 0.5, touches: 4, oddHours: 1, risk: 0.6 } },
  { weights: { flour: 5, touches: 0.6, oddHours: 0.8, risk: 0.8 } },
];

/**
 * Solves a problem for each school of weights and keeps the plans that really differ.
 *
 * @param found called with each plan as it is found, so that the first can be shown while the others are sought
 */
export function makePlans(
  problem: Problem,
  found?: (plan: Plan) => void,
  progress?: Progress,
): Planned {
  const prepared = problem.jars.map((jar) => ({
    jar,
    start: standingNow(problem, jar),
    book: courseBookOf(problem, jar),
    lived: new Map<string, Stretch>(),
  }));
  const plans: Plan[] = [];
  let flourShort: number | null = null;
  for (const [s, { weights, elsewhere }] of SCHOOLS.entries()) {
    const avoid = elsewhere ? plans[0]?.steps.find(({ kind }) => kind === 'build')?.place : null;
    // Without a build there is no other place to build in.
    if (avoid === undefined) continue;
    const tell = (share: number) => progress?.((s + share) / SCHOOLS.length);
    const parts = solveAll(problem, prepared, times(weights, problem.weights), avoid, tell);
    const missing = parts.filter(({ steps }) => steps === null);
    if (missing.length > 0 && s > 0) continue;
    if (missing.length > 0) return { impossible: missing.map(({ task }) => explain(task)) };
    const plan = gather(parts);
    if (plan.flourG > (problem.limits.flourAtHandG ?? Infinity)) {
      flourShort = Math.min(flourShort ?? Infinity, plan.flourG);
      continue;
    }
    if (!plans.some((other) => looksTheSame(other, plan))) {
      plans.push(plan);
      found?.(plan);
    }
  }
  if (plans.length === 0 && flourShort !== null)
    return {
      impossible: problem.wanted.slice(0, 1).map(({ id }) => ({
        wanted: id,
        because: 'flourShort',
        nearest: [{ kind: 'moreFlour', flourG: flourShort }],
      })),
    };
  return { plans: worthALook(plans) };
}

const times = (a: Weights, b: Weights): Weights => ({
  flour: a.flour * b.flour,
  touches: a.touches * b.touches,
  oddHours: a.oddHours * b.oddHours,
  risk: a.risk * b.risk,
});

interface PreparedJar {
  readonly jar: PlannedJar;
  readonly start: Standing;
  readonly book: CourseBook;
  readonly lived: Map<string, Stretch>;
}

interface Solved {
  readonly task: JarTask;
  /** Null when its bakes cannot be had. */
  readonly steps: readonly Step[] | null;
  readonly prospects: readonly Prospect[];
  readonly curve: PlanCurve | null;
}

/** Solves jar after jar; what touches one is a good moment for the next. */
function solveAll(
  whole: Problem,
  prepared: readonly PreparedJar[],
  weights: Weights,
  avoid: string | null,
  tell: Progress,
): readonly Solved[] {
  const touched = new Set<Instant>();
  return prepared.map(({ jar, start, book, lived }, j) => {
    const hands = handsForJar(whole.hands, whole.leftAlone ?? [], jar.id);
    const problem = { ...whole, hands };
    const bakes = problem.wanted
      .filter((wanted) => wanted.jar === jar.id)
      .sort((a, b) => a.from - b.from);
    const slots = slotsFor(problem.now, problem.until, problem.hands, bakes);
    const task: JarTask = { problem, jar, start, bakes, weights, touched: new Set(touched), lived };
    const progress = (share: number) => tell((j + share) / prepared.length);
    const solved = bakes.length > 0 ? solveJar(task, { slots, book, avoid, progress }) : null;
    if (bakes.length > 0 && !solved) return { task, steps: null, prospects: [], curve: null };
    const baked = solved ? withSlack(task, solved.steps) : [];
    const home = kitchenOf(problem).byId.get(jar.home ?? start.place)!;
    const steps = [...baked, ...keepRhythm(task, lastState(task, baked), home, slots.all)];
    for (const step of steps) if (isMixing(step)) touched.add(step.at);
    return {
      task,
      steps,
      prospects: bakes.map((bake) => prospectOf(problem, jar, solved!.levains.get(bake.id)!, bake)),
      curve: planCurve(problem, jar, start, steps),
    };
  });
}

function gather(parts: readonly Solved[]): Plan {
  const steps = parts.flatMap((part) => part.steps ?? []).sort((a, b) => a.at - b.at);
  const sum = (key: 'flourG' | 'discardG') =>
    steps.reduce((total, step) => total + (step[key] ?? 0), 0);
  return {
    name: 'balanced',
    steps,
    wanted: parts.flatMap(({ prospects }) => prospects),
    flourG: sum('flourG'),
    discardG: sum('discardG'),
    touches: new Set(steps.map(({ at }) => at)).size,
    curves: parts.flatMap(({ curve }) => (curve ? [curve] : [])),
  };
}

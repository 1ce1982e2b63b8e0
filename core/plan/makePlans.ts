import { simulate } from '../ferment';
import { airOf, placeAt } from '../journal';
import { HOUR, type Instant } from '../measure';
import { buildingFeed } from './amounts';
import { courseOf, fedWith } from './course';
import {
  type Impossible,
  type Nearest,
  type Plan,
  type PlanCurve,
  type PlanName,
  type PlannedJar,
  type Problem,
  type Step,
  type Wanted,
  type Weights,
} from './problem';
import { planCurve } from './planCurve';
import { keepRhythm } from './rhythm';
import { GRAIN, inHands, slotsFor } from './slots';
import { BUILD_PARTS, type JarPlan, type Left, type Progress, solveJar } from './solveJar';

/** The plans that a baker chooses from: what each gives up the others for. */
const SCHOOLS: readonly { readonly weights: Weights; readonly elsewhere?: true }[] = [
  { weights: { flour: 1, touches: 1, oddHours: 1, risk: 1 } },
  // The same, with the levain built in another place than the first plan has it.
  { weights: { flour: 1, touches: 1, oddHours: 1, risk: 1 }, elsewhere: true },
  { weights: { flour: 0.5, touches: 4, oddHours: 1, risk: 0.6 } },
  { weights: { flour: 5, touches: 0.6, oddHours: 0.8, risk: 0.8 } },
];

/** Plans that differ, the balanced one first; or why there is none, for each bake that stands in the way. */
export type Planned =
  { readonly plans: readonly Plan[] } | { readonly impossible: readonly Impossible[] };

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
  const starts = new Map(problem.jars.map((jar) => [jar.id, startOf(problem, jar)]));
  const plans: Plan[] = [];
  for (const [s, { weights, elsewhere }] of SCHOOLS.entries()) {
    const avoid = elsewhere ? plans[0]?.steps.find(({ kind }) => kind === 'build')?.place : null;
    // Without a build there is no other place to build in.
    if (avoid === undefined) continue;
    const mixed = {
      flour: weights.flour * problem.weights.flour,
      touches: weights.touches * problem.weights.touches,
      oddHours: weights.oddHours * problem.weights.oddHours,
      risk: weights.risk * problem.weights.risk,
    };
    const tell = (share: number) => progress?.((s + share) / SCHOOLS.length);
    const parts = solveAll(problem, starts, mixed, avoid, tell);
    const missing = parts.filter(({ bakes, plan }) => bakes.length > 0 && !plan);
    if (missing.length > 0 && s > 0) continue;
    if (missing.length > 0)
      return {
        impossible: missing.map(({ jar, bakes }) =>
          explain(problem, jar, bakes, starts.get(jar.id)!, mixed),
        ),
      };
    const plan = gather(parts);
    if (!plans.some((other) => sameSteps(other, plan))) {
      plans.push(plan);
      found?.(plan);
    }
  }
  const worthwhile = plans.filter((plan) => !plans.some((other) => isBetter(other, plan)));
  // A baker should have a choice, even of the second best.
  return { plans: named(worthwhile.length > 1 ? worthwhile : plans.slice(0, 2)) };
}

/** The chance that every bake of a plan is ripe, by its weakest. */
const sureness = (plan: Plan) => Math.min(1, ...plan.wanted.map(({ chance }) => chance));

/** Whether one plan gives up nothing against another and gains something: then nobody need see the other. */
function isBetter(a: Plan, b: Plan): boolean {
  const gains = [
    sureness(a) - sureness(b),
    (b.flourG - a.flourG) / 100,
    (b.touches - a.touches) / 10,
  ];
  return a !== b && gains.every((gain) => gain >= 0) && gains.some((gain) => gain > 0.02);
}

/** Names the plans by what each is really best at. */
function named(plans: readonly Plan[]): readonly Plan[] {
  const taken = new Set<PlanName>(['balanced']);
  const best: readonly (readonly [PlanName, (plan: Plan) => number])[] = [
    ['safest', (plan) => -sureness(plan)],
    ['fewestTouches', (plan) => plan.touches],
    ['leastFlour', (plan) => plan.flourG],
  ];
  return plans.map((plan, i) => {
    if (i === 0) return plan;
    const found = best.find(
      ([name, of]) => !taken.has(name) && plans.every((p) => p === plan || of(plan) < of(p)),
    );
    if (found) taken.add(found[0]);
    return { ...plan, name: found?.[0] ?? 'another' };
  });
}

interface Solved {
  readonly jar: PlannedJar;
  readonly bakes: readonly Wanted[];
  readonly plan: JarPlan | null;
  readonly steps: readonly Step[];
  readonly curve: PlanCurve | null;
}

function solveAll(
  problem: Problem,
  starts: ReadonlyMap<string, Start>,
  weights: Weights,
  avoid: string | null,
  tell: Progress,
): readonly Solved[] {
  return problem.jars.map((jar, j) => {
    const start = starts.get(jar.id)!;
    const bakes = bakesOf(problem, jar);
    const slots = slotsFor(problem.now, problem.until, problem.hands, bakes);
    const plan =
      bakes.length === 0
        ? null
        : solveJar(problem, jar, bakes, slots, start, weights, avoid, (share) =>
            tell((j + share) / problem.jars.length),
          );
    if (bakes.length > 0 && !plan) return { jar, bakes, plan, steps: [], curve: null };
    const left: Left = plan?.left ?? { at: problem.now, massG: jar.massG, ...start };
    const home = placeAt(problem.places, start.place, problem.now)!;
    const rest = keepRhythm(problem, jar, left, home, schoolParts(problem, jar), slots);
    const steps = withSlack(problem, jar, [...(plan?.steps ?? []), ...rest]);
    return { jar, bakes, plan, steps, curve: planCurve(problem, jar, start, steps) };
  });
}

interface Start {
  readonly mix: PlannedJar['fedMix'];
  readonly place: string;
}

const bakesOf = (problem: Problem, jar: PlannedJar) =>
  problem.wanted.filter((w) => w.jar === jar.id).sort((a, b) => a.from - b.from);

/** How a jar stands now, from where its log left it. */
function startOf(problem: Problem, jar: PlannedJar): Start {
  const air = airOf(jar.stays, jar.since, problem.places, problem.time);
  const hours = Math.max(0, (problem.now - jar.since) / HOUR);
  return {
    mix: simulate(jar.fedMix, { air, vessel: jar.vessel, pace: jar.pace }, hours),
    place: jar.stays[jar.stays.length - 1]!.place,
  };
}

const schoolParts = ({ limits }: Problem, jar: PlannedJar) =>
  Math.min(limits.partsMax, Math.max(limits.partsMin, jar.parts));

function gather(parts: readonly Solved[]): Plan {
  const steps = parts.flatMap((part) => part.steps).sort((a, b) => a.at - b.at);
  const sum = (key: 'flourG' | 'discardG') =>
    steps.reduce((total, step) => total + (step[key] ?? 0), 0);
  return {
    name: 'balanced',
    steps,
    wanted: parts.flatMap(({ plan }) => plan?.prospects ?? []),
    flourG: sum('flourG'),
    discardG: sum('discardG'),
    touches: new Set(steps.map(({ at }) => at)).size,
    curves: parts.flatMap(({ curve }) => (curve ? [curve] : [])),
    cost: parts.reduce((total, { plan }) => total + (plan?.cost ?? 0), 0),
  };
}

/** Whether a baker would see no difference: the same builds within the hour, and as much flour and fuss. */
const sameSteps = (a: Plan, b: Plan) =>
  a.touches === b.touches &&
  Math.abs(a.flourG - b.flourG) <= 0.05 * a.flourG &&
  a.wanted.every((prospect) => {
    const [one, other] = [a, b].map((plan) =>
      plan.steps.find((step) => step.kind === 'build' && step.wanted === prospect.id),
    );
    return one?.place === other?.place && Math.abs((one?.at ?? 0) - (other?.at ?? 0)) <= HOUR;
  });

/** How far a build can slip before its levain would not be ripe in the window. */
function withSlack(problem: Problem, jar: PlannedJar, steps: readonly Step[]): readonly Step[] {
  const start = startOf(problem, jar);
  let mix = start.mix;
  let at = problem.now;
  let place = start.place;
  return steps.map((step, i) => {
    const before = { mix, at, place };
    const stood = courseOf(problem, jar, mix, at, { place }, Math.max(0.01, (step.at - at) / HOUR));
    mix = stood.mixAt((step.at - at) / HOUR);
    at = step.at;
    if (step.place) place = step.place;
    if (step.keepG === undefined) return step;
    const parts = step.flourG! / step.keepG;
    mix = fedWith(problem, jar, mix, step.at, parts, step.keepG);
    const bake = problem.wanted.find((w) => w.id === step.wanted);
    if (step.kind !== 'build' || !bake) return step;
    const moves = steps[i + 1]?.kind === 'move' ? steps[i + 1]! : null;
    const works = (when: Instant) => {
      if (!inHands(problem.hands, when) || when < problem.now) return false;
      const h = (when - before.at) / HOUR;
      if (h < 0) return false;
      const then = courseOf(problem, jar, before.mix, before.at, { place: before.place }, h + 0.01);
      const fed = fedWith(problem, jar, then.mixAt(h), when, parts, step.keepG);
      const stand = moves
        ? { place: step.place!, thenAfterH: (moves.at - step.at) / HOUR, then: moves.place! }
        : { place: step.place! };
      const hours = (bake.until - when) / HOUR + 8;
      const { ripeFromH, ripeUntilH } = courseOf(problem, jar, fed, when, stand, hours);
      return (
        ripeFromH !== null &&
        ripeUntilH !== null &&
        when + ripeFromH * HOUR <= bake.from &&
        when + ripeUntilH * HOUR >= bake.until
      );
    };
    let earliest = step.at;
    let latest = step.at;
    while (step.at - earliest < 6 * HOUR && works(earliest - GRAIN)) earliest -= GRAIN;
    while (latest - step.at < 6 * HOUR && works(latest + GRAIN)) latest += GRAIN;
    return { ...step, earliest, latest };
  });
}

/** Hours around its window that a bake which cannot be had might be had at. */
const SHIFTS = [1, 2, 3, 4, 6, 8, 12, 18, 24];

/** Why a jar's bakes cannot be had, and what comes nearest. */
function explain(
  problem: Problem,
  jar: PlannedJar,
  bakes: readonly Wanted[],
  start: Start,
  weights: Weights,
): Impossible {
  const solve = (p: Problem, wanted: readonly Wanted[]) =>
    solveJar(
      p,
      jar,
      wanted,
      slotsFor(p.now, p.until, p.hands, wanted),
      start,
      weights,
      null,
      undefined,
      1,
    );
  const bake =
    bakes.find((_, i) => solve(problem, bakes.slice(0, i + 1)) === null) ??
    bakes[bakes.length - 1]!;
  const earlier = bakes.slice(0, bakes.indexOf(bake));
  const nearest: Nearest[] = [];

  if (!problem.hands.some((h) => h.from <= bake.until && h.until >= bake.from))
    nearest.push({ kind: 'handsAt', at: bake.from });

  const shifted = SHIFTS.flatMap((hours) => [hours, -hours]).find((hours) => {
    const moved = { ...bake, from: bake.from + hours * HOUR, until: bake.until + hours * HOUR };
    return (
      moved.from > problem.now &&
      moved.until < problem.until &&
      solve(problem, [...earlier, moved]) !== null
    );
  });
  if (shifted !== undefined)
    nearest.push({
      kind: 'otherHour',
      from: bake.from + shifted * HOUR,
      until: bake.until + shifted * HOUR,
    });

  const always = { ...problem, hands: [{ from: problem.now, until: problem.until }] };
  const withHands = solve(always, [...earlier, bake]);
  const missing = withHands?.steps.find(
    (step) => step.kind !== 'take' && !inHands(problem.hands, step.at),
  );
  if (missing) nearest.push({ kind: 'handsAt', at: missing.at });

  const room = mostLevain(jar);
  if (bake.levainG > room) nearest.push({ kind: 'less', levainG: room });
  const because =
    bake.levainG > room
      ? 'jarTooSmall'
      : withHands
        ? 'handsAway'
        : shifted !== undefined && shifted > 0
          ? 'tooSoon'
          : 'neverRipe';
  return { wanted: bake.id, because, nearest };
}

/** The most levain a jar can build without climbing out, at whatever ratio suits best; whole tens of grams. */
function mostLevain(jar: PlannedJar): number {
  const most = jar.vessel.capacityMl / 2.5;
  const fits = (levainG: number) =>
    BUILD_PARTS.some((parts) => {
      const amounts = buildingFeed(jar, jar.massG, parts, levainG);
      return amounts !== null && amounts.keepG + amounts.flourG + amounts.waterG <= most;
    });
  let levainG = 0;
  while (levainG < 5000 && fits(levainG + 10)) levainG += 10;
  return levainG;
}

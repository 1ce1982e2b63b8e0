import { HOUR, type Instant, flourAndWater } from '../measure';
import {
  type StepAmounts,
  buildingFeed,
  inFives,
  keepingFeed,
  neededG,
  toppingUp,
  totalG,
} from './amounts';
import { kitchenOf } from './kitchen';
import { BUILD_PARTS } from './likelyBuilds';
import { type JarTask, type Priced } from './price';
import { type Step } from './problem';
import { GRAIN, type Slots, inHands } from './slots';
import { isMixing } from './walk';

/** Plans that differ from one in a single thing: a walk or a feed left out or put in, another hour, ratio or place. */
export function* neighboursOf(
  task: JarTask,
  { steps, levains }: Priced & { readonly steps: readonly Step[] },
  slots: Slots,
): Generator<readonly Step[] | null> {
  const { places, fridge } = kitchenOf(task.problem);
  const { partsMin, partsMax } = task.problem.limits;
  const ratios = BUILD_PARTS.filter((p) => p >= partsMin && p <= partsMax);
  for (const [i, step] of steps.entries()) {
    if (step.kind === 'move') {
      yield steps.toSpliced(i, 1);
      for (const grains of NEAR) yield shifted(task, steps, i, grains * GRAIN);
      for (const { id } of places)
        if (id !== step.place) yield steps.with(i, { ...step, place: id });
    }
    if (!isMixing(step)) continue;
    const parts = step.flourG! / step.keepG!;
    for (const at of hoursNear(step, slots)) yield shifted(task, steps, i, at - step.at);
    if (step.kind === 'feed') {
      yield settled(task, steps.toSpliced(i, 1 + followersOf(steps, i)), null, 0);
      for (const other of ratios)
        if (Math.abs(other - parts) > 0.2) yield settled(task, steps, step, other);
      // Straight into the cold, or left out.
      const alone = steps.toSpliced(i + 1, followersOf(steps, i));
      for (const { id } of places)
        if (id !== step.place || alone.length < steps.length)
          yield alone.with(i, { ...step, place: id });
      continue;
    }
    for (const { id } of places) if (id !== step.place) yield steps.with(i, { ...step, place: id });
    for (const kind of ['build', 'topUp'] as const)
      if (kind !== step.kind) yield settled(task, steps.with(i, { ...step, kind }), null, 0);
    const levain = levains.get(step.wanted!);
    const unsure = levain !== undefined && levain.chance < SURE;
    if (step.kind === 'topUp') continue;
    const lower = ratios.findLast((p) => p < parts - 0.2);
    const higher = ratios.find((p) => p > parts + 0.2);
    for (const other of [lower, higher])
      if (other !== undefined) yield settled(task, steps, step, other);
    // A levain that is too early waits in the cold.
    const take = steps.find(({ kind, wanted }) => kind === 'take' && wanted === step.wanted);
    const ripeFromH = levain?.stretch.course.ripeFromH ?? null;
    if (!unsure || !fridge || !take || ripeFromH === null || steps[i + 1]?.kind === 'move')
      continue;
    for (let h = Math.ceil(2 * ripeFromH) / 2 - 1.5; h <= ripeFromH + 1; h += 0.5) {
      const at = step.at + h * HOUR;
      if (at <= step.at || at >= take.at || !inHands(task.problem.hands, at)) continue;
      const hold: Step = {
        at,
        earliest: at,
        latest: at,
        kind: 'move',
        jar: step.jar,
        place: fridge.id,
      };
      yield [...steps, hold].toSorted((x, y) => x.at - y.at);
    }
  }
}

/** A bake as likely as this needs no other way. */
const SURE = 0.9;
/** Half hours around a step. */
const NEAR = [-2, -1, 1, 2];

/** Half hours around a levain's mixing; the slots before and after a feed. */
function hoursNear({ kind, at }: Step, { all }: Slots): readonly Instant[] {
  if (kind !== 'feed') return NEAR.map((grains) => at + grains * GRAIN);
  const before = all.findLast((slot) => slot < at);
  const after = all.find((slot) => slot > at);
  return [before, after].filter((slot) => slot !== undefined);
}

/**
 * The steps with one mixing earlier or later, and the walks that follow it along. Null when hands are not there, or it
 * would pass another step.
 */
export function shifted(
  { problem }: JarTask,
  steps: readonly Step[],
  index: number,
  by: number,
): readonly Step[] | null {
  const followers = followersOf(steps, index);
  const before = steps[index - 1]?.at ?? problem.now;
  const after = steps[index + 1 + followers]?.at ?? Infinity;
  const moved = steps.slice(index, index + 1 + followers).map((step) => ({
    ...step,
    at: step.at + by,
    earliest: step.earliest + by,
    latest: step.latest + by,
  }));
  const possible = (at: Instant) => at >= before && at < after && inHands(problem.hands, at);
  if (!moved.every(({ at }) => possible(at))) return null;
  return [...steps.slice(0, index), ...moved, ...steps.slice(index + 1 + followers)];
}

/** A walk within so long of a feed belongs to it. */
const BELONGS = 3 * HOUR;

function followersOf(steps: readonly Step[], index: number): number {
  let count = 0;
  while (
    steps[index + 1 + count]?.kind === 'move' &&
    steps[index + 1 + count]!.at - steps[index]!.at <= BELONGS
  )
    count++;
  return count;
}

/** The steps with their amounts reckoned anew from what is in the jar, one of them at another ratio. Null when it does not give. */
export const settled = (
  task: JarTask,
  steps: readonly Step[],
  changed: Step | null,
  parts: number,
): readonly Step[] | null =>
  mixedAnew(task, steps, (step) => (step === changed ? parts : Math.min(10, partsOf(step))));

/** The steps with some of their levains in grams that are easily weighed, and what follows from that. */
export const weighedInFives = (
  task: JarTask,
  steps: readonly Step[],
  levains: readonly Step[],
): readonly Step[] | null => mixedAnew(task, steps, partsOf, levains);

const partsOf = ({ flourG, keepG }: Step) => flourG! / keepG!;

function mixedAnew(
  { problem, jar, start, bakes }: JarTask,
  steps: readonly Step[],
  ratioOf: (step: Step) => number,
  inRound: readonly Step[] = [],
): readonly Step[] | null {
  let { massG } = jar;
  let { hydrationPct } = start.mix;
  const again: Step[] = [];
  for (const step of steps) {
    if (!isMixing(step)) {
      massG -= step.takeG ?? 0;
      again.push(step);
      continue;
    }
    const ratio = ratioOf(step);
    const bake = bakes.find(({ id }) => id === step.wanted);
    const exact: StepAmounts | null =
      step.kind === 'build'
        ? buildingFeed(jar, massG, hydrationPct, ratio, bake!)
        : step.kind === 'topUp'
          ? toppingUp(jar, massG, hydrationPct, bake!)
          : keepingFeed(jar, massG, ratio);
    if (!exact) return null;
    const amounts =
      bake && inRound.includes(step)
        ? inFives(problem.limits, exact, {
            neededG: neededG(jar, bake),
            seedHydrationPct: hydrationPct,
            hydration: bake.hydration ?? jar.hydration,
            toppedUp: step.kind === 'topUp',
          })
        : exact;
    const kept = flourAndWater(amounts.keepG, hydrationPct);
    hydrationPct = (100 * (kept.waterG + amounts.waterG)) / (kept.flourG + amounts.flourG);
    massG = totalG(amounts);
    again.push({ ...step, ...amounts });
  }
  return again;
}

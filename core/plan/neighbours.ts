import { HOUR, type Instant, flourAndWater } from '../measure';
import { type StepAmounts, buildingFeed, keepingFeed, toppingUp, totalG } from './amounts';
import { isCold, kitchenOf } from './kitchen';
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
    const ripeFromH = levain?.course.ripeFromH ?? null;
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
/** A starter is refreshed for a levain within so long before it. */
const REFRESHED_WITHIN = 36 * HOUR;

/**
 * Plans with the levains that are not sure made otherwise altogether: from the starter as it is, at another hour and place,
 * perhaps warmed up before, or from one that is refreshed first.
 */
export function* otherLevains(
  task: JarTask,
  { steps, levains }: Priced & { readonly steps: readonly Step[] },
  slots: Slots,
): Generator<readonly Step[] | null> {
  const { partsMin, partsMax } = task.problem.limits;
  const ratios = BUILD_PARTS.filter((p) => p >= partsMin && p <= partsMax);
  for (const [i, step] of steps.entries()) {
    if (step.kind !== 'build' && step.kind !== 'topUp') continue;
    if ((levains.get(step.wanted!)?.chance ?? 1) >= SURE) continue;
    yield* refreshedBefore(task, steps, i, slots, ratios);
    yield* warmedBefore(task, steps, i, slots, ratios);
  }
}

/** What stays of a plan's steps around a levain that is made otherwise, and from when on it may be touched. */
function around({ problem }: JarTask, steps: readonly Step[], levain: number) {
  const { wanted } = steps[levain]!;
  const mixedBefore = steps.findLastIndex((other, i) => i < levain && isMixing(other));
  const take = steps.find((step) => step.kind === 'take' && step.wanted === wanted);
  return {
    kept: steps.slice(0, mixedBefore + 1),
    after: steps.slice(levain + 1).filter(({ kind, at }) => kind !== 'move' || at > take!.at),
    takeAt: take!.at,
    since: steps[mixedBefore]?.at ?? problem.now - 1,
    refreshed: steps[mixedBefore]?.kind === 'feed',
  };
}

const stepAt = (at: Instant): Pick<Step, 'at' | 'earliest' | 'latest'> => ({
  at,
  earliest: at,
  latest: at,
});

/** A levain from the starter as it is, left where it stands or warmed up some hours before. */
function* warmedBefore(
  task: JarTask,
  steps: readonly Step[],
  levain: number,
  { all }: Slots,
  parts: readonly number[],
): Generator<readonly Step[] | null> {
  const step = steps[levain]!;
  const { kept, after, takeAt, since } = around(task, steps, levain);
  const { places } = kitchenOf(task.problem);
  const warm = places.filter((place) => !isCold(place));
  const cold = places.find(({ kind }) => kind === 'larder') ?? places.find(isCold);
  const heldAt = takeAt - HELD_FOR;
  const holds: readonly (readonly Step[])[] =
    cold && inHands(task.problem.hands, heldAt)
      ? [[], [{ ...stepAt(heldAt), kind: 'move', jar: step.jar, place: cold.id }]]
      : [[]];
  for (const at of all) {
    if (at <= since || at > takeAt - LEAST_BETWEEN / 2 || takeAt - at > MADE_WITHIN) continue;
    const out = all.findLast((slot) => slot > since && slot <= at - LEAST_BETWEEN);
    for (const place of warm) {
      const build: Step = { ...step, ...stepAt(at), kind: 'build', place: place.id };
      const walks: readonly (readonly Step[])[] =
        out === undefined
          ? [[]]
          : [[], [{ ...stepAt(out), kind: 'move', jar: step.jar, place: place.id }]];
      for (const walk of walks)
        for (const hold of holds)
          if (hold.length === 0 || at < heldAt)
            for (const ratio of parts.filter((_, i) => i % 2 === 0))
              yield settled(task, [...kept, ...walk, build, ...hold, ...after], build, ratio);
    }
  }
}

/** A levain from a starter that is refreshed first, at any hours that suit both. */
function* refreshedBefore(
  task: JarTask,
  steps: readonly Step[],
  levain: number,
  { all, forFeeds }: Slots,
  parts: readonly number[],
): Generator<readonly Step[] | null> {
  const { jar, problem } = task;
  const step = steps[levain]!;
  const { kept, after, takeAt, since, refreshed } = around(task, steps, levain);
  if (refreshed) return;
  const own = step.flourG! / step.keepG!;
  const ratios = step.kind === 'build' ? parts.filter((p) => p <= own + 0.2).slice(-3) : [2];
  const { counter, fridge } = kitchenOf(problem);
  const stands = [counter, fridge].filter((place) => place !== null);
  for (const slot of forFeeds) {
    if (slot <= since || takeAt - slot > REFRESHED_WITHIN) continue;
    for (const place of stands) {
      const feed: Step = {
        ...stepAt(slot),
        kind: 'feed',
        jar: jar.id,
        ...keepingFeed(jar, jar.massG, jar.parts),
        place: place.id,
      };
      for (const at of all) {
        if (at < slot + LEAST_BETWEEN || at > takeAt - LEAST_BETWEEN) continue;
        const topUp: Step = { ...step, ...stepAt(at), kind: 'topUp' };
        yield settled(task, [...kept, feed, topUp, ...after], null, 0);
        const build: Step = { ...step, ...stepAt(at), kind: 'build' };
        for (const ratio of ratios)
          yield settled(task, [...kept, feed, build, ...after], build, ratio);
      }
    }
  }
}

/** A levain that may come too early is held so long before its bake; small changes find the hour. */
const HELD_FOR = 2 * HOUR;
/** A levain is made within so long before its bake. */
const MADE_WITHIN = 20 * HOUR;
/** A feed takes so long at the least to come to anything. */
const LEAST_BETWEEN = 4 * HOUR;

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
function settled(
  { jar, start, bakes }: JarTask,
  steps: readonly Step[],
  changed: Step | null,
  parts: number,
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
    const ratio = step === changed ? parts : Math.min(10, step.flourG! / step.keepG!);
    const bake = bakes.find(({ id }) => id === step.wanted);
    const amounts: StepAmounts | null =
      step.kind === 'build'
        ? buildingFeed(jar, massG, hydrationPct, ratio, bake!)
        : step.kind === 'topUp'
          ? toppingUp(jar, massG, hydrationPct, bake!)
          : keepingFeed(jar, massG, ratio);
    if (!amounts) return null;
    const kept = flourAndWater(amounts.keepG, hydrationPct);
    hydrationPct = (100 * (kept.waterG + amounts.waterG)) / (kept.flourG + amounts.flourG);
    massG = totalG(amounts);
    again.push({ ...step, ...amounts });
  }
  return again;
}

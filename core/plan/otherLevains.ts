import { HOUR, type Instant } from '../measure';
import { keepingFeed } from './amounts';
import { isCold, kitchenOf } from './kitchen';
import { BUILD_PARTS } from './likelyBuilds';
import { SURE, settled } from './neighbours';
import { type JarTask, type Priced } from './price';
import { type Step } from './problem';
import { type Slots, inHands } from './slots';
import { isMixing } from './walk';

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

/** A starter is refreshed for a levain within so long before it. */
const REFRESHED_WITHIN = 36 * HOUR;

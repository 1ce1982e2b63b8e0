import { DAY, HOUR, type Instant } from '../measure';
import { keepingFeed } from './amounts';
import { isCold, kitchenOf } from './kitchen';
import { BUILD_PARTS } from './likelyBuilds';
import { settled } from './neighbours';
import { type JarTask } from './price';
import { type Step } from './problem';
import { GRAIN, inHands } from './slots';
import { isMixing } from './walk';

/**
 * Plans that differ from one in a single choice.
 *
 * @param of the one bake whose levain is made otherwise; any when not given
 */
export type Variation = (
  task: JarTask,
  steps: readonly Step[],
  of?: string,
) => Iterable<readonly Step[] | null>;

/** What can be chosen about the making of a levain, one thing after the other. */
export const VARIATIONS: readonly Variation[] = [
  otherHours,
  otherRatios,
  otherPlaces,
  anotherWalk,
  aRefresh,
  withoutOne,
];

/** A plan with levains made in another usual way, from which single choices lead elsewhere. */
export interface OtherBeginning {
  /** The bake whose levain it is; all of them when not given. */
  readonly of?: string;
  readonly steps: readonly Step[];
}

const RECIPES: readonly Recipe[] = [
  { outH: 20, buildH: 6, parts: 1 },
  { buildH: 12, parts: 3 },
  { refreshH: 16, buildH: 8, parts: 4 },
];

/** Every other usual way in which a plan's levains could be made. */
export function* otherBeginnings(task: JarTask, steps: readonly Step[]): Generator<OtherBeginning> {
  const held = heldAtLast(task, steps);
  if (held) yield { steps: held };
  for (const making of makingsOf(task, steps))
    for (const recipe of RECIPES) {
      const other = made(task, steps, making, recipe);
      if (other) yield { of: making.take.wanted!, steps: other };
    }
}

/** Its levains held in the cold for their last hour. */
function heldAtLast(task: JarTask, steps: readonly Step[]): readonly Step[] | null {
  const { fridge } = kitchenOf(task.problem);
  if (!fridge) return null;
  let held = steps;
  for (const { take, from } of makingsOf(task, steps)) {
    const last = held.findLast(({ at }) => at < take.at);
    const at = take.at - LEAST_HELD;
    const free = last && isMixing(last) && last.at > from && last.at < at;
    if (free && inHands(task.problem.hands, at)) held = inserted(held, moveTo(task, at, fridge.id));
  }
  return held === steps ? null : held;
}

/** A way to make a levain, by hours before it is taken. */
interface Recipe {
  /** Taken out of the cold so long before ... */
  readonly outH?: number;
  /** ... or refreshed. */
  readonly refreshH?: number;
  readonly buildH: number;
  readonly parts: number;
}

/** A levain made by a recipe, as near to its hours as there are hands, and held in the cold for its last hour. */
function made(
  task: JarTask,
  steps: readonly Step[],
  making: Making,
  { outH, refreshH, buildH, parts }: Recipe,
): readonly Step[] | null {
  const { counter, fridge } = kitchenOf(task.problem);
  const levain = steps.find((step) => within(making, step) && step.wanted !== undefined);
  if (!counter || !levain) return null;
  const hours = halfHours(task, making);
  const near = (h: number) =>
    hours.toSorted(
      (a, b) => Math.abs(making.take.at - h * HOUR - a) - Math.abs(making.take.at - h * HOUR - b),
    )[0];
  const buildAt = near(buildH);
  if (buildAt === undefined) return null;
  const build: Step = { ...atHour(levain, buildAt), kind: 'build', place: counter.id };
  let other = inserted(
    steps.filter((step) => !within(making, step)),
    build,
  );
  const outAt = outH === undefined ? undefined : near(outH);
  if (outAt !== undefined && outAt < buildAt)
    other = inserted(other, moveTo(task, outAt, counter.id));
  const refreshAt = refreshH === undefined ? undefined : near(refreshH);
  if (refreshAt !== undefined && refreshAt < buildAt)
    other = inserted(other, refresh(task, levain, refreshAt, counter.id));
  const heldAt = making.take.at - LEAST_HELD;
  if (fridge && heldAt > buildAt && inHands(task.problem.hands, heldAt))
    other = inserted(other, moveTo(task, heldAt, fridge.id));
  return settled(task, other, build, parts);
}

function refresh({ jar }: JarTask, { wanted: _, ...like }: Step, at: Instant, place: string): Step {
  return { ...atHour(like, at), kind: 'feed', ...keepingFeed(jar, jar.massG, jar.parts), place };
}

/** The stretch in which a bake's levain is made: from the bake before it, or from now, until it is taken. */
interface Making {
  readonly from: Instant;
  readonly take: Step;
}

function makingsOf({ problem }: JarTask, steps: readonly Step[], of?: string): readonly Making[] {
  let from = problem.now - 1;
  return steps.flatMap((take) => {
    if (take.kind !== 'take') return [];
    const making = { from: Math.max(from, take.at - MADE_WITHIN), take };
    from = take.at;
    const asked = of === undefined || take.wanted === of;
    return asked && take.at - problem.now <= SOON ? [making] : [];
  });
}

const within = ({ from, take }: Making, { at, kind }: Step): boolean =>
  kind !== 'take' && at > from && at < take.at;

/** Every half hour of the kitchen's clock in which a levain is made and somebody is there. */
function halfHours({ problem }: JarTask, { from, take }: Making): readonly Instant[] {
  const local = problem.time.offset(take.at);
  const first = Math.ceil((Math.max(from + 1, problem.now) + local) / GRAIN) * GRAIN - local;
  const hours: Instant[] = [];
  for (let at = first; at < take.at; at += GRAIN) if (inHands(problem.hands, at)) hours.push(at);
  return hours;
}

/** Each step of the making of each levain. */
function* stepsMaking(task: JarTask, steps: readonly Step[], of?: string) {
  for (const making of makingsOf(task, steps, of))
    for (const [i, step] of steps.entries()) if (within(making, step)) yield { making, step, i };
}

function* otherHours(task: JarTask, steps: readonly Step[], of?: string) {
  for (const { making, step, i } of stepsMaking(task, steps, of))
    for (const at of hoursBetween(task, making, steps, i))
      if (at !== step.at) yield steps.with(i, atHour(step, at));
}

/** A step at another hour and in another place at once: neither alone may gain. */
export function* elsewhere(task: JarTask, steps: readonly Step[]) {
  const { places } = kitchenOf(task.problem);
  for (const { making, step, i } of stepsMaking(task, steps))
    for (const at of hoursBetween(task, making, steps, i))
      for (const { id } of places)
        if (id !== step.place) yield steps.with(i, { ...atHour(step, at), place: id });
}

/** Half hours at which a step may be without passing another. */
function hoursBetween(task: JarTask, making: Making, steps: readonly Step[], i: number) {
  const after = steps[i - 1]?.at ?? -Infinity;
  const before = steps[i + 1]!.at;
  return halfHours(task, making).filter((at) => at > after && at < before);
}

function* otherRatios(task: JarTask, steps: readonly Step[], of?: string) {
  const { partsMin, partsMax } = task.problem.limits;
  const ratios = BUILD_PARTS.filter((parts) => parts >= partsMin && parts <= partsMax);
  for (const { step, i } of stepsMaking(task, steps, of)) {
    if (!isMixing(step)) continue;
    for (const parts of ratios) yield settled(task, steps, step, parts);
    if (step.kind === 'feed') continue;
    const kind = step.kind === 'build' ? 'topUp' : 'build';
    yield settled(task, steps.with(i, { ...step, kind }), null, 0);
  }
}

function* otherPlaces(task: JarTask, steps: readonly Step[], of?: string) {
  const { places } = kitchenOf(task.problem);
  for (const { step, i } of stepsMaking(task, steps, of))
    for (const { id } of places) if (id !== step.place) yield steps.with(i, { ...step, place: id });
}

function* anotherWalk(task: JarTask, steps: readonly Step[], of?: string) {
  const { places } = kitchenOf(task.problem);
  for (const making of makingsOf(task, steps, of))
    for (const at of halfHours(task, making)) {
      const before = steps.findLast((step) => step.at <= at && step.kind !== 'take');
      if (before?.at === at) continue;
      const place = before?.place ?? task.start.place;
      for (const { id } of places) if (id !== place) yield inserted(steps, moveTo(task, at, id));
    }
}

/** Starter that is refreshed before its levain is made. */
function* aRefresh(task: JarTask, steps: readonly Step[], of?: string) {
  const { counter, places } = kitchenOf(task.problem);
  const stands = [counter, places.find(isCold)].flatMap((place) => place ?? []);
  for (const making of makingsOf(task, steps, of)) {
    const levain = steps.find((step) => within(making, step) && isMixing(step));
    if (!levain || levain.kind === 'feed') continue;
    // Walks of the jar before it are no part of it any more.
    const alone = steps.filter((step) => !within(making, step) || step.at >= levain.at);
    for (const at of halfHours(task, making)) {
      if (at % REFRESHED_EVERY !== 0 || at >= levain.at) continue;
      for (const { id } of stands)
        yield settled(task, inserted(alone, refresh(task, levain, at, id)), null, 0);
    }
  }
}

function* withoutOne(task: JarTask, steps: readonly Step[], of?: string) {
  for (const { step, i } of stepsMaking(task, steps, of))
    if (step.kind === 'move' || step.kind === 'feed')
      yield settled(task, steps.toSpliced(i, 1), null, 0);
}

const atHour = (step: Step, at: Instant): Step => ({ ...step, at, earliest: at, latest: at });

const moveTo = ({ jar }: JarTask, at: Instant, place: string): Step => ({
  at,
  earliest: at,
  latest: at,
  kind: 'move',
  jar: jar.id,
  place,
});

const inserted = (steps: readonly Step[], step: Step): readonly Step[] =>
  [...steps, step].toSorted((a, b) => a.at - b.at);

/** A bake that is farther away is planned anew before its hour comes. */
const SOON = 5 * DAY;
/** A levain is made within so long before its bake, its refresh included. */
const MADE_WITHIN = 36 * HOUR;
/** A refresh is tried at so many hours; its neighbours find the half hour. */
const REFRESHED_EVERY = 2 * HOUR;
/** A levain that is held in the cold is held so long at the least. */
const LEAST_HELD = HOUR;

import { STICKS_G, levainWays } from '../bench';
import { type Place } from '../ferment';
import { HOUR, type Instant } from '../measure';
import { inFives, keepingFeed } from './amounts';
import { kitchenOf } from './kitchen';
import { FIRST_OUT_H } from './leaving';
import { type JarTask, STILL_FED } from './price';
import { type Step, type Wanted } from './problem';
import { servedBy, takenApart } from './oneLevain';
import { type Left, keepRhythm, lastState } from './rhythm';
import { inHands } from './slots';
import { MOVE_SLACK } from './stepsOf';

/** A jar's steps where its levains are built in bowls beside it: what is done to the jar, and what to the bowls. */
export interface BesideSteps {
  /** Only the jar's own: it gives its grams, and is fed. */
  readonly mother: readonly Step[];
  /** Builds, walks and takes of the bowls. */
  readonly bowls: readonly Step[];
}

/**
 * Turns steps that build levains in the jar itself into those of a baker with a second vessel. The levain is mixed at the same
 * hour and ratio in a bowl, only for its bake, or in a bowl for each of the bakes that it serves; the jar gives the seed, is
 * fed where it is hungry, and never used up. After the last build it keeps to its rhythm.
 *
 * @param baked steps as they were found, in order of time
 */
export function besideTheMother(
  task: JarTask,
  baked: readonly Step[],
  home: Place,
  slots: readonly Instant[],
): BesideSteps {
  const bowls: Step[] = [];
  let mother: readonly Step[] = [];
  /** The bakes whose levain stands in a bowl; all that were mixed together stay where they are once the first is taken. */
  let inBowls: readonly Wanted[] = [];
  let isTaken = false;
  let lastBuild: Instant | null = null;
  for (const step of takenApart(task.problem, task.bakes, baked)) {
    const { kind, at, place, wanted } = step;
    if (kind === 'build' || kind === 'topUp') {
      const bakes = task.bakes.filter(({ id }) => id === wanted).flatMap(servedBy);
      const left = atHour(task, mother, at);
      const built = bakes.flatMap((bake) => builtBeside(task, step, bake, left) ?? []);
      const seedG = built.reduce((sum, { keepG = 0 }) => sum + keepG, 0);
      if (built.length === 0 || built.length < bakes.length || seedG > left.massG)
        return { mother: baked, bowls: [] };
      bowls.push(...built);
      mother = [...mother, giving(step, seedG), ...fedAfter(task, step, seedG, left, home)];
      inBowls = bakes;
      isTaken = false;
      lastBuild = at;
    } else if (kind === 'take' && inBowls.length === 0 && lastBuild !== null) {
      // What a levain leaves in the jar cannot be had from a bowl that is in the dough.
      return { mother: baked, bowls: [] };
    } else if (kind === 'take' && inBowls.length > 0) {
      bowls.push({ ...step, bowl: true });
      inBowls = inBowls.filter(({ id }) => id !== wanted);
      isTaken = true;
    } else if (kind === 'move' && inBowls.length > 0) {
      if (!isTaken)
        bowls.push(...inBowls.map(({ id }): Step => ({ ...step, bowl: true, wanted: id })));
    } else if (kind === 'feed') {
      const { massG } = atHour(task, mother, at);
      const feed = keepingFeed(task.jar, massG, step.flourG! / step.keepG!);
      mother = [...mother, { ...step, ...feed }];
    } else if (kind !== 'move' || place !== atHour(task, mother, at).place)
      mother = [...mother, step];
  }
  if (lastBuild === null) return { mother: baked, bowls: [] };
  const since = lastBuild;
  // What was found for after the levain was taken is for a jar that had held it.
  const putAway = since + FIRST_OUT_H * HOUR;
  const own = mother.filter(({ at }) => at <= putAway);
  const rhythm = keepRhythm(task, lastState(task, own), home, slots);
  return { mother: [...own, ...rhythm].filter((step) => !isGiving(step)), bowls };
}

/** The jar at an hour, after its steps so far. */
function atHour(task: JarTask, steps: readonly Step[], at: Instant): Left {
  const last = lastState(task, steps);
  if (last.at >= at) return last;
  const here: Step = {
    kind: 'move',
    jar: task.jar.id,
    at,
    earliest: at,
    latest: at,
    place: last.place,
  };
  return lastState(task, [...steps, here]);
}

/** The same levain in a bowl: at the hour and ratio of the one in the jar, without what the jar would have kept. */
function builtBeside(
  { jar, problem: { limits } }: JarTask,
  step: Step,
  bake: Wanted,
  { massG, mix }: Left,
): Step | null {
  const parts = step.flourG! / step.keepG!;
  const hydration = bake.hydration ?? jar.hydration;
  const beside = levainWays(
    {
      levainG: bake.levainG,
      hydrationPct: 100 * hydration,
      keepG: 1,
      inJarG: massG,
      inJarHydrationPct: mix.hydrationPct,
    },
    Math.max(LEAST_PARTS, parts),
  ).find(({ kind }) => kind === 'beside');
  if (!beside) return null;
  const { seedG: keepG, flourG, waterG } = beside;
  const exact = { keepG, flourG, waterG, discardG: Math.floor(massG) - 1 - keepG };
  const weighed = inFives(limits, exact, {
    neededG: bake.levainG + STICKS_G,
    seedHydrationPct: mix.hydrationPct,
    hydration,
    toppedUp: false,
  });
  return { ...step, ...weighed, kind: 'build', bowl: true, wanted: bake.id, discardG: 0 };
}

/** What is topped up in the jar is built in a bowl as thick as that. */
const LEAST_PARTS = 0.5;

/** The seed leaves the jar. */
const giving = ({ at, earliest, latest, jar }: Step, takeG: number): Step => ({
  at,
  earliest,
  latest,
  jar,
  kind: 'take',
  takeG,
});

const isGiving = ({ kind, wanted }: Step): boolean => kind === 'take' && wanted === undefined;

/** The jar is on the bench: it is fed there and then, unless it still has food, and put away where it lives. */
function fedAfter(
  { jar, problem }: JarTask,
  { at, earliest, latest }: Step,
  seedG: number,
  { mix, massG }: Left,
  home: Place,
): readonly Step[] {
  if (mix.food > STILL_FED) return [];
  const { partsMin, partsMax } = problem.limits;
  const parts = Math.min(partsMax, Math.max(partsMin, jar.parts));
  const amounts = keepingFeed(jar, massG - seedG, parts);
  const { counter } = kitchenOf(problem);
  const later = at + FIRST_OUT_H * HOUR;
  const out = home.kind === 'fridge' && inHands(problem.hands, later) ? counter : null;
  const fed: Step = {
    at,
    earliest,
    latest,
    jar: jar.id,
    kind: 'feed',
    ...amounts,
    place: (out ?? home).id,
  };
  if (!out) return [fed];
  const slack = { earliest: later - MOVE_SLACK, latest: later + MOVE_SLACK };
  return [fed, { at: later, ...slack, jar: jar.id, kind: 'move', place: home.id }];
}

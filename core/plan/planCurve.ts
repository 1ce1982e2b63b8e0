import { HOUR } from '../measure';
import { COARSELY, courseOf } from './course';
import { type PlanCurve, type PlannedJar, type Problem, type Step, type Wanted } from './problem';
import { type MixThere, type Stretch, liveThrough } from './walk';

/** Close enough for the eye: a week is drawn in a few hundred points, hours. */
const APART = 0.9;

/** What a jar goes through when a plan's steps are taken at their times. */
export function planCurve(
  problem: Problem,
  jar: PlannedJar,
  start: MixThere,
  steps: readonly Step[],
): PlanCurve {
  const stretches = liveThrough(problem, jar, start, steps, problem.until);
  return {
    jar: jar.id,
    heights: stretches.flatMap(({ from, course }) =>
      course.heights(APART).map(([h, height]) => [from + h * HOUR, height] as const),
    ),
    ripe: stretches.flatMap((stretch) => ripeIn(problem, jar, stretch)),
  };
}

/** Followed for so long beyond its end: whether a mix is ripe is told by when it sinks, though it was fed away before. */
const BEYOND_H = 12;

function ripeIn(
  problem: Problem,
  jar: PlannedJar,
  { from, until, mix, stays }: Stretch,
): PlanCurve['ripe'] {
  const hours = (until - from) / HOUR + BEYOND_H;
  const { ripeFromH, ripeUntilH, lastH } = courseOf(
    problem,
    jar,
    mix,
    from,
    stays,
    hours,
    COARSELY,
  );
  if (ripeFromH === null || from + ripeFromH * HOUR >= until) return [];
  return [[from + ripeFromH * HOUR, Math.min(until, from + (ripeUntilH ?? lastH) * HOUR)]];
}

/** What a levain goes through in its bowl, until its bake. */
export function bowlCurve(
  problem: Problem,
  jar: PlannedJar,
  bake: Wanted,
  stretch: Stretch,
): PlanCurve {
  const { from, course } = stretch;
  return {
    jar: jar.id,
    bowl: bake.id,
    heights: course
      .heights(APART)
      .map(([h, height]) => [from + h * HOUR, height] as const)
      .filter(([at]) => at <= bake.until),
    ripe: ripeIn(problem, jar, stretch),
  };
}

import { HOUR } from '../measure';
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
    ripe: stretches.flatMap(({ from, course: { ripeFromH, ripeUntilH, lastH } }) =>
      ripeFromH === null
        ? []
        : [[from + ripeFromH * HOUR, from + (ripeUntilH ?? lastH) * HOUR] as const],
    ),
  };
}

/** What a levain goes through in its bowl, until its bake. */
export function bowlCurve(jar: PlannedJar, bake: Wanted, { from, course }: Stretch): PlanCurve {
  const { ripeFromH, ripeUntilH, lastH } = course;
  return {
    jar: jar.id,
    bowl: bake.id,
    heights: course
      .heights(APART)
      .map(([h, height]) => [from + h * HOUR, height] as const)
      .filter(([at]) => at <= bake.until),
    ripe:
      ripeFromH === null
        ? []
        : [[from + ripeFromH * HOUR, from + (ripeUntilH ?? lastH) * HOUR] as const],
  };
}

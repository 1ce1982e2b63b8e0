import { type Stay } from '../journal';
import { HOUR, type Instant } from '../measure';
import { COARSELY, type Course, courseOf } from './course';
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
    ripe: stretches.flatMap((stretch) => ripeIn(problem, jar, stretch, steps)),
  };
}

/** Followed for so long beyond its end: whether a mix is ripe is told by when it sinks, though it was fed away before. */
const BEYOND_H = 12;

/**
 * When a stretch is ripe. Where a bake takes from it, through the bake's window as the bake has it: of what is taken nothing is
 * carried on to where the rest goes, and rises further.
 */
function ripeIn(
  problem: Problem,
  jar: PlannedJar,
  { from, until, mix, stays, course }: Stretch,
  steps: readonly Step[] = [],
): PlanCurve['ripe'] {
  const hours = (until - from) / HOUR + BEYOND_H;
  const beyond = (through: readonly Stay[]) =>
    courseOf(problem, jar, mix, from, through, hours, COARSELY);
  const within = ({ ripeFromH, ripeUntilH, lastH }: Course, end: Instant): PlanCurve['ripe'] =>
    ripeFromH === null || from + ripeFromH * HOUR >= end
      ? []
      : [[from + ripeFromH * HOUR, Math.min(end, from + (ripeUntilH ?? lastH) * HOUR)]];
  // Once it has sunk nothing beyond says more.
  const after = within(course.ripeUntilH === null ? beyond(stays) : course, until);
  const take = steps.find(({ kind, at }) => kind === 'take' && at >= from && at < until);
  const before = take && stays.filter((stay) => stay.from < take.at);
  if (!before || before.length === stays.length) return after;
  const served = within(beyond(before), Math.min(until, take.latest));
  const [[begins, ends] = [], [rises, sinks] = []] = [served[0], after[0]];
  if (begins === undefined || ends === undefined) return after;
  if (rises === undefined || sinks === undefined || rises > ends) return [...served, ...after];
  return [[Math.min(begins, rises), Math.max(ends, sinks)]];
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

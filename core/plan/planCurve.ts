import { HOUR, type Instant } from '../measure';
import { type Course, type Stand, courseOf, fedWith } from './course';
import { type PlanCurve, type PlannedJar, type Problem, type Step } from './problem';

/** What a jar goes through when a plan's steps are taken at their times. */
export function planCurve(
  problem: Problem,
  jar: PlannedJar,
  start: { readonly mix: PlannedJar['fedMix']; readonly place: string },
  steps: readonly Step[],
): PlanCurve {
  const heights: (readonly [Instant, number])[] = [];
  const ripe: (readonly [Instant, Instant])[] = [];
  let { mix } = start;
  let at = problem.now;
  const feeds = steps.filter(({ keepG }) => keepG !== undefined);
  for (let i = -1; i < feeds.length; i++) {
    const feed = feeds[i];
    const until = feeds[i + 1]?.at ?? problem.until;
    if (feed) {
      mix = fedWith(problem, jar, mix, feed.at, feed.flourG! / feed.keepG!, feed.keepG);
      at = feed.at;
    }
    if (until <= at) continue;
    const move = steps.find((s) => s.kind === 'move' && s.at >= at && s.at < until);
    const stand: Stand = {
      place: feed?.place ?? start.place,
      ...(move ? { thenAfterH: (move.at - at) / HOUR, then: move.place! } : {}),
    };
    const course = courseOf(problem, jar, mix, at, stand, (until - at) / HOUR);
    collect(course, at, heights, ripe);
    mix = course.mixAt((until - at) / HOUR);
    at = until;
  }
  return { jar: jar.id, heights, ripe };
}

function collect(
  course: Course,
  at: Instant,
  heights: (readonly [Instant, number])[],
  ripe: (readonly [Instant, Instant])[],
) {
  let last = -1;
  course.hours.forEach((h, i) => {
    const end = i === course.hours.length - 1;
    if (!end && h - last < 0.9) return;
    heights.push([at + h * HOUR, 1 + course.gas[i]!]);
    last = h;
  });
  const { ripeFromH, ripeUntilH } = course;
  if (ripeFromH !== null)
    ripe.push([
      at + ripeFromH * HOUR,
      at + (ripeUntilH ?? course.hours[course.hours.length - 1]!) * HOUR,
    ]);
}

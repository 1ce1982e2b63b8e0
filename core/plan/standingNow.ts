import { drained } from '../ferment';
import { HOUR } from '../measure';
import { courseOf } from './course';
import { type PlannedJar, type Problem } from './problem';
import { type MixThere } from './walk';

/** How a jar stands now, from where its log left it. */
export function standingNow(problem: Problem, jar: PlannedJar): MixThere {
  const hours = Math.max(0, (problem.now - jar.since) / HOUR);
  const course = courseOf(problem, jar, jar.fedMix, jar.since, jar.stays, Math.max(0.01, hours));
  return {
    mix: drained(course.mixAt(hours), jar.pouredG ?? 0),
    place: placeSoon(problem, jar),
    strong: course.doublesH === null ? 0 : 1 + (jar.strongBefore ?? 0),
  };
}

/** A move that was said already and is so near counts as made: plans look hours ahead. */
const SOON = 4 * HOUR;

function placeSoon({ now }: Problem, { stays, coming = [] }: PlannedJar): string {
  const near = coming.filter(({ from }) => from <= now + SOON);
  return [...stays, ...near].at(-1)!.place;
}

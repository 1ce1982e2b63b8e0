import { type Mix } from '../ferment';
import { type Stay } from '../journal';
import { HOUR, type Instant } from '../measure';
import { COARSELY, type Course, courseOf } from './course';
import { fedWith } from './fedWith';
import { type PlannedJar, type Problem, type Step } from './problem';

/** How a jar stands when a plan begins, or is left when it ends. */
export interface MixThere {
  readonly mix: Mix;
  /** Where it stands, or will in a moment. */
  readonly place: string;
  /** Feeds in a row up to the present one that have doubled, as far as it is known. */
  readonly strong: number;
}

/** A jar from one mixing to the next. The first stretch begins with the plan, and has no step. */
export interface Stretch {
  readonly from: Instant;
  readonly until: Instant;
  readonly step: Step | null;
  readonly before: Stretch | null;
  /** Every place it stands in, from `from` on. */
  readonly stays: readonly Stay[];
  readonly course: Course;
  /** As mixed. */
  readonly mix: Mix;
}

/** Where a jar stands now, and where it goes by what was said already. */
const presentStays = ({ now }: Problem, { stays, coming = [] }: PlannedJar, until: Instant) => [
  { from: now, place: stays[stays.length - 1]!.place },
  ...coming.filter(({ from }) => from > now && from < until),
];

/** Whether a step mixes something into the jar. */
export const isMixing = ({ keepG }: Step): boolean => keepG !== undefined;

/**
 * Lives through a jar's steps with the full model: the one reading of a plan that its price, its slack and its drawing
 * share.
 *
 * @param steps of this jar, in order of time
 * @param known stretches that other steps of the same jar have been through already; new ones are added
 */
export function liveThrough(
  problem: Problem,
  jar: PlannedJar,
  start: MixThere,
  steps: readonly Step[],
  until: Instant,
  known = new Map<string, Stretch>(),
): readonly Stretch[] {
  const mixings = steps.filter(isMixing);
  const stretches: Stretch[] = [];
  let { mix, place } = start;
  let from = problem.now;
  let past = '';
  for (let i = -1; i < mixings.length; i++) {
    const step = mixings[i] ?? null;
    const end = mixings[i + 1]?.at ?? until;
    const stays: Stay[] = [];
    if (step) {
      from = step.at;
      place = step.place ?? place;
    }
    stays.push(...(step ? [{ from, place }] : presentStays(problem, jar, end)));
    for (const move of steps)
      if (move.kind === 'move' && move.at >= from && move.at < end)
        stays.push({ from: move.at, place: move.place! });
    place = stays[stays.length - 1]!.place;
    past += `${step ? `${step.keepG} ${step.flourG} ${step.waterG}` : ''}`;
    for (const stay of stays) past += ` ${stay.from} ${stay.place}`;
    const key = `${past} ${end}`;
    const before = stretches[stretches.length - 1];
    let stretch = known.get(key);
    if (!stretch) {
      if (step && before) {
        const { keepG, flourG, waterG } = step;
        const amounts = { keepG: keepG!, flourG: flourG!, waterG: waterG! };
        const ripe = before.course.mixAt((step.at - before.from) / HOUR);
        mix = fedWith(problem, jar, ripe, step.at, amounts);
      }
      const hours = Math.max(0.01, (end - from) / HOUR);
      const course = courseOf(problem, jar, mix, from, stays, hours, COARSELY);
      stretch = { from, until: end, step, before: before ?? null, stays, course, mix };
      known.set(key, stretch);
    }
    stretches.push(stretch);
  }
  return stretches;
}

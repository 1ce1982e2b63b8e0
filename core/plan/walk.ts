import { type Mix } from '../ferment';
import { type Stay } from '../journal';
import { HOUR, type Instant } from '../measure';
import { COARSELY, type Course, courseOf } from './course';
import { fedWith } from './fedWith';
import { type PlannedJar, type Problem, type Step } from './problem';
import { remembered } from './remembered';

/** How a jar stands when a plan begins, or is left when it ends. */
export interface MixThere {
  readonly mix: Mix;
  /** Where it stands, or will in a moment. */
  readonly place: string;
  /** Feeds in a row up to the present one that have doubled, as far as it is known. */
  readonly strong: number;
}

/** How a jar was mixed and where it stood: all stretches that have it go the same way for as long as they last. */
export interface Mixing {
  readonly from: Instant;
  /** The first begins with the plan, and has no step. */
  readonly step: Step | null;
  readonly before: Mixing | null;
  /** Every place it stands in, from `from` on. */
  readonly stays: readonly Stay[];
  /** As mixed. */
  readonly mix: Mix;
}

/** A jar from one mixing to the next. */
export interface Stretch extends Mixing {
  readonly mixing: Mixing;
  readonly until: Instant;
  readonly course: Course;
}

/** What a jar has been through already on some way, so that it is gone through once. */
export interface Lived {
  readonly mixings: Map<string, Mixing>;
  readonly stretches: Map<string, Stretch>;
}

export const nothingLived = (): Lived => ({ mixings: new Map(), stretches: new Map() });

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
 * @param lived what other steps of the same jar have been through; what is new is added
 */
export function liveThrough(
  problem: Problem,
  jar: PlannedJar,
  start: MixThere,
  steps: readonly Step[],
  until: Instant,
  lived = nothingLived(),
): readonly Stretch[] {
  const mixings = steps.filter(isMixing);
  const stretches: Stretch[] = [];
  let { place } = start;
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
    const before = stretches[stretches.length - 1];
    const mixing = remembered(lived.mixings, past, () => ({
      from,
      step,
      before: before?.mixing ?? null,
      stays,
      mix: step && before ? mixedAs(problem, jar, step, before) : start.mix,
    }));
    const stretch = remembered(lived.stretches, `${past} ${end}`, () => {
      const hours = Math.max(0.01, (end - from) / HOUR);
      const course = courseOf(problem, jar, mixing.mix, from, stays, hours, COARSELY);
      return { ...mixing, mixing, until: end, course };
    });
    stretches.push(stretch);
  }
  return stretches;
}

/** What a step makes of what has become of the jar by then. */
function mixedAs(problem: Problem, jar: PlannedJar, step: Step, before: Stretch): Mix {
  const { at, keepG, flourG, waterG } = step;
  const ripe = before.course.mixAt((at - before.from) / HOUR);
  return fedWith(problem, jar, ripe, at, { keepG: keepG!, flourG: flourG!, waterG: waterG! });
}

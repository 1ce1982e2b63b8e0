import { type Mix } from '../ferment';
import { type Stay } from '../journal';
import { HOUR, type Instant } from '../measure';
import { COARSELY, type Course, courseOf } from './course';
import { kitchenOf } from './kitchen';
import { type LikelyBuilds, likelyBuilds } from './likelyBuilds';
import { type PlannedJar, type Problem, type Wanted } from './problem';
import { remembered } from './remembered';
import { type MixThere } from './walk';

/** Where a mix is left: a place, and after some hours another. */
export interface Stand {
  readonly place: string;
  readonly thenAfterH?: number;
  readonly then?: string;
}

const staysOf = ({ place, thenAfterH, then }: Stand, at: Instant): readonly Stay[] => [
  { from: at, place },
  ...(then === undefined ? [] : [{ from: at + thenAfterH! * HOUR, place: then }]),
];

/** Courses are followed for whole half days. */
const FOLLOWED_GRAIN_H = 12;
/** An hour or two out before the fridge may begin at any time of day; this near the hour it is all the same. */
const FIRST_OUT_GRAIN_H = 6;

/**
 * The courses of a jar, each followed once: mixes that are nearly alike, left in the same place at the same time of day,
 * go the same way. What a search finds with it is lived through exactly afterwards.
 */
export interface CourseBook {
  /** @param hours that it must be followed for at least */
  courseOf(mix: Mix, at: Instant, stand: Stand, hours: number): Course;
  buildsFor(bake: Wanted): LikelyBuilds;
}

/** @param start how the jar stands when plans begin */
export function courseBookOf(problem: Problem, jar: PlannedJar, start: MixThere): CourseBook {
  const known = new Map<string, Course>();
  const builds = new Map<Wanted, LikelyBuilds>();
  const { byId } = kitchenOf(problem);
  const hourKey = (at: Instant, { place, then }: Stand): number => {
    if (byId.get(place)?.temperature.kind === 'constant') return -1;
    const hour = problem.time.hourOfDay(at);
    return then === undefined ? Math.round(hour) : Math.floor(hour / FIRST_OUT_GRAIN_H);
  };
  return {
    courseOf(mix, at, stand, hours) {
      const { place, thenAfterH, then } = stand;
      const grains = Math.ceil(hours / FOLLOWED_GRAIN_H);
      const key = `${place} ${then ?? ''} ${thenAfterH ?? ''} ${hourKey(at, stand)} ${grains} ${likeness(mix)}`;
      const long = grains * FOLLOWED_GRAIN_H;
      return remembered(known, key, () =>
        courseOf(problem, jar, mix, at, staysOf(stand, at), long, COARSELY),
      );
    },
    buildsFor: (bake) =>
      remembered(builds, bake, () => likelyBuilds(problem, jar, bake, start.mix)),
  };
}

/** Grains of likeness: of the cells by their logarithm, of food, acid and gluten as they are. */
const CELLS = 5;
const SLEEPERS = 3;
const READY = 1.5;
const FOOD = 12;
const ACID = 1;
const GLUTEN = 5;
const GAS = 8;
const CELSIUS = 0.4;
const HUNGER = 0.1;

/** Mixes of the same likeness peak within a quarter of an hour of each other. */
function likeness(mix: Mix): string {
  const log = (cells: number, grain: number) => Math.round(Math.log(cells + 1e-4) * grain);
  return `${log(mix.yeast, CELLS)} ${log(mix.lactic, CELLS / 2)} ${log(mix.dormant, SLEEPERS)} ${log(mix.ready, READY)} ${Math.round(mix.food * FOOD)} ${Math.round(mix.acid * ACID)} ${Math.round(mix.gluten * GLUTEN)} ${Math.round(mix.gas * GAS)} ${Math.round(mix.celsius * CELSIUS)} ${Math.round(mix.hunger * HUNGER)} ${Math.round(mix.hydrationPct / 5)}`;
}

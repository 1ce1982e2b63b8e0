/** Steps of Tern by hours from now, and a bake they are for: for tests of a plan's parts. */
import { HOUR } from '../measure';
import { type JarTask } from './price';
import { type PlannedJar, type Problem, type Step, type Wanted } from './problem';
import { NOW, bakeIn, jarFed, problemWith } from './someKitchen.testing';
import { standingNow } from './standingNow';
import { nothingLived } from './walk';

export const at = (hours: number, slackH = 0) => ({
  at: NOW + hours * HOUR,
  earliest: NOW + (hours - slackH) * HOUR,
  latest: NOW + (hours + slackH) * HOUR,
  jar: 'tern',
});

export const feed = (hours: number, over: Partial<Step> = {}): Step => ({
  ...at(hours),
  kind: 'feed',
  keepG: 10,
  flourG: 40,
  waterG: 40,
  discardG: 170,
  place: 'counter',
  ...over,
});

export const build = (hours: number, over: Partial<Step> = {}): Step => ({
  ...at(hours),
  kind: 'build',
  wanted: 'loaves',
  keepG: 20,
  flourG: 80,
  waterG: 80,
  discardG: 160,
  place: 'counter',
  ...over,
});

export const walk = (hours: number, place = 'fridge'): Step => ({
  ...at(hours),
  kind: 'move',
  place,
});

export const take = (hours = 26, over: Partial<Step> = {}): Step => ({
  ...at(hours),
  kind: 'take',
  wanted: 'loaves',
  takeG: 150,
  ...over,
});

/** Wanted at eight in the evening of the next day; a levain mixed at nine in the morning is ripe then. */
export const loaves = bakeIn(26, { levainG: 150, until: NOW + 26.5 * HOUR });

/** A jar of the counter whose pace is known well. */
export const sureJar = (over: Partial<PlannedJar> = {}): PlannedJar =>
  jarFed(10, 'counter', { paceSd: 0.03, ...over });

export function taskOf(
  over: Partial<Problem> = {},
  jar: PlannedJar = sureJar(),
  bakes: readonly Wanted[] = [loaves],
): JarTask {
  const problem = problemWith({ jars: [jar], wanted: bakes, ...over });
  return {
    problem,
    jar,
    start: standingNow(problem, jar),
    bakes,
    weights: problem.weights,
    touched: new Set(),
    lived: nothingLived(),
  };
}

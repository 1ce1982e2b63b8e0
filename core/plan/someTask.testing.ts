/** One bake to be planned, for judges of the planner. */
import { type Chance } from '../measure/chance';
import { USUAL_PACE } from '../ferment';
import { HOUR } from '../measure';
import { type JarTask } from './price';
import { NOW, bakeIn, jarFed, kitchenWith, problemWith } from './someKitchen.testing';
import { standingNow } from './standingNow';
import { nothingLived } from './walk';

interface Judged {
  readonly task: JarTask;
  /** Until its bake. */
  readonly hours: number;
}

/** A jar of any age and pace, in a kitchen of any warmth, and a bake within the next day and a half. */
export function someTask(chance: Chance): Judged {
  const hours = 10 + chance.even() * 22;
  const wanted = bakeIn(hours, {
    levainG: 60 + Math.floor(chance.even() * 150),
    until: NOW + (hours + 0.5 + chance.even()) * HOUR,
  });
  const jar = jarFed(4 + chance.even() * 40, chance.even() < 0.5 ? 'counter' : 'fridge', {
    paceSd: 0.03 + 0.1 * chance.even(),
    pace: { ...USUAL_PACE, pace: 0.8 + 0.4 * chance.even() },
  });
  const problem = problemWith({
    jars: [jar],
    wanted: [wanted],
    until: wanted.until + 24 * HOUR,
    hands: [{ from: NOW, until: NOW + 60 * HOUR }],
    places: kitchenWith({ kind: 'constant', celsius: 17 + 9 * chance.even() }),
  });
  return {
    hours,
    task: {
      problem,
      jar,
      start: standingNow(problem, jar),
      bakes: [wanted],
      weights: problem.weights,
      touched: new Set(),
      lived: nothingLived(),
    },
  };
}

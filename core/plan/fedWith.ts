import { type Mix, feed } from '../ferment';
import { type Instant } from '../measure';
import { type StepAmounts } from './amounts';
import { kitchenCelsius } from './kitchen';
import { type PlannedJar, type Problem } from './problem';

/** A mix fed at an instant with flour and water from the kitchen, as this starter takes it up. */
export function fedWith(
  problem: Problem,
  jar: PlannedJar,
  mix: Mix,
  at: Instant,
  { keepG, flourG, waterG }: Omit<StepAmounts, 'discardG'>,
): Mix {
  const kitchen = kitchenCelsius(problem, at);
  return feed(mix, {
    keepG,
    flourG,
    waterG,
    flour: jar.flour,
    flourCelsius: kitchen,
    waterCelsius: kitchen,
  });
}

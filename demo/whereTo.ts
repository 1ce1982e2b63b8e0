import { type Destination } from '@core/journal';

import { type Chance } from './random';

/** Where the household puts what comes out of a jar. */
export function whereTo(chance: Chance): Destination {
  const roll = chance.even();
  return roll < 0.45 ? 'discardJar' : roll < 0.7 ? 'bake' : roll < 0.9 ? 'compost' : 'animals';
}

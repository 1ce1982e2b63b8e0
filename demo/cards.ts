import { type Place } from '@core/ferment';
import { type JarCard } from '@core/journal';

import { HARBOUR_FLOUR, HARBOUR_TUB } from './flour';

/** A flat above a small harbour. */
export const PLACES: readonly Place[] = [
  {
    id: 'counter',
    name: 'Counter',
    kind: 'counter',
    temperature: {
      kind: 'hourly',
      points: [
        [3, 19],
        [9, 20],
        [15, 22.5],
        [19, 23],
        [23, 20.5],
      ],
    },
    sd: 1,
  },
  {
    id: 'oven',
    name: 'Oven, lamp on',
    kind: 'warm',
    temperature: { kind: 'constant', celsius: 27 },
    sd: 1,
  },
  {
    id: 'stairwell',
    name: 'Stairwell',
    kind: 'larder',
    temperature: { kind: 'constant', celsius: 14 },
    sd: 1.5,
  },
  {
    id: 'fridge',
    name: 'Fridge',
    kind: 'fridge',
    temperature: { kind: 'constant', celsius: 5 },
    sd: 1,
  },
];

export const GREBE: JarCard = {
  name: 'Grebe',
  vessel: { emptyG: 412, capacityMl: 750 },
  keepG: 25,
  ratio: { flour: 4, water: 4 },
  flour: HARBOUR_FLOUR,
  tub: HARBOUR_TUB,
  archived: false,
};

export const DUNLIN: JarCard = {
  name: 'Dunlin',
  vessel: { emptyG: 348, capacityMl: 500 },
  keepG: 15,
  ratio: { flour: 5, water: 5 },
  flour: { rye: 1 },
  rhythm: { everyH: 168 },
  archived: false,
};

export const SKUA: JarCard = {
  name: 'Skua',
  vessel: { emptyG: 295, capacityMl: 400 },
  keepG: 20,
  ratio: { flour: 4, water: 2.4 },
  flour: { white: 0.9, rye: 0.1 },
  archived: false,
};

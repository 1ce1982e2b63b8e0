import { type DayTemperature, type Pace, USUAL_PACE, USUAL_PLACES } from '../ferment';
import { kitchenTime } from '../measure';
import { placesOf } from './air';
import {
  type Arranged,
  type Discarded,
  type Fed,
  type JarCard,
  type Looked,
  type Started,
} from './events';
import { type FoldContext } from './fold';

/** The card of Tern, a plain jar fed 1:4:4 of white flour, but for what a test needs otherwise. */
export const someCard = (over: Partial<JarCard> = {}): JarCard => ({
  name: 'Tern',
  vessel: { emptyG: 300, capacityMl: 500 },
  keepG: 20,
  ratio: { flour: 4, water: 4 },
  flour: { white: 1 },
  archived: false,
  ...over,
});

/** Tern joins the kitchen with 100 g, ripe, on the counter. */
export const someStart = (at: string, over: Partial<Started> = {}): Started => ({
  kind: 'started',
  id: 'start',
  jar: 'tern',
  at,
  card: someCard(),
  massG: 100,
  hydrationPct: 100,
  condition: 'ripe',
  place: 'counter',
  ...over,
});

/** Tern is fed 20 + 80 + 80 g. */
export const someFeed = (id: string, at: string, over: Partial<Fed> = {}): Fed => ({
  kind: 'fed',
  id,
  jar: 'tern',
  at,
  keepG: 20,
  flourG: 80,
  waterG: 80,
  flour: { white: 1 },
  ...over,
});

/** A look at Tern: what was seen of it. */
export const someLook = (id: string, at: string, over: Partial<Looked>): Looked => ({
  kind: 'looked',
  id,
  jar: 'tern',
  at,
  ...over,
});

/** So much of Tern goes to the compost. */
export const someDiscard = (id: string, at: string, grams = 60): Discarded => ({
  kind: 'discarded',
  id,
  jar: 'tern',
  at,
  grams,
  to: 'compost',
});

/** A place as it is set up, as warm at all hours unless a test says otherwise. */
export const somePlace = (
  entry: string,
  at: string,
  id: string,
  temperature: DayTemperature = { kind: 'constant', celsius: 9 },
): Arranged => ({
  kind: 'arranged',
  id: entry,
  at,
  place: { id, name: id, kind: 'larder', temperature, sd: 1 },
});

/** A kitchen with the usual places, as they have always been. */
export const usualKitchen = (pace: Pace = USUAL_PACE): FoldContext => ({
  places: placesOf(
    USUAL_PLACES.map((place) => ({
      kind: 'arranged',
      id: place.id,
      at: '2025-01-01T00:00:00.000Z',
      place,
    })),
  ),
  time: kitchenTime('Europe/Lisbon'),
  pace,
});

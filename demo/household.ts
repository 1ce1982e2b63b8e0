import { USUAL_PACE } from '@core/ferment';
import {
  type Arranged,
  type JarEvent,
  type JournalEvent,
  placesOf,
  type HandsAre,
} from '@core/journal';
import { DAY, HOUR, type Instant, type KitchenTime, instantAt } from '@core/measure';

import { PLACES } from './cards';
import { keptOnTheCounter } from './counter';
import { discardUsed } from './discard';
import { harbourTub } from './flour';
import { forgotten, keptInTheFridge } from './fridge';
import { WEEKS, iso } from './moments';
import { chanceFrom } from './random';

const SEED = 20_417;

/**
 * The journal of an invented household, a ferry deckhand on changing shifts: *Grebe* on the counter, *Dunlin* in the
 * fridge, *Skua* forgotten for seven weeks. Seeded, so that a given `now` always tells the same story.
 */
export function householdJournal(now: Instant, time: KitchenTime): readonly JournalEvent[] {
  const chance = chanceFrom(SEED);
  const begin = now - WEEKS * 7 * DAY;
  const arranged: Arranged[] = PLACES.map((place) => ({
    kind: 'arranged',
    id: `demo-place-${place.id}`,
    at: iso(begin - DAY),
    place,
  }));
  const places = placesOf(arranged);
  // Grebe is quicker than its temperature suggests: something for the log to tell.
  const truth = { places, time, pace: { ...USUAL_PACE, pace: 1.18 } };
  const counter = keptOnTheCounter(now, begin, chance, truth);
  const fridge = keptInTheFridge(now, begin, chance);
  // Home after half past five on weekdays.
  const hands: HandsAre = {
    kind: 'handsAre',
    id: 'demo-hands',
    at: iso(begin),
    hands: { workDays: [0, 1, 2, 3, 4], workFrom: 8, workUntil: 17.5 },
  };
  return [
    ...arranged,
    hands,
    ...harbourTub(now, WEEKS),
    ...flakesOfSpring(now),
    ...counter,
    ...fridge,
    ...discardUsed([...counter, ...fridge], now),
    ...forgotten(now, begin),
  ];
}

/** The levain the household wants on Saturday: 180 g between half past nine and half past eleven. */
export function householdWish(now: Instant, time: KitchenTime): JournalEvent {
  const local = now + time.offset(now);
  const midnight = Math.floor(local / DAY) * DAY;
  const weekday = (Math.floor(local / DAY) + 3) % 7;
  const ahead = (5 - weekday + 7) % 7;
  const from = instantAt(midnight + (ahead === 0 ? 7 : ahead) * DAY + 9.5 * HOUR, time);
  return {
    kind: 'wished',
    id: 'demo-wish',
    at: iso(now),
    wish: 'demo-bake',
    name: 'Saturday tins',
    jar: 'grebe',
    what: { levainG: 180, from: iso(from), until: iso(from + 2 * HOUR) },
  };
}

/** Flakes of Grebe, dried in spring: there, and old enough to be made anew. */
function flakesOfSpring(now: Instant): JarEvent[] {
  return [
    {
      kind: 'backedUp',
      id: 'demo-grebe-flakes',
      at: iso(now - 310 * DAY),
      jar: 'grebe',
      form: 'flakes',
      grams: 38,
      takenG: 0,
      store: 'room',
      note: 'Tin beside the tea',
    },
  ];
}

/** A kitchen, a jar and bakes for tests of the planner. */
import { type DayTemperature, USUAL_PACE, USUAL_PLACES, feed, starterIn } from '../ferment';
import { type Arranged, type Jar, placesOf } from '../journal';
import { DAY, HOUR, kitchenTime } from '../measure';
import { makePlans } from './makePlans';
import {
  type Plan,
  type PlannedJar,
  type Problem,
  USUAL_LIMITS,
  USUAL_WEIGHTS,
  type Wanted,
} from './problem';
import { handsFrom } from './slots';

export const NOW = Date.parse('2026-03-10T18:00:00Z');
export const TIME = kitchenTime('Europe/Lisbon');
export const WHITE = { white: 1 };
export const AWAKE = Array.from({ length: 7 }, () => [[6.5, 22.5] as const]);

/** The usual places, with the counter at another temperature where one is given. */
export function kitchenWith(counter?: DayTemperature) {
  return placesOf(
    USUAL_PLACES.map((place): Arranged => ({
      kind: 'arranged',
      id: place.id,
      at: '2026-01-01T00:00:00.000Z',
      place: counter && place.kind === 'counter' ? { ...place, temperature: counter } : place,
    })),
  );
}

export function jarFed(
  hoursAgo: number,
  place: string,
  over: Partial<PlannedJar> = {},
): PlannedJar {
  const before = starterIn('hungry', WHITE, 100, 20);
  const fedMix = feed(before, { keepG: 20, flourG: 80, waterG: 80, flour: WHITE });
  const since = NOW - hoursAgo * HOUR;
  return {
    id: 'tern',
    fedMix,
    since,
    stays:
      place === 'fridge'
        ? [
            { from: since, place: 'counter' },
            { from: since + 1.5 * HOUR, place },
          ]
        : [{ from: since, place }],
    massG: 180,
    keepG: 20,
    vessel: { emptyG: 400, capacityMl: 900 },
    flour: WHITE,
    parts: 4,
    hydration: 1,
    pace: USUAL_PACE,
    paceSd: 0.1,
    ...over,
  };
}

/** The same jar as the journal knows it. */
export const asJar = (jar: PlannedJar): Jar => ({
  id: jar.id,
  card: {
    name: 'Tern',
    vessel: jar.vessel,
    keepG: 20,
    ratio: { flour: 4, water: 4 },
    flour: WHITE,
    archived: false,
  },
  fedMix: jar.fedMix,
  since: jar.since,
  lastFed: null,
  stays: jar.stays,
  massG: jar.massG,
  looks: [],
  started: jar.since,
  feeds: 0,
  fedInChange: 0,
  coldRestH: null,
  borneH: 0,
  cleanSince: 0,
  pouredG: 0,
});

export function problemWith(over: Partial<Problem> = {}): Problem {
  const until = over.until ?? NOW + 5 * DAY;
  return {
    now: NOW,
    until,
    time: TIME,
    places: kitchenWith(),
    hands: handsFrom(AWAKE, [], NOW, until, TIME),
    wanted: [],
    limits: USUAL_LIMITS,
    weights: USUAL_WEIGHTS,
    jars: [jarFed(40, 'fridge')],
    ...over,
  };
}

export const bakeIn = (hours: number, over: Partial<Wanted> = {}): Wanted => ({
  id: 'loaves',
  jar: 'tern',
  levainG: 180,
  from: NOW + hours * HOUR,
  until: NOW + (hours + 2) * HOUR,
  ...over,
});

export function plansOf(given: Problem): readonly Plan[] {
  const planned = makePlans(given);
  if (planned.impossible.length > 0) throw new Error(JSON.stringify(planned.impossible));
  return planned.plans;
}

import { USUAL_PACE, USUAL_PLACES, feed, simulate, starterIn, usualVessel } from '../core/ferment';
import {
  type Arranged,
  type JarEvent,
  foldJar,
  horizonFor,
  outlookOf,
  placesOf,
} from '../core/journal';
import { DAY, HOUR, kitchenTime } from '../core/measure';
import { timed } from './timing';

const WHITE = { white: 1 };
const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (at: number) => new Date(at).toISOString();

/** The model and the fold. */
export function coreTimes(): void {
  const mix = feed(starterIn('hungry', WHITE, 100, 50), {
    keepG: 50,
    flourG: 50,
    waterG: 50,
    flour: WHITE,
  });
  const conditions = { air: () => 22, vessel: usualVessel(150, 100), pace: USUAL_PACE };
  timed('simulation of 14 days', 200, () => simulate(mix, conditions, 336), '3 ms');

  const arranged: Arranged[] = USUAL_PLACES.map((place) => ({
    kind: 'arranged',
    id: place.id,
    at: iso(NOW - 1100 * DAY),
    place,
  }));
  const context = {
    places: placesOf(arranged),
    time: kitchenTime('Europe/Lisbon'),
    pace: USUAL_PACE,
  };
  const events = threeYears();
  timed('fold of three years of daily feeds, cold', 12, () => foldJar(events, context), '150 ms');
  const checkpoint = foldJar(events.slice(0, -2), context)!;
  timed('the same with a checkpoint', 100, () => foldJar(events, context, checkpoint), '5 ms');
  const { jar } = foldJar(events, context)!;
  timed('outlook of a jar with its band', 50, () =>
    outlookOf(jar, context, horizonFor(jar, NOW, 48)),
  );
}

function threeYears(): readonly JarEvent[] {
  const card = {
    name: 'Tern',
    vessel: { emptyG: 300, capacityMl: 600 },
    keepG: 20,
    ratio: { flour: 4, water: 4 },
    flour: WHITE,
    archived: false,
  };
  const days = 3 * 365;
  const begin = NOW - days * DAY;
  return [
    {
      kind: 'started',
      id: 'start',
      at: iso(begin - HOUR),
      jar: 'tern',
      card,
      massG: 100,
      hydrationPct: 100,
      condition: 'hungry',
      place: 'counter',
    },
    ...Array.from({ length: days }, (_, day): JarEvent => ({
      kind: 'fed',
      id: `feed-${day}`,
      at: iso(begin + day * DAY),
      jar: 'tern',
      keepG: 20,
      flourG: 80,
      waterG: 80,
      flour: WHITE,
    })),
  ];
}

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
import { chanceFrom } from '../core/measure/chance';
import { KITCHENS, someLog } from '../core/calibrate/otherKitchens.testing';
import { fitCommand } from '../core/cli';
import {
  type PlannedJar,
  type Problem,
  USUAL_LIMITS,
  USUAL_WEIGHTS,
  type WeekPattern,
  handsFrom,
} from '../core/plan';
import { makePlans } from '../core/plan/makePlans';
import { middle, report, timed } from './timing';

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
  timed('outlook of a jar with its range', 50, () =>
    outlookOf(jar, context, horizonFor(jar, NOW, 48)),
  );
}

/** The pace from a log. */
export function fitTimes(): void {
  const chance = chanceFrom(3);
  const { input } = someLog(30, KITCHENS.logistic(chance), chance);
  const readings = input.feeds.reduce((sum, { looks }) => sum + looks.length, 0);
  timed(`fit of 30 feeds with ${readings} readings`, 3, () => fitCommand(input), '1500 ms');
}

/**
 * Plans for a hard fortnight: shifts, a trip, three jars, three bakes. Alone in a process at first, as in its worker: the
 * first search is what a baker waits for after opening the page, later ones find the worker warm.
 */
export function planTimes(): void {
  const problem = hardFortnight();
  const search = () => {
    const begin = performance.now();
    let first = 0;
    makePlans(problem, () => {
      first ||= performance.now() - begin;
    });
    return [first, performance.now() - begin] as const;
  };
  const [coldFirst, coldAll] = search();
  const warm = Array.from({ length: 7 }, search);
  const ofWarm = (i: 0 | 1) => {
    const sorted = warm.map((times) => times[i]).sort((a, b) => a - b);
    return `${middle(sorted).toFixed(0)} ms, best ${sorted[0]!.toFixed(0)} ms`;
  };
  report('hard fortnight, first plan', ofWarm(0), '400 ms');
  report('hard fortnight, all plans', ofWarm(1), '1500 ms');
  report(
    'the same in a worker just started',
    `${coldFirst.toFixed(0)} and ${coldAll.toFixed(0)} ms`,
  );
}

function hardFortnight(): Problem {
  const time = kitchenTime('Europe/Lisbon');
  const until = NOW + 14 * DAY;
  const arranged: Arranged[] = USUAL_PLACES.map((place) => ({
    kind: 'arranged',
    id: place.id,
    at: iso(NOW - 100 * DAY),
    place,
  }));
  const late: WeekPattern[number] = [
    [8, 13],
    [22, 23.5],
  ];
  const early: WeekPattern[number] = [
    [5, 6],
    [15, 21.5],
  ];
  const free: WeekPattern[number] = [[8, 22.5]];
  const shifts: WeekPattern = [early, early, late, late, early, free, free];
  const trip = { from: NOW + 5 * DAY, until: NOW + 7 * DAY };
  const jar = (id: string, place: string, fedHoursAgo: number): PlannedJar => ({
    id,
    fedMix: feed(starterIn('hungry', WHITE, 100, 20), {
      keepG: 20,
      flourG: 80,
      waterG: 80,
      flour: WHITE,
    }),
    since: NOW - fedHoursAgo * HOUR,
    stays: [{ from: NOW - fedHoursAgo * HOUR, place }],
    massG: 180,
    keepG: 20,
    vessel: { emptyG: 400, capacityMl: 900 },
    flour: WHITE,
    parts: 4,
    hydration: 1,
    pace: USUAL_PACE,
    paceSd: 0.1,
  });
  const wanted = (id: string, jarId: string, days: number) => ({
    id,
    jar: jarId,
    levainG: 160,
    from: NOW + days * DAY,
    until: NOW + days * DAY + 2 * HOUR,
  });
  return {
    now: NOW,
    until,
    time,
    places: placesOf(arranged),
    hands: handsFrom(shifts, [trip], NOW, until, time),
    jars: [jar('a', 'fridge', 50), jar('b', 'fridge', 90), jar('c', 'counter', 9)],
    wanted: [wanted('x', 'a', 1.7), wanted('y', 'b', 8.7), wanted('z', 'c', 12.7)],
    limits: USUAL_LIMITS,
    weights: USUAL_WEIGHTS,
  };
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

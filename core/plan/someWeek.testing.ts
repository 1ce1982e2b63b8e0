/** Weeks in kitchens of any zone, hours, warmth, jars and wishes, for what has to hold in all of them. */
import { type Chance } from '../measure/chance';
import { USUAL_PACE, feed, starterIn } from '../ferment';
import { DAY, HOUR, kitchenTime } from '../measure';
import { type PlannedJar, type Problem, USUAL_LIMITS, USUAL_WEIGHTS, type Wanted } from './problem';
import { type WeekPattern, handsFrom } from './slots';
import { WHITE, kitchenWith } from './someKitchen.testing';

const ZONES = [
  'Europe/Lisbon',
  'Asia/Kolkata',
  'Asia/Kathmandu',
  'America/Los_Angeles',
  'Pacific/Auckland',
];
const PATTERNS: readonly WeekPattern[number][] = [
  [[6.5, 22.5]],
  [
    [6, 7.5],
    [17.5, 22.5],
  ],
  [
    [8, 13],
    [21.5, 23.5],
  ],
  [[9, 21]],
];

/** A week in some kitchen: any zone, hours, warmth, jars and wishes. */
export function someWeek(chance: Chance): Problem {
  const pick = <T>(of: readonly T[]) => of[Math.floor(chance.even() * of.length)]!;
  const zone = pick(ZONES);
  const time = kitchenTime(zone);
  const now = Date.parse('2026-03-10T00:00:00Z') + Math.floor(chance.even() * 48) * (HOUR / 2);
  const until = now + (3 + Math.floor(chance.even() * 5)) * DAY;
  const weekday = pick(PATTERNS);
  const pattern: WeekPattern = [
    weekday,
    weekday,
    weekday,
    weekday,
    weekday,
    [[8, 22.5]],
    [[8, 22.5]],
  ];
  const jars = Array.from({ length: chance.even() < 0.3 ? 2 : 1 }, (_, j): PlannedJar => {
    const keepG = pick([10, 20, 25, 40]);
    const parts = pick([1, 2, 4, 5]);
    const fed = feed(starterIn('hungry', WHITE, 100, keepG), {
      keepG,
      flourG: keepG * parts,
      waterG: keepG * parts,
      flour: WHITE,
    });
    const cold = chance.even() < 0.5;
    const since = now - (cold ? 2 + 240 * chance.even() : 1 + 20 * chance.even()) * HOUR;
    const home = chance.even() < 0.6 ? 'counter' : 'fridge';
    return {
      id: `jar ${j}`,
      fedMix: fed,
      since,
      stays: cold
        ? [
            { from: since, place: 'counter' },
            { from: since + 1.5 * HOUR, place: 'fridge' },
          ]
        : [{ from: since, place: 'counter' }],
      home,
      massG: keepG * (1 + 2 * parts),
      keepG,
      vessel: { emptyG: 400, capacityMl: 900 },
      flour: WHITE,
      parts,
      hydration: 1,
      pace: { ...USUAL_PACE, pace: 0.8 + 0.4 * chance.even() },
      paceSd: 0.05 + 0.1 * chance.even(),
    };
  });
  const wanted = jars.flatMap((jar): Wanted[] =>
    Array.from({ length: Math.floor(chance.even() * 2.4) }, (_, b) => {
      const from = now + Math.round(2 * (4 + chance.even() * 70 + 30 * b)) * (HOUR / 2);
      const levainG = 60 + 10 * Math.floor(12 * chance.even());
      return { id: `${jar.id} bake ${b}`, jar: jar.id, levainG, from, until: from + 2 * HOUR };
    }),
  );
  return {
    now,
    until: Math.max(until, ...wanted.map((bake) => bake.until + DAY)),
    time,
    jars,
    places: kitchenWith({ kind: 'constant', celsius: 18 + 7 * chance.even() }),
    hands: handsFrom(pattern, [], now, until + 3 * DAY, time),
    wanted,
    limits: USUAL_LIMITS,
    weights: USUAL_WEIGHTS,
  };
}

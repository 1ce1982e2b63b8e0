import { type Rhythm } from '../journal';
import { DAY, HOUR } from '../measure';
import { kitchenOf } from './kitchen';
import { type JarTask } from './price';
import { type Hands, type PlannedJar, type Problem, type Step } from './problem';
import { keepRhythm, lastState } from './rhythm';
import { slotsFor } from './slots';
import {
  NOW,
  TIME,
  bakeIn,
  jarFed,
  kitchenWith,
  plansOf,
  problemWith,
} from './someKitchen.testing';
import { build, take, taskOf, walk } from './someSteps.testing';

/** The feeds of a week without a bake, as local hours and days from now. */
function feedsOf(rhythm: Rhythm, home: 'counter' | 'fridge', hoursAgo: number) {
  const jar = jarFed(hoursAgo, home, { home, rhythm });
  const [plan] = plansOf(problemWith({ jars: [jar], until: NOW + 14 * DAY }));
  return plan!.steps
    .filter(({ kind }) => kind === 'feed')
    .map(({ at }) => ({ days: (at - NOW) / DAY, hour: TIME.hourOfDay(at), at }));
}

describe('a jar with a rhythm on its card', () => {
  it('fed daily at eight is fed daily about eight, no more and no less', () => {
    const feeds = feedsOf({ everyH: 24, at: 8 }, 'counter', 10);
    expect(feeds.length).toBeGreaterThanOrEqual(13);
    expect(feeds.length).toBeLessThanOrEqual(14);
    for (const { hour } of feeds) expect(Math.abs(hour - 8)).toBeLessThanOrEqual(0.5);
  });

  it('fed on Sundays in the cold has one decision a week', () => {
    // NOW is a Tuesday evening; it was fed on Sunday morning.
    const feeds = feedsOf({ everyH: 168, at: 10, on: 6 }, 'fridge', 56);
    expect(feeds).toHaveLength(2);
    for (const { at, hour } of feeds) {
      expect(new Date(at + TIME.offset(at)).getUTCDay()).toBe(0);
      expect(Math.abs(hour - 10)).toBeLessThanOrEqual(0.5);
    }
  });

  it('fed only before a bake is left in peace without one', () => {
    expect(feedsOf({ everyH: null }, 'fridge', 30)).toEqual([]);
  });

  it('is built up by so many feeds before a bake', () => {
    const jar = jarFed(60, 'fridge', { home: 'fridge', rhythm: { everyH: null }, buildUp: 2 });
    const plans = plansOf(problemWith({ jars: [jar], wanted: [bakeIn(86)], until: NOW + 6 * DAY }));
    for (const { steps } of plans) {
      const levain = steps.find(({ kind }) => kind === 'build' || kind === 'topUp')!;
      const before = steps.filter(({ kind, at }) => kind === 'feed' && at < levain.at);
      expect(before.length).toBeGreaterThanOrEqual(1);
      expect(levain.at - before[0]!.at).toBeLessThan(4 * 24 * HOUR);
    }
  });
});

interface Kept {
  readonly hands: (days: number) => readonly Hands[];
  readonly days: number;
  readonly jar?: PlannedJar;
  readonly steps?: readonly Step[];
  readonly over?: Partial<Problem>;
  readonly touched?: readonly number[];
}

/** Hands at some hours of every day, in hours of the clock; it is six in the evening. */
const daily =
  (...spans: readonly (readonly [number, number])[]) =>
  (days: number): readonly Hands[] =>
    Array.from({ length: days + 1 }, (_, day) =>
      spans.map(([from, until]) => ({
        from: NOW + (24 * day + from - 18) * HOUR,
        until: NOW + (24 * day + until - 18) * HOUR,
      })),
    ).flat();
const all = daily([6.5, 22.5]);
const twice = daily([7, 8], [19, 22]);
const trip = (days: number, leaves: number, home: number) =>
  all(days).filter(({ from, until }) => until < NOW + leaves * HOUR || from > NOW + home * HOUR);

function stepsKept({
  hands: there,
  days,
  jar = jarFed(10, 'counter'),
  ...given
}: Kept): readonly Step[] {
  const hands = there(days);
  const task: JarTask = {
    ...taskOf({ hands, until: NOW + days * DAY, ...given.over }, jar, []),
    touched: new Set(given.touched?.map((h) => NOW + h * HOUR)),
  };
  const { problem } = task;
  const home = kitchenOf(problem).byId.get(jar.home ?? task.start.place)!;
  const slots = slotsFor(NOW, problem.until, hands, [], problem.time).all;
  return keepRhythm(task, lastState(task, given.steps ?? []), home, slots);
}

describe('a jar that is kept', () => {
  /** Hours from now, and the slack around them as far as the jar bears it: read them as a baker would. */
  const WEEKS: readonly (readonly [string, Kept, readonly string[]])[] = [
    [
      'a jar of the counter, when it is hungry',
      { hands: all, days: 3 },
      ['18 [2 to 18] feed 10+40+40 counter', '46 [28.5 to 46] feed 10+40+40 counter'],
    ],
    [
      'at the two times of the day that somebody is there',
      { hands: twice, days: 3 },
      [
        '14 [1 to 14] feed 10+40+40 counter',
        '38 [25 to 38] feed 10+40+40 counter',
        '62 [49 to 62] feed 10+40+40 counter',
      ],
    ],
    [
      'in a warm kitchen',
      { hands: all, days: 3, over: { places: kitchenWith({ kind: 'constant', celsius: 27 }) } },
      [
        '4.5 [0 to 4.5] feed 10+40+40 counter',
        '18 [12.5 to 18] feed 10+40+40 counter',
        '28.5 [26 to 28.5] feed 10+40+40 counter',
        '42 [36.5 to 42] feed 10+40+40 counter',
        '52.5 [50 to 52.5] feed 10+40+40 counter',
        '66 [60.5 to 66] feed 10+40+40 counter',
      ],
    ],
    [
      'a jar of the fridge lasts beyond the week',
      { hands: all, days: 5, jar: jarFed(40, 'fridge', { home: 'fridge' }) },
      [],
    ],
    [
      'a jar of the fridge after a week and a half',
      { hands: all, days: 6, jar: jarFed(150, 'fridge', { home: 'fridge' }) },
      [],
    ],
    [
      'a jar of the fridge in a month',
      { hands: all, days: 24, jar: jarFed(40, 'fridge', { home: 'fridge' }) },
      [
        '238 [108.5 to 238] feed 10+40+40 counter',
        '239.5 [239 to 240] move fridge',
        '477 [364.5 to 477] feed 10+40+40 counter',
        '478.5 [478 to 479] move fridge',
      ],
    ],
    [
      'twice a day by its card',
      { hands: all, days: 2, jar: jarFed(3, 'counter', { rhythm: { everyH: 12, at: 8 } }) },
      [
        '14 [12 to 16] feed 10+40+40 counter',
        '26 [24 to 28] feed 10+40+40 counter',
        '38 [36 to 40] feed 10+40+40 counter',
      ],
    ],
    [
      'daily at noon by its card, when nobody is there',
      { hands: twice, days: 3, jar: jarFed(6, 'counter', { rhythm: { everyH: 24, at: 12 } }) },
      [
        '14 [10 to 18] feed 10+40+40 counter',
        '38 [34 to 42] feed 10+40+40 counter',
        '62 [58 to 66] feed 10+40+40 counter',
      ],
    ],
    [
      'every two days, no hour said',
      { hands: all, days: 5, jar: jarFed(20, 'counter', { rhythm: { everyH: 48 } }) },
      ['28 [20 to 36] feed 10+40+40 counter', '76 [68 to 84] feed 10+40+40 counter'],
    ],
    [
      'every two days, due while everybody is out, and hungry by the evening',
      {
        hands: daily([5.5, 8], [17.5, 22.5]),
        days: 4,
        jar: jarFed(24, 'counter', { rhythm: { everyH: 48, at: 14 } }),
        over: { places: kitchenWith({ kind: 'constant', celsius: 25 }) },
      },
      ['14 [6 to 22] feed 10+40+40 counter', '62 [54 to 70] feed 10+40+40 counter'],
    ],
    [
      'weekly in the fridge',
      {
        hands: all,
        days: 12,
        jar: jarFed(100, 'fridge', { home: 'fridge', rhythm: { everyH: 168, at: 10, on: 5 } }),
      },
      [
        '88 [64 to 112] feed 10+40+40 counter',
        '89.5 [89 to 90] move fridge',
        '256 [232 to 280] feed 10+40+40 counter',
        '257.5 [257 to 258] move fridge',
      ],
    ],
    [
      'before a bake alone',
      { hands: all, days: 5, jar: jarFed(30, 'counter', { rhythm: { everyH: null } }) },
      [],
    ],
    [
      'by its card, and late',
      { hands: all, days: 2, jar: jarFed(50, 'counter', { rhythm: { everyH: 24, at: 8 } }) },
      [
        '0 [0 to 4] feed 10+40+40 counter',
        '14 [10 to 18] feed 10+40+40 counter',
        '38 [34 to 42] feed 10+40+40 counter',
      ],
    ],
    [
      'everybody goes away for four days',
      { hands: (d) => trip(d, 20, 110), days: 7 },
      [
        '4.5 [2 to 4.5] feed 10+40+40 fridge',
        '132.5 [132 to 133] move counter',
        '148.5 [134 to 148.5] feed 10+40+40 counter',
      ],
    ],
    [
      'everybody goes away before it is hungry',
      { hands: (d) => trip(d, 5, 80), days: 6, jar: jarFed(1, 'counter') },
      [
        '4.5 [4 to 5] move fridge',
        '84.5 [84 to 85] move counter',
        '100.5 [84.5 to 100.5] feed 10+40+40 counter',
        '124.5 [114 to 124.5] feed 10+40+40 counter',
      ],
    ],
    [
      'everybody goes away, and does not come back',
      { hands: (d) => trip(d, 20, 400), days: 7 },
      ['4.5 [2 to 4.5] feed 10+40+40 fridge'],
    ],
    ['nobody is ever there', { hands: () => [], days: 4 }, []],
    [
      'there at night alone',
      { hands: daily([2, 3]), days: 3 },
      [
        '9 [8 to 9] feed 10+40+40 counter',
        '33 [32 to 33] feed 10+40+40 counter',
        '57 [56 to 57] feed 10+40+40 counter',
      ],
    ],
    [
      'where another jar is fed',
      { hands: all, days: 2, touched: [14, 26] },
      ['14 [2 to 18] feed 10+40+40 counter', '42 [26 to 42] feed 10+40+40 counter'],
    ],
    [
      'where another jar is fed much sooner',
      { hands: all, days: 2, touched: [2] },
      ['18 [2 to 18] feed 10+40+40 counter', '46 [28.5 to 46] feed 10+40+40 counter'],
    ],
    [
      'left in the larder by a bake',
      { hands: all, days: 3, steps: [build(12), walk(20, 'larder'), take(26)] },
      ['26 [26 to 28.5] feed 10+40+40 counter', '52.5 [42 to 52.5] feed 10+40+40 counter'],
    ],
    [
      'left in the fridge by a bake, hungry',
      { hands: all, days: 3, steps: [build(0.5), take(26)] },
      ['26 [26 to 28.5] feed 10+40+40 counter', '52.5 [38 to 52.5] feed 10+40+40 counter'],
    ],
    [
      'left by a bake while nobody is there',
      { hands: twice, days: 3, steps: [build(12), walk(20, 'larder'), take(26.5 + 6)] },
      ['62 [37 to 62] feed 10+40+40 counter'],
    ],
    [
      'fridge home, taken out for a bake',
      {
        hands: all,
        days: 4,
        jar: jarFed(40, 'fridge', { home: 'fridge' }),
        steps: [build(12), take(26)],
      },
      ['26 [26 to 26.5] move fridge'],
    ],
    [
      'twice a day by its card, where somebody comes by once',
      {
        hands: daily([12, 13]),
        days: 3,
        jar: jarFed(10, 'counter', { rhythm: { everyH: 12, at: 7 } }),
      },
      [
        '18 [16 to 20] feed 10+40+40 counter',
        '42 [40 to 44] feed 10+40+40 counter',
        '66 [64 to 68] feed 10+40+40 counter',
      ],
    ],
    [
      'its usual ratio is more than may be',
      { hands: all, days: 2, jar: jarFed(10, 'counter', { parts: 12 }) },
      ['18 [2 to 18] feed 10+100+100 counter'],
    ],
    [
      'its usual ratio is less than may be',
      { hands: all, days: 2, jar: jarFed(10, 'counter', { parts: 0.2 }) },
      ['18 [2 to 18] feed 10+10+10 counter', '38 [26 to 38] feed 10+10+10 counter'],
    ],
  ];

  it.each(WEEKS)('%s', (_, given, told) => {
    const hours = (at: number) => (at - NOW) / HOUR;
    expect(
      stepsKept(given).map(
        ({ at, earliest, latest, kind, keepG, waterG, flourG, place }) =>
          `${hours(at)} [${hours(earliest)} to ${hours(latest)}] ${kind}${keepG === undefined ? '' : ` ${keepG}+${waterG}+${flourG}`} ${place}`,
      ),
    ).toEqual(told);
  });
});

describe('whoever is there, whatever the card says', () => {
  const RHYTHMS: readonly (Rhythm | undefined)[] = [
    undefined,
    { everyH: 8, at: 9 },
    { everyH: 12, at: 7 },
    { everyH: 24, at: 8 },
    { everyH: 48, at: 3 },
    { everyH: 168, at: 10, on: 6 },
    { everyH: null },
  ];
  const HOURS = [daily([12, 13]), daily([0, 24]), twice, (days: number) => trip(days, 20, 120)];

  it.each(HOURS.flatMap((there, i) => RHYTHMS.map((rhythm) => [i, rhythm, there] as const)))(
    '(%#) two feeds are never on the heels of each other, and a week has an end',
    (_, rhythm, there) => {
      for (const home of ['counter', 'fridge'] as const) {
        const over = { home, ...(rhythm ? { rhythm } : {}) };
        const jar = jarFed(30, home === 'fridge' ? 'counter' : home, over);
        const steps = stepsKept({ hands: there, days: 9, jar });
        const feeds = steps.filter(({ kind }) => kind === 'feed').map(({ at }) => at);
        const apart = Math.min(6, (rhythm?.everyH ?? 12) / 2) * HOUR;
        for (let i = 1; i < feeds.length; i++)
          expect(feeds[i]! - feeds[i - 1]!).toBeGreaterThanOrEqual(apart);
        expect(steps.map(({ at }) => at)).toEqual(steps.map(({ at }) => at).sort((a, b) => a - b));
      }
    },
  );
});

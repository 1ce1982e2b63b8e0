import { HOUR } from '../measure';
import { makePlans } from './makePlans';
import { type Impossible, type Plan, type Problem, USUAL_LIMITS, type Wanted } from './problem';
import { EVENINGS, type Evening, evening, jotted } from './someEvening.testing';
import { NOW, bakeIn, jarFed, kitchenWith } from './someKitchen.testing';

const wanted = (hours: number, levainG: number, over: Partial<Wanted> = {}) =>
  bakeIn(hours, { levainG, until: NOW + (hours + 1) * HOUR, ...over });

/** At six in the evening, with somebody there for half an hour now and then. */
const KITCHENS = {
  'asleep in the fridge': EVENINGS['asleep in the fridge'],
  'there is enough, for later': EVENINGS['there is enough, for later'],
  'a cool kitchen': EVENINGS['a cool kitchen'],
  'two strong feeds, and no time for them': EVENINGS['two strong feeds, and no time for them'],
  'nobody is there in the window': EVENINGS['nobody is there in the window'],
  'two bakes on one evening': {
    hands: [0, 4, 13, 26, 28],
    bakes: [wanted(26, 120), wanted(28, 90, { id: 'tins' })],
  },
  'the second of two is too much': {
    hands: [0, 4, 13, 26, 28],
    bakes: [wanted(26, 150), wanted(28, 400, { id: 'tins' })],
  },
  'more than the jar holds': { hands: [0, 4, 8, 13, 26], bakes: [wanted(26, 500)] },
  'too soon': { hands: [0, 1, 4, 9, 14], jar: jarFed(100, 'fridge'), bakes: [wanted(2, 150)] },
  'short of flour': {
    hands: [0, 4, 13, 26],
    over: { limits: { ...USUAL_LIMITS, flourAtHandG: 40 } },
  },
  'as good as frozen': {
    hands: [0, 4, 13, 26],
    jar: jarFed(100, 'fridge'),
    over: { places: kitchenWith({ kind: 'constant', celsius: 3 }) },
  },
  'nothing is wanted': { hands: [0, 4, 13, 26, 38], bakes: [] },
} satisfies Readonly<Record<string, Evening>>;

const hours = (at: number) => Math.round(((at - NOW) / HOUR) * 10) / 10;

const planTold = ({ name, wanted: prospects, flourG, discardG, touches, steps }: Plan) =>
  `${name}: ${prospects.map(({ id, chance, peakAt, low, high }) => `${id} ${Math.round(100 * chance)} %, peak ${hours(low)} < ${hours(peakAt)} < ${hours(high)}`).join(', ')}; ${flourG} g, ${discardG} g out, ${touches} touches: ${jotted(steps)}`;

const obstacleTold = ({ wanted: id, because, nearest }: Impossible) =>
  [
    `${id}: ${because}`,
    ...nearest.map((way) => {
      switch (way.kind) {
        case 'otherHour':
          return `from ${hours(way.from)} to ${hours(way.until)}`;
        case 'handsAt':
          return `hands at ${way.times.map(hours).join(' and ')}`;
        case 'less':
          return `${way.levainG} g${way.at ? ` from ${hours(way.at.from)}` : ''}`;
        case 'moreFlour':
          return `${way.flourG} g of flour`;
      }
    }),
  ].join(', ');

/** How the first plan is drawn: points from when to when, how high, and where it is yellow. */
const drawnTold = ({ curves }: Plan) =>
  curves.map(
    ({ jar, heights, ripe }) =>
      `${jar}: ${heights.length} points from ${hours(heights[0]![0])} to ${hours(heights.at(-1)![0])}, ${Math.max(...heights.map(([, height]) => height)).toFixed(2)} high, ripe ${ripe.map(([from, until]) => `${hours(from)} to ${hours(until)}`).join(' and ')}`,
  );

const toldOf = (given: Evening) => {
  const { task } = evening(given);
  const problem: Problem = { ...task.problem, wanted: task.bakes };
  const { plans, impossible } = makePlans(problem);
  return {
    plans: plans.map(planTold),
    impossible: impossible.map(obstacleTold),
    drawn: plans.slice(0, 1).flatMap(drawnTold),
  };
};

/** The plans, what cannot be had and why, and how the first is drawn. Whoever changes what plans cost reads them anew. */
const TOLD: readonly (readonly [
  keyof typeof KITCHENS,
  readonly string[],
  readonly string[],
  readonly string[],
])[] = [
  [
    'asleep in the fridge',
    [
      'balanced: loaves 84 %, peak 24.5 < 26.6 < 28.5; 125 g, 190 g out, 4 touches: 0.5 move counter, 4.5 move warm, 13.5 build 12+85+85 counter, 26 take 150, 26 feed 10+40+40 fridge',
      'fewestTouches: loaves 63 %, peak 24.4 < 26 < 28.2; 120 g, 180 g out, 2 touches: 13.5 build 17+80+80 warm, 26 take 150, 26 feed 10+40+40 fridge',
    ],
    [],
    ['tern: 51 points from 0 to 60, 2.43 high, ripe 7.5 to 10.4 and 23.5 to 26'],
  ],
  [
    'there is enough, for later',
    [
      'balanced: loaves 69 %, peak 10.6 < 14.3 < 16.9; 40 g, 270 g out, 1 touches: 12 take 120, 12 feed 10+40+40 counter',
    ],
    [],
    ['tern: 58 points from 0 to 60, 2.46 high, ripe 9.5 to 12 and 21.1 to 25.8'],
  ],
  [
    'a cool kitchen',
    [
      'balanced: loaves 76 %, peak 21.8 < 24.1 < 26.7; 100 g, 140 g out, 3 touches: 0.5 move warm, 12.5 build 60+60+60 counter, 26 take 150, 26 feed 10+40+40 counter',
    ],
    [],
    ['tern: 51 points from 0 to 60, 2.37 high, ripe 3.7 to 6.8 and 21.4 to 26 and 42.4 to 51.3'],
  ],
  [
    'two strong feeds, and no time for them',
    [
      'balanced: ; 80 g, 250 g out, 2 touches: 13.5 feed 10+40+40 counter, 26.5 feed 10+40+40 counter',
    ],
    ['loaves: handsAway, hands at 21'],
    ['tern: 60 points from 0 to 60, 2.46 high, ripe 0 to 3.9 and 21.7 to 26.3 and 35.6 to 41.1'],
  ],
  [
    'nobody is there in the window',
    ['balanced: ; 40 g, 170 g out, 1 touches: 13.5 feed 10+40+40 fridge'],
    ['loaves: handsAway, hands at 26'],
    ['tern: 44 points from 0 to 60, 2.39 high, ripe 0 to 3.9'],
  ],
  [
    'two bakes on one evening',
    [
      'balanced: loaves 85 %, peak 21 < 25.5 < 27, tins 80 %, peak 21 < 25.5 < 27; 155 g, 190 g out, 4 touches: 4.5 build 16+115+115 counter, 13 move larder, 26 take 120, 26 move fridge, 28 take 90, 28 feed 10+40+40 counter',
    ],
    [],
    ['tern: 54 points from 0 to 60, 2.46 high, ripe 0 to 3.9 and 22.1 to 28 and 39.4 to 43.9'],
  ],
  [
    'the second of two is too much',
    [
      'balanced: loaves 73 %, peak 24.6 < 26.7 < 28.6; 125 g, 190 g out, 2 touches: 13 build 12+85+85 counter, 26 take 150, 26 feed 10+40+40 counter',
    ],
    ['tins: jarTooSmall, 210 g'],
    ['tern: 60 points from 0 to 60, 2.47 high, ripe 0 to 3.9 and 23.3 to 26 and 35.9 to 41.3'],
  ],
  [
    'more than the jar holds',
    [
      'balanced: ; 80 g, 250 g out, 2 touches: 13.5 feed 10+40+40 counter, 26.5 feed 10+40+40 counter',
    ],
    ['loaves: jarTooSmall, 360 g'],
    ['tern: 60 points from 0 to 60, 2.46 high, ripe 0 to 3.9 and 21.7 to 26.3 and 35.6 to 41.1'],
  ],
  [
    'too soon',
    ['balanced: ; 0 g, 0 g out, 0 touches: '],
    ['loaves: tooSoon, from 8 to 9'],
    ['tern: 38 points from 0 to 60, 1.24 high, ripe '],
  ],
  ['short of flour', [], ['loaves: flourShort, 124 g of flour'], []],
  [
    'as good as frozen',
    [
      'balanced: loaves 43 %, peak 24.3 < 26.8 < 30; 125 g, 190 g out, 2 touches: 13.5 build 12+85+85 warm, 26 take 150, 26 feed 10+40+40 fridge',
    ],
    [],
    ['tern: 46 points from 0 to 60, 2.30 high, ripe 25.2 to 26'],
  ],
  [
    'nothing is wanted',
    [
      'balanced: ; 80 g, 250 g out, 2 touches: 13.5 feed 10+40+40 counter, 38.5 feed 10+40+40 counter',
    ],
    [],
    ['tern: 61 points from 0 to 60, 2.44 high, ripe 0 to 3.9 and 21.7 to 26.3 and 46.5 to 51.2'],
  ],
];

it.each(TOLD)('%s', (name, plans, impossible, drawn) => {
  expect(toldOf(KITCHENS[name])).toEqual({ plans, impossible, drawn });
});

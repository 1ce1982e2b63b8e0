import { searchJar } from './searchJar';
import { EVENINGS, evening, jotted } from './someEvening.testing';
import { stepsOf } from './stepsOf';

/**
 * Ways through small kitchens, the cheapest first, with what each comes to in the coin of plans, and how many there are. Whoever
 * changes what a plan costs, or what is tried, reads them anew: would a baker who is there at these hours alone do this?
 */
const WAYS: readonly (readonly [keyof typeof EVENINGS, number, readonly string[]])[] = [
  [
    'fed this morning, on the counter',
    16,
    [
      '8.58: 13.5 build 12+84+84 counter, 26 take 150',
      '8.83: 0 move fridge, 13.5 build 12+84+84 counter, 26 take 150',
      '9.21: 0 move fridge, 13 build 12+84+84 counter, 26 take 150',
      '9.36: 13 build 12+84+84 counter, 26 take 150',
    ],
  ],
  [
    'asleep in the fridge',
    13,
    [
      '9.59: 0 move counter, 13 build 9+90+90 counter, 26 take 150',
      '9.71: 0 move counter, 13.5 build 12+84+84 counter, 26 take 150',
      '9.72: 0 move counter, 13.5 build 9+90+90 counter, 26 take 150',
      '10.76: 0 move counter, 13 build 12+84+84 counter, 26 take 150',
    ],
  ],
  [
    'a strong feed is asked for',
    7,
    [
      '9.59: 0 move counter, 13 build 9+90+90 counter, 26 take 150',
      '9.71: 0 move counter, 13.5 build 12+84+84 counter, 26 take 150',
      '9.72: 0 move counter, 13.5 build 9+90+90 counter, 26 take 150',
      '10.76: 0 move counter, 13 build 12+84+84 counter, 26 take 150',
    ],
  ],
  [
    'two strong feeds are asked for',
    24,
    [
      '11.39: 0 move counter, 14 feed 10+40+40 counter, 38.5 build 9+63+63 counter, 50 take 100',
      '11.47: 0 move counter, 14 feed 10+40+40 counter, 38 build 9+63+63 counter, 50 take 100',
      '11.48: 0 move counter, 26 feed 10+40+40 counter, 38.5 build 12+60+60 counter, 50 take 100',
      '11.56: 0 move counter, 14 feed 10+100+100 counter, 38.5 build 9+63+63 counter, 50 take 100',
    ],
  ],
  ['two strong feeds, and no time for them', 0, []],
  [
    'a warm kitchen',
    24,
    [
      '13.13: 0 feed 10+40+40 counter, 12 build 59+59+59 larder, 26 take 150',
      '13.26: 0 feed 10+40+40 counter, 12.5 build 59+59+59 larder, 26 take 150',
      '13.28: 0 feed 10+100+100 counter, 12.5 build 59+59+59 larder, 26 take 150',
      '13.38: 0 feed 10+100+100 counter, 12 build 59+59+59 larder, 26 take 150',
    ],
  ],
  [
    'a cool kitchen',
    8,
    [
      '7.94: 12.5 build 59+59+59 counter, 26 take 150',
      '8.59: 12 build 59+59+59 counter, 26 take 150',
      '10.21: 12 build 45+67+68 counter, 26 take 150',
      '10.49: 7.5 build 45+67+68 counter, 26 take 150',
    ],
  ],
  [
    'two bakes',
    24,
    [
      '21.81: 0.5 build 12+84+84 counter, 10 move larder, 26 take 150, 26 build 7+70+70 counter, 36.5 move larder, 50 take 100',
      '22.26: 0.5 build 12+84+84 counter, 10 move larder, 26 take 150, 26 build 7+70+70 counter, 36 move larder, 50 take 100',
      '22.27: 0.5 build 12+84+84 counter, 10 move larder, 26 take 150, 26 move fridge, 36.5 build 7+70+70 counter, 50 take 100',
      '22.31: 0.5 build 12+84+84 counter, 10 move larder, 26 take 150, 26 move counter, 26 build 7+70+70 counter, 36.5 move larder, 50 take 100',
    ],
  ],
  [
    'there is enough in the jar',
    9,
    [
      '4.25: 0.5 move larder, 4 take 120',
      '4.25: 2 move larder, 4 take 120',
      '5.72: 2.5 move larder, 4 take 120',
      '10.27: 0 build 49+49+49 warm, 4 take 120',
    ],
  ],
  [
    'there is enough, for later',
    22,
    [
      '3.62: 12 take 120',
      '13.55: 3.5 build 37+55+56 warm, 12 take 120',
      '14.48: 3.5 build 30+60+60 warm, 12 take 120',
      '14.73: 3 build 37+55+56 warm, 12 take 120',
    ],
  ],
  [
    'little is wanted soon',
    24,
    [
      '2.32: 0.5 build 22+33+33 counter, 9 take 60',
      '3.42: 0 build 18+36+36 counter, 9 take 60',
      '3.92: 0 move fridge, 0 build 18+36+36 counter, 9 take 60',
      '4.31: 0.5 build 18+36+36 counter, 9 take 60',
    ],
  ],
  [
    'somebody is there at night alone',
    3,
    [
      '6.19: 0 build 26+78+78 counter, 9.5 move larder, 19 take 150',
      '12.10: 0.5 build 9+90+90 warm, 8.5 move larder, 19 take 150',
      '12.16: 0 build 9+90+90 warm, 8 move larder, 19 take 150',
    ],
  ],
  [
    'touches are dear',
    17,
    [
      '14.09: 0 move counter, 13 build 9+90+90 counter, 26 take 150',
      '14.21: 0 move counter, 13.5 build 12+84+84 counter, 26 take 150',
      '14.22: 0 move counter, 13.5 build 9+90+90 counter, 26 take 150',
      '15.26: 0 move counter, 13 build 12+84+84 counter, 26 take 150',
    ],
  ],
  [
    'flour is dear',
    21,
    [
      '13.62: 13.5 build 12+84+84 counter, 26 take 150',
      '13.87: 0 move fridge, 13.5 build 12+84+84 counter, 26 take 150',
      '14.25: 0 move fridge, 13 build 12+84+84 counter, 26 take 150',
      '14.40: 13 build 12+84+84 counter, 26 take 150',
    ],
  ],
  [
    'another jar is fed in the morning',
    17,
    [
      '8.58: 13.5 build 12+84+84 counter, 26 take 150',
      '8.71: 0 move fridge, 13 build 12+84+84 counter, 26 take 150',
      '8.83: 0 move fridge, 13.5 build 12+84+84 counter, 26 take 150',
      '8.86: 13 build 12+84+84 counter, 26 take 150',
    ],
  ],
  [
    'a small jar',
    15,
    [
      '12.70: 4.5 build 36+72+72 larder, 26 take 150',
      '12.96: 4 build 36+72+72 larder, 26 take 150',
      '13.49: 0 move fridge, 4.5 build 59+59+59 larder, 26 take 150',
      '13.65: 4 build 26+78+78 larder, 26 take 150',
    ],
  ],
  [
    'small ratios alone',
    24,
    [
      '12.71: 4.5 build 36+72+72 larder, 26 take 150',
      '12.95: 4 build 36+72+72 larder, 26 take 150',
      '13.37: 0 move fridge, 4.5 build 59+59+59 larder, 26 take 150',
      '13.56: 0 move fridge, 4 build 59+59+59 larder, 26 take 150',
    ],
  ],
  ['nobody is there in the window', 0, []],
  [
    'hungry for days',
    24,
    [
      '18.54: 0 feed 10+40+40 counter, 13.5 topUp 90+43+44 counter, 26 take 150',
      '18.84: 0 feed 10+40+40 counter, 13 topUp 90+43+44 counter, 26 take 150',
      '18.91: 0 feed 10+40+40 counter, 13.5 build 26+78+78 warm, 26 take 150',
      '19.31: 0 feed 10+40+40 counter, 13.5 build 20+80+80 warm, 26 take 150',
    ],
  ],
  [
    'a pace hardly known',
    24,
    [
      '14.32: 13.5 build 12+84+84 counter, 26 take 150',
      '14.55: 4.5 build 36+72+72 larder, 26 take 150',
      '14.66: 4 build 36+72+72 larder, 26 take 150',
      '14.67: 13 build 12+84+84 counter, 26 take 150',
    ],
  ],
];

it.each(WAYS)('%s: of %i ways the cheapest are these', (name, count, cheapest) => {
  const { task, steering } = evening(EVENINGS[name]);
  const ends = searchJar(task, steering);
  expect(
    ends
      .slice(0, 4)
      .map((end) => `${end.cost.toFixed(2)}: ${jotted(stepsOf(end, task.jar, task.start.place))}`),
  ).toEqual(cheapest);
  expect(ends).toHaveLength(count);
});

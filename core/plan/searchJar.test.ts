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
    17,
    [
      '9.25: 13.5 build 20+140+140 counter, 26 take 150',
      '9.73: 0 move fridge, 13.5 build 20+140+140 counter, 26 take 150',
      '10.14: 0 move fridge, 13.5 build 20+100+100 counter, 26 take 150',
      '10.19: 13 build 20+140+140 counter, 26 take 150',
    ],
  ],
  [
    'asleep in the fridge',
    15,
    [
      '10.25: 0 move counter, 13.5 build 20+140+140 counter, 26 take 150',
      '11.02: 0 move counter, 13 build 20+140+140 counter, 26 take 150',
      '12.95: 0 move counter, 4.5 build 45+67+68 counter, 13.5 move larder, 26 take 150',
      '13.30: 0 move counter, 4.5 build 45+67+68 counter, 13 move larder, 26 take 150',
    ],
  ],
  [
    'a strong feed is asked for',
    6,
    [
      '10.25: 0 move counter, 13.5 build 20+140+140 counter, 26 take 150',
      '11.02: 0 move counter, 13 build 20+140+140 counter, 26 take 150',
      '14.52: 0 move counter, 13.5 build 20+100+100 counter, 26 take 150',
      '15.06: 0 move counter, 13 build 20+100+100 counter, 26 take 150',
    ],
  ],
  [
    'two strong feeds are asked for',
    24,
    [
      '11.91: 0 move counter, 26 feed 10+40+40 counter, 38.5 build 20+100+100 counter, 50 take 100',
      '12.51: 0 move counter, 14 feed 10+100+100 counter, 38.5 build 20+140+140 counter, 50 take 100',
      '12.53: 0 move counter, 14 feed 10+40+40 counter, 38 build 20+140+140 counter, 50 take 100',
      '12.68: 0 move counter, 26 feed 10+40+40 counter, 38 build 20+100+100 counter, 50 take 100',
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
      '21.27: 0.5 build 20+140+140 counter, 10 move larder, 26 take 150, 26.5 build 20+140+140 counter, 36 move larder, 50 take 100',
      '23.85: 0.5 build 20+140+140 counter, 10 move larder, 26 take 150, 26.5 build 26+52+52 larder, 50 take 100',
      '23.86: 0.5 build 20+140+140 counter, 10 move larder, 26 take 150, 36 build 43+43+43 larder, 50 take 100',
      '24.01: 0.5 build 20+140+140 counter, 10 move larder, 26 take 150, 26 build 26+52+52 larder, 50 take 100',
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
      '3.43: 0 build 20+40+40 counter, 9 take 60',
      '3.93: 0 move fridge, 0 build 20+40+40 counter, 9 take 60',
      '4.31: 0.5 build 20+40+40 counter, 9 take 60',
    ],
  ],
  [
    'somebody is there at night alone',
    1,
    ['6.19: 0 build 26+78+78 counter, 9.5 move larder, 19 take 150'],
  ],
  [
    'touches are dear',
    18,
    [
      '14.75: 0 move counter, 13.5 build 20+140+140 counter, 26 take 150',
      '15.52: 0 move counter, 13 build 20+140+140 counter, 26 take 150',
      '18.04: 13 build 59+59+59 counter, 26 take 150',
      '18.09: 13.5 build 59+59+59 counter, 26 take 150',
    ],
  ],
  [
    'flour is dear',
    24,
    [
      '16.14: 0 move fridge, 13.5 build 20+100+100 counter, 26 take 150',
      '16.91: 0 move fridge, 4.5 build 59+59+59 larder, 26 take 150',
      '17.03: 4.5 build 36+72+72 larder, 26 take 150',
      '17.10: 0 move fridge, 4 build 59+59+59 larder, 26 take 150',
    ],
  ],
  [
    'another jar is fed in the morning',
    17,
    [
      '9.25: 13.5 build 20+140+140 counter, 26 take 150',
      '9.69: 13 build 20+140+140 counter, 26 take 150',
      '9.73: 0 move fridge, 13.5 build 20+140+140 counter, 26 take 150',
      '9.75: 0 move fridge, 13 build 20+140+140 counter, 26 take 150',
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
      '14.55: 4.5 build 36+72+72 larder, 26 take 150',
      '14.66: 4 build 36+72+72 larder, 26 take 150',
      '14.92: 0 move fridge, 13.5 build 20+100+100 counter, 26 take 150',
      '14.94: 4.5 build 45+67+68 larder, 26 take 150',
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

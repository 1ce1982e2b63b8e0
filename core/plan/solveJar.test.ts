import { EVENINGS, evening, jotted } from './someEvening.testing';
import { type JarPlan, solveJar, solvedOtherwise } from './solveJar';

/** What is found for small kitchens, lived through, and what becomes of it when each of its choices is turned to its best. */
const PLANS: readonly (readonly [keyof typeof EVENINGS, string | null, string | null])[] = [
  [
    'fed this morning, on the counter',
    '7.02: 13.5 build 12+84+84 counter, 26 take 150',
    '7.02: 13.5 build 12+84+84 counter, 26 take 150',
  ],
  [
    'asleep in the fridge',
    '10.35: 0 move counter, 13.5 build 12+84+84 counter, 26 take 150',
    '7.93: 0.5 move counter, 4.5 move warm, 13.5 build 12+84+84 counter, 26 take 150',
  ],
  [
    'a strong feed is asked for',
    '10.35: 0 move counter, 13.5 build 12+84+84 counter, 26 take 150',
    '7.93: 0.5 move counter, 4.5 move warm, 13.5 build 12+84+84 counter, 26 take 150',
  ],
  [
    'two strong feeds are asked for',
    '5.60: 0.5 move counter, 14.5 feed 10+20+20 counter, 38 build 9+63+63 counter, 50 take 100',
    '5.60: 0.5 move counter, 14.5 feed 10+20+20 counter, 38 build 9+63+63 counter, 50 take 100',
  ],
  ['two strong feeds, and no time for them', null, null],
  [
    'a warm kitchen',
    '8.09: 0.5 feed 10+70+70 counter, 12.5 build 59+59+59 larder, 26 take 150',
    '8.09: 0.5 feed 10+70+70 counter, 12.5 build 59+59+59 larder, 26 take 150',
  ],
  [
    'a cool kitchen',
    '15.57: 12.5 build 59+59+59 counter, 26 take 150',
    '10.04: 0.5 move warm, 12.5 build 59+59+59 counter, 26 take 150',
  ],
  [
    'two bakes',
    '21.98: 0.5 build 17+85+85 counter, 10 move larder, 26 take 150, 36.5 build 7+70+70 counter, 50 take 100',
    '17.80: 10.5 build 9+90+90 counter, 26 take 150, 36 build 7+70+70 counter, 50 take 100',
  ],
  [
    'there is enough in the jar',
    '8.31: 0.5 move larder, 4 take 120',
    '8.31: 0.5 move larder, 4 take 120',
  ],
  ['there is enough, for later', '7.81: 12 take 120', '7.81: 12 take 120'],
  [
    'little is wanted soon',
    '4.23: 5 build 22+33+33 warm, 9 take 60',
    '4.23: 5 build 22+33+33 warm, 9 take 60',
  ],
  [
    'somebody is there at night alone',
    '15.48: 0.5 build 26+78+78 counter, 9.5 move larder, 19 take 150',
    '7.99: 8 build 26+78+78 counter, 19 take 150',
  ],
  [
    'touches are dear',
    '14.55: 13.5 build 17+85+85 warm, 26 take 150',
    '14.55: 13.5 build 17+85+85 warm, 26 take 150',
  ],
  [
    'flour is dear',
    '12.06: 13.5 build 12+84+84 counter, 26 take 150',
    '12.06: 13.5 build 12+84+84 counter, 26 take 150',
  ],
  [
    'another jar is fed in the morning',
    '7.02: 13.5 build 12+84+84 counter, 26 take 150',
    '7.02: 13.5 build 12+84+84 counter, 26 take 150',
  ],
  [
    'a small jar',
    '12.79: 4 build 45+67+68 larder, 26 take 150',
    '12.53: 4.5 move warm, 13.5 build 20+80+80 counter, 26 take 150',
  ],
  [
    'small ratios alone',
    '12.79: 4 build 45+67+68 larder, 26 take 150',
    '10.02: 4.5 feed 10+30+30 larder, 13.5 build 26+78+78 counter, 26 take 150',
  ],
  ['nobody is there in the window', null, null],
  [
    'hungry for days',
    '17.59: 0 build 20+80+80 counter, 26 take 150',
    '17.07: 0 feed 10+70+70 counter, 4 topUp 150+13+14 counter, 26 take 150',
  ],
  [
    'a pace hardly known',
    '11.70: 13 build 17+85+85 counter, 26 take 150',
    '11.70: 13 build 17+85+85 counter, 26 take 150',
  ],
];

const told = (plan: JarPlan | null) => plan && `${plan.cost.toFixed(2)}: ${jotted(plan.steps)}`;

describe.each(PLANS)('%s', (name, first, turned) => {
  it('has a plan at once', () => {
    const { task, steering } = evening(EVENINGS[name]);
    expect(told(solveJar(task, steering))).toBe(first);
  });

  if (first !== null)
    it('has one turned to its best', () => {
      const { task, steering } = evening(EVENINGS[name]);
      expect(told(solvedOtherwise(task, solveJar(task, steering)!))).toBe(turned);
    });
});

import fc from 'fast-check';

import { FLOUR_KINDS } from '../measure';
import { inoculationBySeason, wholeGrainPct } from './season';

describe('the levain of a season', () => {
  it('stays between a tenth and a fifth, and is never more where it is warmer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 45, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (celsius, warmer) => {
          const share = inoculationBySeason(celsius);
          expect(share).toBeGreaterThanOrEqual(10);
          expect(share).toBeLessThanOrEqual(20);
          expect(inoculationBySeason(celsius + warmer)).toBeLessThanOrEqual(share);
        },
      ),
    );
    expect([16, 22, 30].map(inoculationBySeason)).toEqual([20, 16, 10]);
  });
});

/** Nobody counts these as whole grain in a wheat dough. */
const GLUTENLESS = ['brownRice', 'buckwheat', 'sorghum', 'teff', 'glutenFree'];

it('whole grain and the rest are the whole blend', () => {
  fc.assert(
    fc.property(fc.tuple(...FLOUR_KINDS.map(() => fc.integer({ min: 0, max: 9 }))), (parts) => {
      const blend = Object.fromEntries(FLOUR_KINDS.map((kind, i) => [kind, parts[i]!]));
      const whole = wholeGrainPct(blend);
      const present = FLOUR_KINDS.filter((kind) => blend[kind]! > 0);
      const refined = ['white', 'strongWhite', ...GLUTENLESS];
      if (present.every((kind) => refined.includes(kind))) expect(whole).toBe(0);
      else if (!present.some((kind) => kind === 'sifted' || refined.includes(kind)))
        expect(whole).toBe(100);
      else {
        expect(whole).toBeGreaterThan(0);
        expect(whole).toBeLessThan(100);
      }
    }),
  );
});

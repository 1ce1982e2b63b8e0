import fc from 'fast-check';

import { USUAL_PACE, feed, forecast, heightAt, starterIn, usualVessel } from '../ferment';
import { ratioText } from './ratio';
import { stirDown } from './stirDown';
import { amountsAfter, feedOutcome, flourByKind, portionFromScale, scaleTarget } from './weighing';

const recipe = { keepG: 20, ratio: { flour: 4, water: 4 } };

describe('amounts at the bench', () => {
  it('are whole grams that follow the ratio', () => {
    expect(amountsAfter(recipe, {})).toEqual({ keepG: 20, flourG: 80, waterG: 80 });
    expect(amountsAfter({ keepG: 17, ratio: { flour: 3.3, water: 2 } }, {})).toEqual({
      keepG: 17,
      flourG: 56,
      waterG: 34,
    });
  });

  it('never change what has landed, and keep the hydration asked for whatever lands first', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 200 }),
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        fc.double({ min: 0.5, max: 1.5, noNaN: true }),
        fc.integer({ min: 20, max: 900 }),
        (keepG, flour, hydration, water) => {
          const feed = { keepG, ratio: { flour, water: flour * hydration } };
          const amounts = amountsAfter(feed, { keep: keepG, water });
          expect(amounts.waterG).toBe(water);
          expect(Math.abs(amounts.flourG - water / hydration)).toBeLessThanOrEqual(0.5);
        },
      ),
    );
  });
});

it('what came out counts the flour and water that the keep brought', () => {
  const { ratio, hydrationPct, massG } = feedOutcome({ keepG: 30, flourG: 60, waterG: 60 }, 50);
  expect(ratioText(ratio!)).toBe('1 : 2 : 2');
  expect(massG).toBe(150);
  expect(hydrationPct).toBeCloseTo((100 * 70) / 80, 6);
});

it('flours of a blend are whole grams and add up to the whole', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 900 }),
      fc.double({ min: 0.01, max: 0.98, noNaN: true }),
      fc.double({ min: 0.01, max: 1, noNaN: true }),
      (flourG, white, rye) => {
        const parts = flourByKind(flourG, { white, rye, spelt: 0.2 });
        expect(parts.reduce((sum, { grams }) => sum + grams, 0)).toBe(flourG);
        expect(parts.every(({ grams }) => Number.isInteger(grams))).toBe(true);
      },
    ),
  );
});

it('a reading of the scale with the jar on it means the same portion as one tared to zero', () => {
  expect(scaleTarget('tare', 412, 27, 110)).toBe(110);
  expect(scaleTarget('inJar', 412, 27, 110)).toBe(549);
  fc.assert(
    fc.property(fc.nat(900), fc.nat(400), fc.nat(500), (emptyG, before, portion) => {
      const reads = scaleTarget('inJar', emptyG, before, portion);
      expect(portionFromScale('inJar', emptyG, before, reads)).toBe(portion);
    }),
  );
});

describe('stirring down', () => {
  const conditions = { air: () => 24, vessel: usualVessel(225, 100), pace: USUAL_PACE };
  const mix = feed(starterIn('ripe', { white: 1 }, 100, 25), {
    keepG: 25,
    flourG: 100,
    waterG: 100,
    flour: { white: 1 },
  });

  it('comes before the rim, as often as it takes, and what rises then stays below it', () => {
    const whole = forecast(mix, conditions, 48);
    const { atH, peakHeight, peaksAtH } = stirDown(mix, conditions, 2.4, 48)!;
    expect(whole.peakHeight).toBeGreaterThan(2.4);
    expect(atH).toHaveLength(2);
    expect(heightAt(whole.curve, atH[0]!)).toBeLessThan(2.4);
    expect(atH[1]! - atH[0]!).toBeGreaterThan(1);
    expect(peaksAtH!).toBeGreaterThan(atH[1]!);
    expect(peakHeight).toBeLessThan(2.4);
  });

  it('is not asked of a mix that never comes near the rim, nor of one that climbs out all the same', () => {
    expect(stirDown(mix, conditions, 5, 48)).toBeNull();
    expect(stirDown(mix, conditions, 1.8, 48)).toBeNull();
  });
});

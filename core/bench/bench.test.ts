import fc from 'fast-check';

import { USUAL_PACE, feed, forecast, heightAt, starterIn, usualVessel } from '../ferment';
import { jarRoom } from './jarRoom';
import { freshDensity } from '../measure';
import { ratioText } from './ratio';
import { ratioForTime } from './ratioForTime';
import { stirDown } from './stirDown';
import { waterFor } from './waterTemperature';
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

  it('let flour and water follow a heavy keep', () => {
    expect(amountsAfter(recipe, { keep: 23 })).toEqual({ keepG: 23, flourG: 92, waterG: 92 });
  });

  it('let flour follow a heavy pour of water, and water a heavy scoop of flour', () => {
    expect(amountsAfter(recipe, { keep: 20, water: 88 }).flourG).toBe(88);
    expect(amountsAfter(recipe, { keep: 20, flour: 76 }).waterG).toBe(76);
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

describe('warm water', () => {
  const parts = {
    keepG: 25,
    keepHydrationPct: 100,
    keepCelsius: 21,
    flourG: 100,
    flourCelsius: 20,
    waterG: 100,
  };

  it('brings the mix to the wanted temperature', () => {
    const { celsius, reached } = waterFor(parts, 25);
    expect(celsius).toBeGreaterThan(25);
    expect(celsius).toBeLessThan(31);
    expect(reached).toBeCloseTo(25, 6);
  });

  it('is never above 40 °C, and says what the mix then comes to', () => {
    const { celsius, reached } = waterFor(
      { ...parts, keepCelsius: 4, flourCelsius: 5, keepG: 200 },
      28,
    );
    expect(celsius).toBe(40);
    expect(reached).toBeLessThan(28);
  });

  it('is not asked for where there is none', () => {
    expect(waterFor({ ...parts, waterG: 0 }, 25).reached).toBeCloseTo(20.4, 0);
  });
});

describe('room in the jar', () => {
  const vessel = { emptyG: 300, capacityMl: 500 };

  it('is enough at a third, and may not be above a half', () => {
    expect(jarRoom(vessel, (vessel.capacityMl / 3) * freshDensity(100), 100, 2.4).verdict).toBe(
      'fine',
    );
    expect(jarRoom(vessel, 280, 100, 1.2).verdict).toBe('tight');
  });

  it('warns when the peak would pass the brim, though the mix fits', () => {
    const room = jarRoom(vessel, 220, 100, 2.5);
    expect(room.filled).toBeLessThan(0.5);
    expect(room.verdict).toBe('overflows');
  });
});

describe('a ratio for a wanted hour', () => {
  const mix = starterIn('hungry', { white: 1 }, 100, 20);
  const conditions = { air: () => 22, vessel: usualVessel(200, 100), pace: USUAL_PACE };
  const suggest = (hours: number) => ratioForTime(mix, 20, 100, { white: 1 }, conditions, hours)!;

  it('ripens around that hour', () => {
    for (const hours of [5, 8, 12]) {
      const { forecast } = suggest(hours);
      expect(forecast.ripeFromH!).toBeLessThanOrEqual(hours);
      expect(forecast.ripeUntilH!).toBeGreaterThanOrEqual(hours);
    }
  });

  it('is leaner the further the hour', () => {
    expect(suggest(12).ratio.flour).toBeGreaterThan(suggest(6).ratio.flour);
  });

  it('keeps the hydration asked for', () => {
    const { ratio } = ratioForTime(mix, 20, 60, { white: 1 }, conditions, 10)!;
    expect(ratio.water / ratio.flour).toBeCloseTo(0.6, 9);
  });

  it('does not exist where nothing ripens', () => {
    expect(ratioForTime(mix, 20, 100, { white: 1 }, { ...conditions, air: () => 2 }, 8)).toBeNull();
  });
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

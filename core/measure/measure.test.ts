import fc from 'fast-check';

import { blendShares, blendTraits, mainFlour, mixBlends, sameBlend } from './flour';
import { flourAndWater, freshDensity, hydrationOf } from './hydration';
import { DAY, HOUR, kitchenTime } from './kitchenTime';
import { gramsToOunces, ouncesToGrams } from './mass';
import { celsiusToFahrenheit, fahrenheitToCelsius } from './temperature';
import { gramsToVolume, volumeToGrams } from './volume';

it('units convert there and back', () => {
  fc.assert(
    fc.property(fc.double({ min: -40, max: 5000, noNaN: true }), (x) => {
      expect(ouncesToGrams(gramsToOunces(x))).toBeCloseTo(x, 8);
      expect(fahrenheitToCelsius(celsiusToFahrenheit(x))).toBeCloseTo(x, 8);
      expect(volumeToGrams(gramsToVolume(x, 'tablespoon', 'rye'), 'tablespoon', 'rye')).toBeCloseTo(
        x,
        8,
      );
    }),
  );
  expect(celsiusToFahrenheit(22)).toBeCloseTo(71.6, 6);
});

it('a cup of flour is not a cup of starter, nor of water', () => {
  expect(volumeToGrams(1, 'cup', 'white')).toBe(120);
  expect(volumeToGrams(1, 'cup', 'rye')).toBe(105);
  expect(volumeToGrams(1, 'cup', 'water')).toBe(237);
  expect(volumeToGrams(1, 'cup', 'starter')).toBeGreaterThanOrEqual(230);
  expect(volumeToGrams(16, 'tablespoon', 'water')).toBeCloseTo(237, 0);
});

it('flour and water of a starter add up to it, at its hydration', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 2000, noNaN: true }),
      fc.double({ min: 40, max: 200, noNaN: true }),
      (massG, hydrationPct) => {
        const { flourG, waterG } = flourAndWater(massG, hydrationPct);
        expect(flourG + waterG).toBeCloseTo(massG, 8);
        expect(hydrationOf(flourG, waterG)).toBeCloseTo(hydrationPct, 6);
      },
    ),
  );
});

it('a fresh mix weighs about 1.05 g/ml at 100 %, and more when stiffer', () => {
  expect(freshDensity(100)).toBeCloseTo(1.05, 2);
  expect(freshDensity(50)).toBeGreaterThan(freshDensity(100));
});

describe('blends', () => {
  it('are shares that add up to one, whatever they are given as', () => {
    const shares = blendShares({ white: 3, rye: 1 });
    expect(shares).toEqual([
      ['white', 0.75],
      ['rye', 0.25],
    ]);
    expect(blendShares({})).toEqual([['white', 1]]);
    expect(sameBlend({ white: 3, rye: 1 }, { rye: 0.25, white: 0.75 })).toBe(true);
    expect(sameBlend({}, { white: 1 })).toBe(true);
    expect(mainFlour({ white: 2, rye: 3, spelt: 1 })).toBe('rye');
    expect(mainFlour({})).toBe('white');
    expect(sameBlend({ white: 0.8, rye: 0.2 }, { white: 0.8, spelt: 0.2 })).toBe(false);
    expect(sameBlend({ white: 1 }, { white: 0.9, rye: 0.1 })).toBe(false);
  });

  it('have the mean of their flours for traits', () => {
    expect(blendTraits({ white: 1, rye: 1 }).rate).toBeCloseTo(1.125, 9);
  });

  it('mix by mass', () => {
    const mixed = mixBlends({ white: 1 }, 90, { rye: 1 }, 30);
    expect(mixed.white).toBeCloseTo(0.75, 9);
    expect(mixed.rye).toBeCloseTo(0.25, 9);
    expect(mixBlends({ spelt: 1 }, 0, { rye: 1 }, 0)).toEqual({ spelt: 1 });
  });
});

describe('the kitchen clock', () => {
  const lisbon = kitchenTime('Europe/Lisbon');

  it('follows a change of clocks to the hour', () => {
    const change = Date.parse('2026-03-29T01:00:00Z');
    expect(lisbon.hourOfDay(change - 1)).toBeCloseTo(1, 3);
    expect(lisbon.hourOfDay(change)).toBe(2);
    expect(lisbon.hourOfDay(change + 12 * HOUR)).toBe(14);
  });

  it('agrees with itself on ordinary days and near the date line', () => {
    const auckland = kitchenTime('Pacific/Auckland');
    const at = Date.parse('2026-07-01T13:30:00Z');
    expect(auckland.hourOfDay(at)).toBe(1.5);
    expect(auckland.hourOfDay(at + 7 * DAY)).toBe(1.5);
  });

  it('refuses a zone nobody knows', () => {
    expect(() => kitchenTime('Mars/Base')).toThrow(RangeError);
  });
});

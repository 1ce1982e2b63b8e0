import fc from 'fast-check';

import {
  FLOURS,
  blendShares,
  blendTraits,
  doubledHeight,
  isGlutenFree,
  mainFlour,
  mixBlends,
  sameBlend,
} from './flour';
import { flourAndWater, freshDensity, hydrationOf } from './hydration';
import { fingerprint } from './fingerprint';
import { DAY, HOUR, instantAt, isZone, kitchenTime, midnights } from './kitchenTime';
import { gramsToOunces, ouncesText, ouncesToGrams } from './mass';
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

describe('the kitchen’s time', () => {
  const at = (text: string) => Date.parse(text);

  it('of a kitchen that moved keeps the hours of its past', () => {
    const time = kitchenTime([
      { from: -Infinity, zone: 'Europe/Lisbon' },
      { from: at('2026-03-01T00:00Z'), zone: 'Asia/Kolkata' },
    ]);
    expect(time.zone).toBe('Asia/Kolkata');
    expect(time.hourOfDay(at('2026-02-01T12:00Z'))).toBe(12);
    expect(time.hourOfDay(at('2026-03-02T12:00Z'))).toBe(17.5);
  });

  it('gives an instant back for every local hour there is, through a year of changing clocks', () => {
    for (const zone of [
      'Europe/Lisbon',
      'America/Los_Angeles',
      'Australia/Lord_Howe',
      'Asia/Kathmandu',
    ]) {
      const time = kitchenTime(zone);
      for (let hour = 0; hour < 366 * 24; hour += 3) {
        const instant = at('2026-01-01T00:10Z') + hour * 3_600_000;
        const again = instantAt(instant + time.offset(instant), time);
        // Of an hour that comes twice the first.
        expect([0, 3_600_000, 1_800_000]).toContain(instant - again);
      }
    }
  });

  it('takes an hour that clocks leave out as the one after it', () => {
    const time = kitchenTime('Europe/Lisbon');
    expect(instantAt(at('2026-03-29T01:30Z'), time)).toBe(at('2026-03-29T01:30Z'));
    expect(instantAt(at('2026-10-25T01:30Z'), time)).toBe(at('2026-10-25T00:30Z'));
  });

  it('begins its days at midnight, also those around a change of clocks', () => {
    for (const zone of ['Europe/Lisbon', 'America/Los_Angeles', 'Pacific/Auckland']) {
      const time = kitchenTime(zone);
      const year = midnights(at('2026-01-01T15:00Z'), at('2027-01-01T15:00Z'), time);
      expect(year.filter((midnight) => time.hourOfDay(midnight) !== 0)).toEqual([]);
      const dates = year.map((midnight) =>
        new Date(midnight + time.offset(midnight)).toISOString().slice(0, 10),
      );
      expect(new Set(dates).size).toBe(366);
      // The day is the one that the hour lies in.
      expect(year[0]).toBeLessThanOrEqual(at('2026-01-01T15:00Z'));
      expect(year[1]).toBeGreaterThan(at('2026-01-01T15:00Z'));
    }
  });

  it('knows zones from words', () => {
    expect(['Asia/Tokyo', 'UTC', 'Mars/Base', '', 'Lisbon'].map(isZone)).toEqual([
      true,
      true,
      false,
      false,
      false,
    ]);
  });
});

it('from a pound on, weights are told in pounds and ounces, and sixteen ounces are a pound', () => {
  expect(ouncesText(100)).toBe('3.5 oz');
  expect(ouncesText(453.5)).toBe('1 lb 0.0 oz');
  expect(ouncesText(1000)).toBe('2 lb 3.3 oz');
});

it('a fingerprint changes with every text in it, and with where one ends', () => {
  const prints = [['ab', 'c'], ['a', 'bc'], ['abc'], ['abc', ''], ['c', 'ab'], []].map(fingerprint);
  expect(new Set(prints).size).toBe(6);
  expect(fingerprint(['ab', 'c'])).toBe(prints[0]);
});

describe('less common flours', () => {
  it('sifted wheat stands between white and whole in all that is known of it', () => {
    const { white, sifted, wholeWheat } = FLOURS;
    for (const trait of ['rate', 'buffer', 'binds', 'fade', 'whole'] as const) {
      expect(sifted[trait]).toBeGreaterThan(white[trait]);
      expect(sifted[trait]).toBeLessThan(wholeWheat[trait]);
    }
    expect(sifted.lift).toBeLessThan(white.lift);
    expect(sifted.lift).toBeGreaterThan(wholeWheat.lift);
  });

  it('the old wheats sink sooner than whole wheat, and einkorn drinks least', () => {
    for (const kind of ['spelt', 'einkorn', 'emmer'] as const)
      expect(FLOURS[kind].fade).toBeGreaterThan(FLOURS.wholeWheat.fade);
    expect(FLOURS.einkorn.binds).toBeLessThan(FLOURS.white.binds);
  });

  it('a blend is free of gluten only where all of it is', () => {
    expect(isGlutenFree({ buckwheat: 0.5, teff: 0.5 })).toBe(true);
    expect(isGlutenFree({ buckwheat: 0.95, white: 0.05 })).toBe(false);
    for (const kind of ['brownRice', 'buckwheat', 'sorghum', 'teff', 'glutenFree'] as const)
      expect(doubledHeight({ [kind]: 1 })).toBeLessThan(1.6);
  });
});

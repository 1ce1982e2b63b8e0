import fc from 'fast-check';

import { type Build, buildSeries } from './buildSeries';
import { STICKS_G } from './levain';
import { heightOf, heightRise, volumeBelow, volumeRise } from './taper';

const jar = (taper?: number) => ({
  emptyG: 300,
  capacityMl: 500,
  ...(taper === undefined ? {} : { taper }),
});

it('an emptied jar of any shape has no height of its own to tell, and tells none', () => {
  for (const taper of [0.5, 1, 1.6])
    for (const rise of [0.8, 1, 2.4]) {
      expect(volumeRise(jar(taper), 0, rise)).toBe(rise);
      expect(heightRise(jar(taper), 0, rise)).toBe(rise);
      // As it is for the last smear on its floor.
      expect(volumeRise(jar(taper), 1e-7, rise)).toBeCloseTo(rise, 3);
    }
});

describe('a tapered jar', () => {
  it('reads height as volume and back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        (taper, height) => {
          expect(heightOf(jar(taper), volumeBelow(jar(taper), height))).toBeCloseTo(height, 6);
        },
      ),
    );
  });

  it('is straight when nothing else is said', () => {
    expect(volumeBelow(jar(), 0.4)).toBeCloseTo(0.4);
    expect(volumeRise(jar(), 0.3, 1.8)).toBeCloseTo(1.8);
    expect(heightRise(jar(1), 0.3, 1.8)).toBeCloseTo(1.8);
  });

  it('that widens upward holds more in its upper half, so a doubled height is more than doubled', () => {
    expect(volumeBelow(jar(0.7), 0.5)).toBeLessThan(0.5);
    expect(volumeRise(jar(0.7), 0.25, 2)).toBeGreaterThan(2.2);
    expect(volumeRise(jar(1.4), 0.25, 2)).toBeLessThan(2);
  });

  it('full is full', () => {
    expect(volumeBelow(jar(0.6), 1)).toBeCloseTo(1);
    expect(heightOf(jar(0.6), 1)).toBeCloseTo(1);
  });
});

describe('a levain in several builds', () => {
  const task = {
    levainG: 300,
    hydrationPct: 100,
    keepG: 20,
    inJarG: 24,
    inJarHydrationPct: 100,
  };
  const massOf = ({ seedG, flourG, waterG }: Build) => seedG + flourG + waterG;

  it('takes no more than the jar can spare and ends with what is wanted, each build the seed of the next', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 21, max: 60 }),
        fc.integer({ min: 100, max: 900 }),
        fc.integer({ min: 1, max: 6 }),
        fc.constantFrom(60, 100, 125),
        (inJarG, levainG, parts, hydrationPct) => {
          const builds = buildSeries({ ...task, inJarG, levainG, hydrationPct }, parts);
          fc.pre(builds !== null);
          expect(builds[0]!.seedG).toBeLessThanOrEqual(inJarG - task.keepG);
          builds.slice(1).forEach((build, i) => expect(build.seedG).toBe(massOf(builds[i]!)));
          expect(massOf(builds[builds.length - 1]!)).toBe(levainG + STICKS_G);
          for (const { seedG, flourG } of builds) expect(flourG / seedG).toBeLessThan(parts + 1);
        },
      ),
    );
  });
});

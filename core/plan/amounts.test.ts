import fc from 'fast-check';

import { buildingFeed, inFives, keepingFeed, neededG, toppingUp } from './amounts';
import { bakeIn, jarFed } from './someKitchen.testing';

const JAR = jarFed(10, 'counter');
const loaves = bakeIn(20);

describe('a feed between bakes', () => {
  it('keeps little, whatever the card says, and throws out the rest', () => {
    expect(keepingFeed(JAR, 180, 4)).toEqual({ keepG: 10, flourG: 40, waterG: 40, discardG: 170 });
  });

  it('keeps what the card says where that is less', () => {
    const small = { ...JAR, keepG: 6 };
    expect(keepingFeed(small, 180, 4)).toEqual({ keepG: 6, flourG: 24, waterG: 24, discardG: 174 });
  });

  it('keeps the whole grams that are there where that is still less', () => {
    expect(keepingFeed(JAR, 4.7, 2)).toEqual({ keepG: 4, flourG: 8, waterG: 8, discardG: 1 });
    expect(keepingFeed(JAR, 0.4, 2)).toEqual({ keepG: 1, flourG: 2, waterG: 2, discardG: 0 });
  });

  it('is as stiff as the jar is kept, in whole grams', () => {
    const stiff = { ...JAR, hydration: 0.55 };
    expect(keepingFeed(stiff, 100, 1.5)).toMatchObject({ keepG: 10, flourG: 15, waterG: 8 });
  });
});

describe('a levain', () => {
  it('leaves what sticks to the jar and the keep when it is taken', () => {
    expect(neededG(JAR, loaves)).toBe(180 + 7 + 20);
  });

  // 207 g are needed; at 100 % a gram of keep in n parts of flour comes to 1 + 2n.
  it.each([
    [1, { keepG: 69, flourG: 69, waterG: 69, discardG: 111 }],
    [2, { keepG: 42, flourG: 84, waterG: 84, discardG: 138 }],
    [4, { keepG: 23, flourG: 92, waterG: 92, discardG: 157 }],
    // Of less seed than the keep that stays: nobody needs 440 g.
    [5, { keepG: 19, flourG: 95, waterG: 95, discardG: 161 }],
    [10, { keepG: 10, flourG: 100, waterG: 100, discardG: 170 }],
  ])('of %d parts is weighed for its bake', (parts, amounts) => {
    expect(buildingFeed(JAR, 180, 100, parts, loaves)).toEqual(amounts);
  });

  it('cannot be built from more than is in the jar, but from all of it', () => {
    expect(buildingFeed(JAR, 68.9, 100, 1, loaves)).toBeNull();
    expect(buildingFeed(JAR, 69, 100, 1, loaves)).toMatchObject({ keepG: 69, discardG: 0 });
    expect(buildingFeed(JAR, 9.9, 100, 10, loaves)).toBeNull();
  });

  it('has a seed that a spoon can hold, however little is wanted', () => {
    const little = { ...loaves, levainG: 30 };
    const jar = { ...JAR, keepG: 5 };
    // 42 g are needed, of which two would be seed.
    expect(buildingFeed(jar, 180, 100, 10, little)).toEqual({
      keepG: 5,
      flourG: 50,
      waterG: 50,
      discardG: 175,
    });
  });

  it.each([1, 1.5, 2, 3, 4, 5, 7, 10])(
    'of %d parts comes to the same when its ratio is read off its grams',
    (parts) => {
      const once = buildingFeed(JAR, 180, 100, parts, loaves)!;
      expect(buildingFeed(JAR, 180, 100, once.flourG / once.keepG, loaves)).toEqual(once);
    },
  );

  it('comes out as stiff as its bake wants it, from a keep that is not', () => {
    const { keepG, flourG, waterG } = buildingFeed(
      JAR,
      180,
      100,
      3,
      bakeIn(20, { hydration: 0.5 }),
    )!;
    expect(keepG).toBe(40);
    expect((waterG + 20) / (flourG + 20)).toBeCloseTo(0.5, 2);
    expect(keepG + flourG + waterG).toBeGreaterThanOrEqual(207);
    expect(flourG / keepG).toBeCloseTo(3, 0);
  });

  it('is as wet as the jar is kept where its bake says nothing', () => {
    const wet = { ...JAR, hydration: 1.25 };
    const { keepG, flourG, waterG } = buildingFeed(wet, 180, 125, 4, loaves)!;
    const kept = keepG / 2.25;
    expect((waterG + 1.25 * kept) / (flourG + kept)).toBeCloseTo(1.25, 2);
  });
});

describe('topping up', () => {
  it('keeps all there is, and adds what is missing', () => {
    expect(toppingUp(JAR, 150, 100, loaves)).toEqual({
      keepG: 150,
      flourG: 29,
      waterG: 28,
      discardG: 0,
    });
    // Half a gram that cannot be weighed is thrown out by nobody.
    expect(toppingUp(JAR, 150.6, 100, loaves)).toMatchObject({ keepG: 150, discardG: 0 });
  });

  it('is nothing for a spoonful that is short, or when nothing is', () => {
    expect(toppingUp(JAR, 197, 100, loaves)).not.toBeNull();
    expect(toppingUp(JAR, 198, 100, loaves)).toBeNull();
    expect(toppingUp(JAR, 300, 100, loaves)).toBeNull();
  });

  it('is no feed: where little is in the jar it would be thinned too far', () => {
    expect(toppingUp(JAR, 62.1, 100, loaves)).toBeNull();
    expect(toppingUp(JAR, 63, 100, loaves)).not.toBeNull();
    expect(toppingUp({ ...JAR, keepG: 13 }, 60, 100, loaves)).not.toBeNull();
  });

  it('cannot make a wet jar stiff with the little that is missing', () => {
    expect(toppingUp(JAR, 190, 100, bakeIn(20, { hydration: 0.5 }))).toBeNull();
    expect(toppingUp(JAR, 120, 100, bakeIn(20, { hydration: 0.8 }))).not.toBeNull();
  });
});

describe('grams that are easily weighed', () => {
  const ratios = { partsMin: 1, partsMax: 10 };
  const of = (keepG: number, flourG: number, waterG: number) => ({
    keepG,
    flourG,
    waterG,
    discardG: 180 - keepG,
  });

  it.each([
    ['seed, flour and water', of(23, 92, 92), 207, 1, of(25, 95, 95)],
    ['a seed that is small to the gram, for its ratio', of(12, 84, 84), 177, 1, of(12, 85, 85)],
    [
      'a seed a gram larger, so that no more than ten parts are fed',
      of(10, 99, 99),
      208,
      1,
      of(10, 100, 100),
    ],
    [
      'the water to the gram where fives would make it wetter',
      of(10, 20, 11),
      42,
      0.6,
      of(10, 20, 12),
    ],
  ])('are fives: %s', (_, exact, needed, hydration, round) => {
    expect(
      inFives(ratios, exact, {
        neededG: needed,
        seedHydrationPct: 100 * hydration,
        hydration,
        toppedUp: false,
      }),
    ).toEqual(round);
  });

  it('add to all that is in the jar, which nobody weighs', () => {
    const topUp = { keepG: 150, flourG: 29, waterG: 28, discardG: 0 };
    expect(
      inFives(ratios, topUp, { neededG: 207, seedHydrationPct: 100, hydration: 1, toppedUp: true }),
    ).toEqual({ ...topUp, flourG: 30, waterG: 30 });
  });

  it('are left as they are where the ratio would be another', () => {
    const exact = of(10, 98, 98);
    expect(
      inFives({ partsMin: 9.7, partsMax: 9.9 }, exact, {
        neededG: 206,
        seedHydrationPct: 100,
        hydration: 1,
        toppedUp: false,
      }),
    ).toEqual(exact);
  });

  it('are never less than is needed, nor far from the ratio and the hydration that were sought', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 40, max: 900 }),
        fc.double({ min: 1, max: 10, noNaN: true }),
        fc.double({ min: 0.5, max: 1.25, noNaN: true }),
        (levainG, parts, hydration) => {
          const jar = { ...JAR, hydration };
          const bake = { ...loaves, levainG };
          const exact = buildingFeed(jar, 900, 100 * hydration, parts, bake);
          if (!exact) return;
          const needed = neededG(jar, bake);
          const round = inFives(ratios, exact, {
            neededG: needed,
            seedHydrationPct: 100 * hydration,
            hydration,
            toppedUp: false,
          });
          const { keepG, flourG, waterG, discardG } = round;
          expect(keepG + flourG + waterG).toBeGreaterThanOrEqual(needed);
          expect(keepG + discardG).toBe(exact.keepG + exact.discardG);
          expect(Math.abs(flourG / keepG - exact.flourG / exact.keepG)).toBeLessThan(0.9);
          const seedFlour = keepG / (1 + hydration);
          const comesTo = (waterG + hydration * seedFlour) / (flourG + seedFlour);
          expect(Math.abs(comesTo - hydration)).toBeLessThan(0.03);
        },
      ),
    );
  });
});

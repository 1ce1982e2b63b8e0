import { buildingFeed, keepingFeed, neededG, toppingUp } from './amounts';
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
    // Never less than the keep that stays: twenty grams are fed to 220.
    [5, { keepG: 20, flourG: 100, waterG: 100, discardG: 160 }],
    [10, { keepG: 20, flourG: 200, waterG: 200, discardG: 160 }],
  ])('of %d parts is weighed for its bake', (parts, amounts) => {
    expect(buildingFeed(JAR, 180, 100, parts, loaves)).toEqual(amounts);
  });

  it('cannot be built from more than is in the jar, but from all of it', () => {
    expect(buildingFeed(JAR, 68.9, 100, 1, loaves)).toBeNull();
    expect(buildingFeed(JAR, 69, 100, 1, loaves)).toMatchObject({ keepG: 69, discardG: 0 });
    expect(buildingFeed(JAR, 12, 100, 10, loaves)).toBeNull();
  });

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

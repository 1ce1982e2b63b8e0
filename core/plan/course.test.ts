import { feed, forecast, starterIn } from '../ferment';
import { airOf } from '../journal';
import { HOUR } from '../measure';
import { courseOf, ripenessOf } from './course';
import { courseBookOf } from './courseBook';
import { isCold, kitchenCelsius, kitchenOf } from './kitchen';
import { likelyBuilds, weakSpread } from './likelyBuilds';
import { normalShare, quickChance, ripeningSpread, risesWell } from './risk';
import { NOW, TIME, WHITE, bakeIn, jarFed, kitchenWith, problemWith } from './someKitchen.testing';
import { standingNow } from './standingNow';

const places = kitchenWith({ kind: 'constant', celsius: 22 });
const jar = jarFed(10, 'counter');
const problem = problemWith({ jars: [jar], places });
const fed = feed(starterIn('hungry', WHITE, 100, 20), {
  keepG: 20,
  flourG: 80,
  waterG: 80,
  flour: WHITE,
  flourCelsius: 22,
  waterCelsius: 22,
});
const onCounter = [{ from: NOW, place: 'counter' }];
const course = courseOf(problem, jar, fed, NOW, onCounter, 48);
/** The same by the forecast of a jar, which knows nothing of plans. */
const told = forecast(
  fed,
  { air: airOf(onCounter, NOW, places, TIME), vessel: jar.vessel, pace: jar.pace },
  48,
);

describe('the course of a feed', () => {
  it('doubles, ripens, peaks and sinks when its forecast says', () => {
    expect(course.doublesH).toBeCloseTo(told.doublesAtH!, 1);
    expect(course.ripeFromH).toBeCloseTo(told.ripeFromH!, 1);
    expect(course.ripeUntilH).toBeCloseTo(told.ripeUntilH!, 1);
    expect(Math.abs(course.peakH! - told.peaksAtH!)).toBeLessThan(0.2);
    expect(course.peakHeight).toBeCloseTo(told.peakHeight, 2);
    expect(course.lastH).toBeCloseTo(48, 9);
  });

  it('is read between its moments in straight lines, and after the last as that', () => {
    const [a, b] = [course.foodAt(4), course.foodAt(4.25)];
    expect(course.foodAt(4.125)).toBeGreaterThan(b);
    expect(course.foodAt(4.125)).toBeLessThan(a);
    expect(course.foodAt(0)).toBe(fed.food);
    expect(course.foodAt(60)).toBe(course.foodAt(48));
    expect(course.mixAt(0)).toMatchObject({ yeast: fed.yeast, celsius: fed.celsius, massG: 180 });
    const mix = course.mixAt(7.1);
    expect(mix.food).toBe(course.foodAt(7.1));
    expect(mix.yeast).toBe(course.yeastAt(7.1));
    expect(mix.ready).toBe(course.readyAt(7.1));
    expect(mix.hunger).toBe(course.hungerAt(7.1));
  });

  it('says when hunger has come to something', () => {
    const h = course.hungryH(6)!;
    expect(course.hungerAt(h)).toBeGreaterThanOrEqual(6);
    expect(course.hungerAt(h - 0.5)).toBeLessThan(6);
    expect(course.hungryH(1000)).toBeNull();
    expect(course.hungryH(0)).toBe(0);
  });

  it('is drawn by heights so far apart, from the band to its end', () => {
    const heights = course.heights(2);
    expect(heights[0]).toEqual([0, 1]);
    expect(heights.at(-1)![0]).toBeCloseTo(48, 9);
    for (const [i, [hour]] of heights.slice(1, -1).entries())
      expect(hour - heights[i]![0]).toBeGreaterThanOrEqual(2);
    expect(heights.length).toBeGreaterThan(20);
    expect(Math.max(...heights.map(([, height]) => height))).toBeCloseTo(course.peakHeight, 1);
  });

  it('that ends before its peak ripens never, as far as anybody can tell', () => {
    const short = courseOf(problem, jar, fed, NOW, onCounter, course.peakH! - 1);
    expect(short.peakH).toBeNull();
    expect(short.ripeFromH).toBeNull();
    expect(short.ripeUntilH).toBeNull();
    expect(short.doublesH).not.toBeNull();
  });

  it('that hardly rises is never ripe', () => {
    const weak = courseOf(problem, jar, { ...fed, gluten: 0.1 }, NOW, onCounter, 48);
    expect(weak.ripeFromH).toBeNull();
    expect(weak.doublesH).toBeNull();
  });

  it('of a starter that bends its rise doubles sooner or later, and peaks at the same hour', () => {
    const bent = (bend: number) =>
      courseOf(problem, { ...jar, pace: { ...jar.pace, bend } }, fed, NOW, onCounter, 48);
    for (const [bend, later] of [
      [1.4, 1],
      [0.7, -1],
    ] as const) {
      const other = bent(bend);
      const { doublesH, peakH, ripeUntilH } = other;
      expect(Math.sign(doublesH! - course.doublesH!)).toBe(later);
      expect(peakH).toBeCloseTo(course.peakH!, 6);
      expect(ripeUntilH).toBeCloseTo(course.ripeUntilH!, 6);
      const risen = other.heights(0.2).find(([, height]) => height >= 2)!;
      expect(Math.abs(risen[0] - doublesH!)).toBeLessThan(0.5);
    }
  });

  it('goes otherwise with another pace or thermometer', () => {
    const otherwise = (pace: number, shiftCelsius: number) =>
      ripenessOf(problem, jar, fed, NOW, onCounter, 48, {
        pace: { ...jar.pace, pace },
        shiftCelsius,
      }).peakH!;
    expect(otherwise(1, 0)).toBeCloseTo(course.peakH!, 0);
    expect(otherwise(1.3, 0)).toBeLessThan(course.peakH! / 1.2);
    expect(otherwise(1, 2)).toBeLessThan(course.peakH! - 0.5);
    expect(otherwise(1, -2)).toBeGreaterThan(course.peakH! + 0.5);
  });
});

describe('courses that are followed once', () => {
  it('are the same for mixes that are nearly alike, in one place', () => {
    const book = courseBookOf(problem, jar, standingNow(problem, jar));
    const first = book.courseOf(fed, NOW, { place: 'counter' }, 20);
    expect(book.courseOf({ ...fed, yeast: fed.yeast * 1.001 }, NOW, { place: 'counter' }, 20)).toBe(
      first,
    );
    expect(book.courseOf(fed, NOW, { place: 'counter' }, 24)).toBe(first);
    expect(book.courseOf(fed, NOW, { place: 'counter' }, 25)).not.toBe(first);
    expect(book.courseOf(fed, NOW, { place: 'fridge' }, 20)).not.toBe(first);
    // The counter is as warm at any hour here.
    expect(book.courseOf(fed, NOW + 5 * HOUR, { place: 'counter' }, 20)).toBe(first);
    expect(first.lastH).toBe(24);
  });

  it.each([
    ['yeast', { yeast: fed.yeast * 2 }],
    ['bacteria', { lactic: fed.lactic * 3 + 0.1 }],
    ['sleepers', { dormant: fed.dormant * 3 + 0.1 }],
    ['readiness', { ready: fed.ready * 4 + 1 }],
    ['food', { food: 0.3 }],
    ['acid', { acid: fed.acid + 3 }],
    ['gluten', { gluten: 0.4 }],
    ['gas', { gas: 0.9 }],
    ['warmth', { celsius: 9 }],
    ['hunger', { hunger: 40 }],
    ['water', { hydrationPct: 70 }],
  ])('are others for another %s', (_, over) => {
    const book = courseBookOf(problem, jar, standingNow(problem, jar));
    const first = book.courseOf(fed, NOW, { place: 'counter' }, 20);
    expect(book.courseOf({ ...fed, ...over }, NOW, { place: 'counter' }, 20)).not.toBe(first);
  });

  it('are told apart by the hour where the place follows the day', () => {
    const usual = problemWith();
    const book = courseBookOf(usual, jar, standingNow(usual, jar));
    const at = (hours: number) => book.courseOf(fed, NOW + hours * HOUR, { place: 'counter' }, 20);
    expect(at(0.2)).toBe(at(0));
    expect(at(2)).not.toBe(at(0));
    expect(at(24)).toBe(at(0));
    const out = (hours: number) =>
      book.courseOf(
        fed,
        NOW + hours * HOUR,
        { place: 'counter', thenAfterH: 1.5, then: 'fridge' },
        20,
      );
    expect(out(0)).not.toBe(at(0));
    expect(out(5)).toBe(out(0));
    expect(out(6)).not.toBe(out(0));
    expect(out(0).foodAt(20)).toBeGreaterThan(at(0).foodAt(20) + 0.2);
  });
});

describe('a kitchen', () => {
  it('knows its places, and as what they serve', () => {
    const kitchen = kitchenOf(problem);
    expect(kitchen.places.map(({ id }) => id)).toEqual(['counter', 'warm', 'larder', 'fridge']);
    expect(kitchen.counter!.id).toBe('counter');
    expect(kitchen.fridge!.id).toBe('fridge');
    expect(kitchen.places.filter(isCold).map(({ id }) => id)).toEqual(['larder', 'fridge']);
    expect(kitchenOf(problem)).toBe(kitchen);
  });

  it('has flour and water as warm as its counter at that hour, or a room without one', () => {
    const usual = problemWith();
    expect(kitchenCelsius(usual, NOW)).toBe(22);
    expect(kitchenCelsius(usual, NOW + 8 * HOUR)).toBeLessThan(20.5);
    const bare = problemWith({ places: new Map([...places].filter(([id]) => id !== 'counter')) });
    expect(kitchenCelsius(bare, NOW)).toBe(21);
    expect(kitchenOf(bare).counter).toBeNull();
  });
});

describe('how sure a levain is', () => {
  it('is less with a pace that is not known, or a thermometer that may be off', () => {
    const spread = (paceSd: number, place: string) =>
      ripeningSpread(problem, { ...jar, paceSd }, place);
    expect(spread(0, 'counter')).toBeGreaterThan(0.08);
    expect(spread(0.3, 'counter')).toBeGreaterThan(0.3);
    expect(spread(0.3, 'counter')).toBeLessThan(0.35);
    // A degree is more of a difference at 15 °C, and it stands less sure there.
    expect(spread(0.1, 'larder')).toBeGreaterThan(spread(0.1, 'counter'));
  });

  it('is the chance that all of its window lies in its ripe hours', () => {
    const ripe = { ripeFromH: 8, ripeUntilH: 12 };
    expect(quickChance(ripe, 9, 10, 0.01)).toBeCloseTo(1, 6);
    expect(quickChance(ripe, 8, 10, 0.1)).toBeCloseTo(
      normalShare(0) - normalShare(Math.log(10 / 12) / 0.1),
      9,
    );
    expect(quickChance(ripe, 8, 8.1, 0.05)).toBeCloseTo(0.5, 2);
    expect(quickChance(ripe, 10, 12, 0.05)).toBeCloseTo(0.5, 2);
    expect(quickChance(ripe, 6, 7, 0.05)).toBeLessThan(0.01);
    expect(quickChance(ripe, 13, 14, 0.05)).toBeLessThan(0.01);
    expect(quickChance({ ripeFromH: 8, ripeUntilH: null }, 20, 30, 0.1)).toBeCloseTo(1, 6);
    expect(quickChance({ ripeFromH: null, ripeUntilH: 9 }, 20, 30, 0.1)).toBe(0);
    expect(quickChance(ripe, 0, 3, 0.1)).toBe(0);
    expect(quickChance(ripe, 12, 8.1, 0.3)).toBeGreaterThanOrEqual(0);
  });

  it('is nought where it does not rise as one should', () => {
    const rises = (peakHeight: number, of = jar) => risesWell(of, fed, { ...course, peakHeight });
    expect(rises(course.peakHeight)).toBe(true);
    expect(rises(1.86)).toBe(true);
    expect(rises(1.84)).toBe(false);
    // A starter that is known to lift less is not asked for more.
    expect(rises(1.84, { ...jar, pace: { ...jar.pace, lift: 0.9 } })).toBe(true);
    const rye = { ...fed, flour: { rye: 1 } as const };
    expect(risesWell(jar, rye, { ...course, peakHeight: 1.6 })).toBe(true);
  });
});

describe('builds that are likely', () => {
  const bake = bakeIn(26);
  const { mix } = standingNow(problem, jar);
  const likely = likelyBuilds(problem, jar, bake, mix);

  it('are of the ratios that are allowed', () => {
    expect(likely.parts).toEqual([1, 1.5, 2, 3, 4, 5, 7, 10]);
    const limits = { ...problem.limits, partsMin: 2, partsMax: 5 };
    expect(likelyBuilds({ ...problem, limits }, jar, bake, mix).parts).toEqual([2, 3, 4, 5]);
  });

  it('are ripe when a lively starter fed so would be', () => {
    const lively = { ...mix, yeast: 0.3, ready: 8, hunger: 0 };
    const at = bake.from - 12 * HOUR;
    const own = forecast(
      feed(lively, {
        keepG: 20,
        flourG: 80,
        waterG: 80,
        flour: WHITE,
        flourCelsius: 22,
        waterCelsius: 22,
      }),
      {
        air: airOf([{ from: at, place: 'counter' }], at, places, TIME),
        vessel: jar.vessel,
        pace: jar.pace,
      },
      48,
    );
    const ripe = likely.ripe(4, 'counter', 0)!;
    expect(ripe.fromH).toBeCloseTo(own.ripeFromH!, 1);
    expect(ripe.untilH).toBeCloseTo(own.ripeUntilH!, 1);
    expect(ripe.unsure).toBe(0);
  });

  it('come later with more flour, in the cold, and of a weaker starter', () => {
    const from = (parts: number, place: string, laterH = 0) =>
      likely.ripe(parts, place, laterH)!.fromH;
    expect(from(10, 'counter')).toBeGreaterThan(from(4, 'counter') + 1);
    expect(from(4, 'larder')).toBeGreaterThan(1.5 * from(4, 'counter'));
    expect(from(4, 'warm')).toBeLessThan(from(4, 'counter'));
    expect(from(4, 'counter', 2)).toBeCloseTo(from(4, 'counter') + 2, 9);
    expect(likely.laterH('counter', 0.3, 8)).toBeCloseTo(0, 2);
    expect(likely.laterH('counter', 0.15, 8)).toBeGreaterThan(1);
    expect(likely.laterH('counter', 0.3, 0.5)).toBeGreaterThan(1);
    expect(likely.laterH('counter', 0.15, 8)).toBeLessThan(likely.laterH('larder', 0.15, 8));
    const quick = likelyBuilds(problem, { ...jar, pace: { ...jar.pace, pace: 2 } }, bake, mix);
    expect(quick.laterH('counter', 0.15, 8)).toBeCloseTo(likely.laterH('counter', 0.15, 8) / 2, 6);
  });

  it('are never ripe at once, and the less sure the later they come', () => {
    expect(likely.ripe(1, 'warm', -40)).toEqual({ fromH: 0.5, untilH: 1, unsure: 0 });
    expect(likely.ripe(4, 'counter', 3)!.unsure).toBeCloseTo(
      1.2 / likely.ripe(4, 'counter', 3)!.fromH,
      9,
    );
    expect(weakSpread(3, 6)).toBeCloseTo(0.2, 9);
    expect(weakSpread(-3, 6)).toBe(0);
  });

  it('have a chance that is best when they are ripe through the window', () => {
    const ripe = likely.ripe(4, 'counter', 0)!;
    const chance = (hours: number) => likely.chance(bake.from - hours * HOUR, ripe, 'counter');
    const middle = (ripe.fromH + ripe.untilH) / 2 - 1;
    expect(chance(middle)).toBeGreaterThan(0.3);
    expect(chance(middle - 3)).toBeLessThan(chance(middle));
    expect(chance(middle + 3)).toBeLessThan(chance(middle));
    expect(chance(2)).toBe(0);
    expect(chance(30)).toBe(0);
    const weak = { ...ripe, unsure: 0.5 };
    expect(likely.chance(bake.from - middle * HOUR, weak, 'counter')).toBeLessThan(chance(middle));
  });

  it('wait in the cold, where an hour counts for less', () => {
    const hold = { afterH: 6, place: 'fridge' };
    expect(likely.counted(5, 'counter', hold)).toBe(5);
    expect(likely.counted(9, 'counter', undefined)).toBe(9);
    const counted = likely.counted(16, 'counter', hold);
    expect(counted).toBeGreaterThan(6);
    expect(counted).toBeLessThan(15);
    const inLarder = likely.counted(16, 'counter', { ...hold, place: 'larder' });
    expect(inLarder).toBeGreaterThan(6);
    expect(inLarder).not.toBeCloseTo(counted, 1);
    // One that stands in the cold anyway is held nowhere.
    expect(likely.counted(16, 'fridge', hold)).toBe(16);
  });

  it('that wait may be ripe when they would long have sunk, but nobody is sure of it', () => {
    const ripe = likely.ripe(4, 'counter', 0)!;
    const at = bake.until - (ripe.untilH + 1) * HOUR;
    const hold = { afterH: ripe.fromH, place: 'fridge' };
    const held = likely.chance(at, ripe, 'counter', hold);
    expect(held).toBeGreaterThan(likely.chance(at, ripe, 'counter') + 0.05);
    expect(held).toBeLessThanOrEqual(0.85);
    const sure = likely.chance(
      bake.from - ripe.fromH * 1.4 * HOUR,
      { ...ripe, untilH: 90 },
      'warm',
      {
        afterH: ripe.fromH * 1.3,
        place: 'fridge',
      },
    );
    expect(sure).toBeLessThanOrEqual(0.85);
  });
});

import { type Condition, starterIn } from './condition';
import { type Blend } from '../measure';
import { type Forecast, forecast, momentAt, stageAt } from './forecast';
import { type Mix, feed } from './mix';
import { USUAL_PACE } from './pace';
import { simulate } from './simulate';
import { usualVessel } from './vessel';

const WHITE = { white: 1 };

/** Grams of keep, flour and water, and stretches of [hours, °C]; the last goes on. */
interface Case {
  readonly condition?: Condition;
  readonly keepHydrationPct?: number;
  readonly feed: readonly [number, number, number];
  readonly place: readonly (readonly [number, number])[];
  readonly hours: number;
}

function follow({ condition = 'hungry', keepHydrationPct = 100, ...rest }: Case): Forecast {
  const [keepG, flourG, waterG] = rest.feed;
  const starter = starterIn(condition, WHITE, keepHydrationPct, keepG);
  const mix = {
    ...feed(starter, { keepG, flourG, waterG, flour: WHITE }),
    celsius: rest.place[0]![1],
  };
  return forecast(mix, standing(mix, rest.place), rest.hours);
}

function standing(mix: Mix, place: Case['place']) {
  const air = (hours: number) => {
    let end = 0;
    for (const [length, celsius] of place) if (hours < (end += length)) return celsius;
    return place[place.length - 1]![1];
  };
  return { air, vessel: usualVessel(mix.massG, mix.hydrationPct), pace: USUAL_PACE };
}

const at = (celsius: number) => [[1, celsius]] as const;

function expectWithin(got: number | null, low: number, high: number) {
  expect(got).not.toBeNull();
  expect(got!).toBeGreaterThanOrEqual(low);
  expect(got!).toBeLessThanOrEqual(high);
}

describe('a healthy white starter, last fed a day before', () => {
  it('doubles in 4.2 to 5 h and peaks in 6.3 to 7.8 h after equal parts at 22 °C, and has sunk a day later', () => {
    const f = follow({ feed: [50, 50, 50], place: at(22), hours: 30 });
    expectWithin(f.doublesAtH, 4.2, 5);
    expectWithin(f.peaksAtH, 6.3, 7.8);
    expectWithin(f.peakHeight, 2.1, 2.6);
    expect(momentAt(f.curve, 24).height).toBeLessThanOrEqual(1.35);
  });

  it('is quicker at 25 °C and slower at 18 °C', () => {
    const warm = follow({ feed: [50, 50, 50], place: at(25), hours: 24 });
    expectWithin(warm.doublesAtH, 3.1, 4);
    expectWithin(warm.peaksAtH, 4.7, 6);
    expectWithin(follow({ feed: [50, 50, 50], place: at(18), hours: 30 }).peaksAtH, 9.5, 12.5);
  });

  it('peaks later the more parts it is fed', () => {
    expectWithin(follow({ feed: [50, 100, 100], place: at(24), hours: 24 }).peaksAtH, 6.6, 8.3);
    const fourParts = follow({ feed: [50, 200, 200], place: at(22), hours: 30 });
    expectWithin(fourParts.doublesAtH, 7.5, 9.3);
    expectWithin(fourParts.peaksAtH, 11, 13);
    expect(momentAt(fourParts.curve, 24).height).toBeLessThanOrEqual(1.8);
    expectWithin(follow({ feed: [50, 250, 250], place: at(24), hours: 30 }).peaksAtH, 10, 12.2);
  });

  it('is 1.6 to 2.1 times as fast in a warm spot of 27 °C as at 21 °C', () => {
    const warm = follow({ feed: [50, 100, 100], place: at(27), hours: 24 }).peaksAtH!;
    const cool = follow({ feed: [50, 100, 100], place: at(21), hours: 36 }).peaksAtH!;
    expectWithin(cool / warm, 1.6, 2.1);
  });

  it('rises late and poorly at 36 °C, and turns acid and runny', () => {
    const hot = follow({ feed: [50, 50, 50], place: at(36), hours: 30 });
    const good = follow({ feed: [50, 50, 50], place: at(25), hours: 30 });
    expect(hot.doublesAtH).toBeNull();
    expect(hot.peaksAtH!).toBeGreaterThan(good.peaksAtH!);
    expect(hot.peakHeight - 1).toBeLessThan(0.5 * (good.peakHeight - 1));
    expect(momentAt(hot.curve, 12).acid).toBeGreaterThan(momentAt(good.curve, 12).acid);
    expect(momentAt(hot.curve, 12).gluten).toBeLessThan(momentAt(good.curve, 12).gluten);
  });
});

describe('a starter in the fridge at 4 °C', () => {
  it('after 1:5:5 has a third to six tenths of its food left in a week, and little in two', () => {
    const f = follow({
      feed: [20, 100, 100],
      place: [
        [1.5, 22],
        [1, 4],
      ],
      hours: 340,
    });
    expectWithin(momentAt(f.curve, 168).food, 0.3, 0.6);
    expect(momentAt(f.curve, 336).food).toBeLessThan(0.2);
  });

  it('after equal parts is nearly out of food in 4 to 7 days, and shows hooch in 2 to 4 weeks', () => {
    const f = follow({
      feed: [50, 50, 50],
      place: [
        [1.5, 22],
        [1, 4],
      ],
      hours: 700,
    });
    const nearlyOut = f.curve.find((moment) => moment.food < 0.1)!.hours;
    expectWithin(nearlyOut / 24, 4, 7);
    expectWithin(f.hoochAtH! / 24, 14, 28);
  });

  it('as a stiff dough still has food after three weeks', () => {
    const f = follow({ keepHydrationPct: 50, feed: [20, 80, 40], place: at(4), hours: 510 });
    expect(momentAt(f.curve, 504).food).toBeGreaterThan(0.1);
  });

  it('keeps one to three in a hundred cells able to grow through a year, not none', () => {
    const starter = starterIn('hungry', WHITE, 100, 50);
    const mix = feed(starter, { keepG: 50, flourG: 50, waterG: 50, flour: WHITE });
    const year = simulate(mix, standing(mix, at(4)), 365 * 24);
    expectWithin(year.yeast + year.dormant, 0.008, 0.03);
  });
});

it('an unfed starter at 22 °C shows hooch between a day and a half and three days', () => {
  expectWithin(follow({ feed: [50, 50, 50], place: at(22), hours: 80 }).hoochAtH, 36, 72);
});

describe('a neglected starter, fed about 1:4.7:4.7 every day at 21 °C', () => {
  const doublings = dailyDoublings('neglected', [12, 56, 56], 21, 3, 36);

  it('takes about a day to double the first time', () => expectWithin(doublings[0]!, 20, 26));
  it('is back to 8.5 to 11 h with the second feed', () => expectWithin(doublings[1]!, 8.5, 11));
  it('and to 7.5 to 9.5 h with the third', () => expectWithin(doublings[2]!, 7.5, 9.5));
});

it('dried flakes stir on the first day and are lively within a few', () => {
  const doublings = dailyDoublings('dried', [10, 10, 10], 24, 5, 24);
  expect(doublings[0]).toBeNull();
  expectWithin(doublings[4]!, 3, 6);
});

function dailyDoublings(
  condition: Condition,
  parts: Case['feed'],
  celsius: number,
  days: number,
  lookHours: number,
): (number | null)[] {
  const [keepG, flourG, waterG] = parts;
  let mix = starterIn(condition, WHITE, 100, keepG);
  return Array.from({ length: days }, () => {
    const fed = { ...feed(mix, { keepG, flourG, waterG, flour: WHITE }), celsius };
    mix = simulate(fed, standing(fed, at(celsius)), 24);
    return forecast(fed, standing(fed, at(celsius)), lookHours).doublesAtH;
  });
}

describe('a flour has its own measure', () => {
  const risen = (flour: Blend, hydrationPct: number, celsius = 23) => {
    const starter = starterIn('hungry', flour, hydrationPct, 20);
    const parts = { keepG: 20, flourG: 60, waterG: (60 * hydrationPct) / 100, flour };
    const mix = { ...feed(starter, parts), celsius };
    return forecast(mix, standing(mix, at(celsius)), 240);
  };

  it.each([
    ['rye', { rye: 1 }, 1.6, 2.05],
    ['gluten-free', { glutenFree: 1 }, 1.5, 1.9],
    ['whole wheat', { wholeWheat: 1 }, 1.85, 2.3],
  ] as const)('%s comes to a full rise by it', (_, flour, low, high) => {
    const f = risen(flour, 100);
    expectWithin(f.peakHeight, low, high);
    expectWithin(f.doublesAtH, 2, 12);
  });

  it('whole wheat still nearly doubles with half as much water again as flour; white then hardly does', () => {
    expect(risen({ wholeWheat: 1 }, 150).peakHeight).toBeGreaterThan(1.75);
    expect(risen({ wholeWheat: 1 }, 150).peakHeight).toBeGreaterThan(
      risen({ white: 1 }, 150).peakHeight + 0.05,
    );
  });

  it('is ripe near the top of its rise, not hours before', () => {
    for (const flour of [{ white: 1 }, { rye: 1 }, { glutenFree: 1 }]) {
      const f = risen(flour, 100);
      const at = momentAt(f.curve, f.ripeFromH!).height;
      expect((at - 1) / (f.peakHeight - 1)).toBeGreaterThan(0.9);
    }
  });

  it('is not called ripe in a fridge in which it never gets far up, but asleep and then resting', () => {
    for (const celsius of [4, 5]) {
      const f = risen({ white: 1 }, 100, celsius);
      expect(f.ripeFromH).toBeNull();
      const stages = f.curve.map(({ hours }) => stageAt(f, hours));
      expect(new Set(stages)).not.toContain('ripe');
      expect(stages[40]).toBe('asleep');
    }
  });
});

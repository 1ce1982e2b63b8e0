import { USUAL_PACE, starterIn } from '../ferment';
import {
  USUAL_DOUGH,
  buildSeries,
  bulkHours,
  doughCard,
  feedOutcome,
  flourByKind,
  inoculationFor,
  jarRoom,
  levainWays,
  ratioOf,
  ripeHours,
  turned,
  usualPeaks,
  waterFor,
  wholeGrainPct,
} from '.';

const jar = { emptyG: 350, capacityMl: 500 };

describe('the room in a jar', () => {
  const verdict = (massG: number, peak: number) => jarRoom(jar, massG, 100, peak).verdict;

  it('goes by what stands in it now, and by where the peak will stand', () => {
    // A white mix at 100 % weighs about 1.1 g a millilitre: 180 g are a third of half a litre.
    const { filled, filledAtPeak } = jarRoom(jar, 180, 100, 2.5);
    expect(filled).toBeGreaterThan(0.3);
    expect(filled).toBeLessThan(0.36);
    expect(filledAtPeak).toBeCloseTo(2.5 * filled, 6);
    expect(verdict(180, 2.5)).toBe('fine');
    expect(verdict(180, 2.85)).toBe('tight');
    expect(verdict(180, 3.2)).toBe('overflows');
  });

  it('may be too little above four tenths, however little it should rise', () => {
    expect(verdict(235, 1)).toBe('tight');
    expect(verdict(200, 1)).toBe('fine');
    expect(verdict(180, 0.2)).toBe(verdict(180, 1));
  });
});

describe('levains', () => {
  it('a seed is fed about the parts of flour that the card says', () => {
    const [way] = levainWays(
      { levainG: 400, hydrationPct: 100, keepG: 20, inJarG: 120, inJarHydrationPct: 100 },
      4,
    ).filter(({ kind }) => kind === 'feed');
    expect(way!.flourG / way!.seedG).toBeCloseTo(4, 0);
    const lean = levainWays(
      { levainG: 400, hydrationPct: 100, keepG: 20, inJarG: 200, inJarHydrationPct: 100 },
      1,
    ).find(({ kind }) => kind === 'feed');
    expect(lean!.flourG / lean!.seedG).toBeCloseTo(1, 1);
  });

  it('several builds follow each other: each is fed whole, is the next one’s seed, and keeps its flour and water', () => {
    const asked = { levainG: 900, hydrationPct: 80, keepG: 20, inJarG: 26, inJarHydrationPct: 100 };
    const builds = buildSeries(asked, 4)!;
    expect(builds.length).toBeGreaterThanOrEqual(2);
    expect(builds[0]!.seedG).toBe(6);
    let [flour, water] = [3, 3];
    builds.forEach(({ seedG, flourG, waterG }, i) => {
      flour += flourG;
      water += waterG;
      const next = builds[i + 1]?.seedG ?? 907;
      expect(seedG + flourG + waterG).toBe(next);
      expect(flour + water).toBe(next);
      expect((100 * water) / flour).toBeGreaterThan(74);
      expect((100 * water) / flour).toBeLessThan(86);
    });
    // One build would do, or no four of them: no series.
    expect(buildSeries({ ...asked, inJarG: 20 }, 4)).toBeNull();
    expect(buildSeries({ ...asked, inJarG: 300 }, 4)).toBeNull();
    expect(buildSeries({ ...asked, inJarG: 21, levainG: 5000 }, 1)).toBeNull();
    expect(
      buildSeries({ ...asked, inJarG: 21, inJarHydrationPct: 300, hydrationPct: 50 }, 0.3),
    ).toBeNull();
  });

  it('each of several builds is ripe later than the one before; one that never peaks ends the count', () => {
    const asked = {
      levainG: 900,
      hydrationPct: 100,
      keepG: 20,
      inJarG: 26,
      inJarHydrationPct: 100,
    };
    const builds = buildSeries(asked, 4)!;
    const ripeAt = (celsius: number) =>
      ripeHours(builds, starterIn('ripe', { white: 1 }, 100, 26), () => ({
        air: () => celsius,
        vessel: { emptyG: 400, capacityMl: 2000 },
        pace: USUAL_PACE,
      }));
    const warm = ripeAt(24);
    warm.forEach((hours, i) => expect(hours!).toBeGreaterThan(i === 0 ? 2 : warm[i - 1]! + 2));
    expect(ripeAt(1)).toEqual(builds.map(() => null));
  });
});

describe('water that warms a mix', () => {
  const parts = {
    keepG: 20,
    keepHydrationPct: 100,
    keepCelsius: 4,
    flourG: 100,
    flourCelsius: 20,
    waterG: 100,
  };

  it('brings it to what is wanted: the heat of all parts balances', () => {
    const { celsius, reached } = waterFor(parts, 25);
    expect(reached).toBeCloseTo(25, 6);
    // Water holds about twice the heat of flour: it is the warmest by less than flour and keep lack together.
    expect(celsius).toBeGreaterThan(28);
    expect(celsius).toBeLessThan(34);
    expect(waterFor({ ...parts, keepG: 200 }, 25).celsius).toBeGreaterThan(celsius + 5);
    expect(waterFor({ ...parts, flourG: 200 }, 25).celsius).toBeGreaterThan(celsius + 1);
  });

  it('is never hotter than yeast bears nor ice, and then the mix is what it becomes', () => {
    const cold = waterFor({ ...parts, waterG: 10 }, 25);
    expect(cold.celsius).toBe(40);
    expect(cold.reached).toBeLessThan(25);
    expect(waterFor({ ...parts, flourCelsius: 38 }, 10).celsius).toBe(1);
  });

  it('without water the mix is as warm as flour and keep together; of nothing, as wanted', () => {
    const dry = waterFor({ ...parts, waterG: 0 }, 25);
    expect(dry.reached).toBeGreaterThan(10);
    expect(dry.reached).toBeLessThan(20);
    expect(waterFor({ ...parts, keepG: 0, flourG: 0, waterG: 0 }, 25).reached).toBe(25);
  });
});

describe('a bulk', () => {
  const levain = starterIn('ripe', { white: 1 }, 100, 200);
  const hours = (change: Partial<typeof USUAL_DOUGH>, celsius = 24) =>
    bulkHours({ ...USUAL_DOUGH, ...change }, levain, celsius, USUAL_PACE)!;

  it('is slowed by salt, cold and little levain, and hastened by whole grain', () => {
    const usual = hours({});
    expect(usual).toBeGreaterThan(2);
    expect(usual).toBeLessThan(9);
    expect(hours({ saltPct: 0 })).toBeLessThan(usual * 0.95);
    expect(hours({ saltPct: 4 })).toBeGreaterThan(usual * 1.08);
    expect(hours({}, 19)).toBeGreaterThan(usual * 1.3);
    expect(hours({ inoculationPct: 5 })).toBeGreaterThan(usual * 1.15);
    expect(hours({ wholePct: 100 })).toBeLessThan(usual);
  });

  it('of wanted length finds its levain, and none where no levain gives it', () => {
    const wanted = inoculationFor(6, USUAL_DOUGH, levain, 24, USUAL_PACE)!;
    expect(Math.abs(hours({ inoculationPct: wanted }) - 6)).toBeLessThan(0.4);
    expect(inoculationFor(0.5, USUAL_DOUGH, levain, 24, USUAL_PACE)).toBeNull();
    expect(inoculationFor(30, USUAL_DOUGH, levain, 24, USUAL_PACE)).toBeNull();
  });
});

describe('doughs', () => {
  it('hold their flour and water, whatever the levain brings', () => {
    const card = doughCard({ ...USUAL_DOUGH, levainWholePct: 50 });
    if (typeof card === 'string') throw new Error(card);
    expect(card).toMatchObject({ levainG: 300, wholeG: 125, whiteG: 725, waterG: 570, saltG: 20 });
    expect(card.doughG).toBe(1740);
  });

  it('say what the levain brings too much of', () => {
    expect(doughCard({ ...USUAL_DOUGH, hydrationPct: 14 })).toBe('levainTooWet');
    expect(doughCard({ ...USUAL_DOUGH, hydrationPct: 15 })).toMatchObject({ waterG: 0 });
    expect(doughCard({ ...USUAL_DOUGH, wholePct: 5, levainWholePct: 100 })).toBe('levainTooWhole');
    expect(doughCard({ ...USUAL_DOUGH, wholePct: 15, levainWholePct: 100 })).toMatchObject({
      wholeG: 0,
    });
    expect(doughCard({ ...USUAL_DOUGH, wholePct: 95 })).toBe('levainTooWhite');
    expect(doughCard({ ...USUAL_DOUGH, wholePct: 85 })).toMatchObject({ whiteG: 0 });
  });

  it('of a yeast recipe keep flour and water, and warn of what slows a levain', () => {
    const recipe = { flourG: 500, waterG: 300, saltG: 10, sugarG: 50, fatG: 75 };
    const plain = turned(recipe, 20, 100)!;
    expect(plain).toMatchObject({ levainG: 200, flourG: 400, waterG: 200, warnings: [] });
    expect(plain.hydrationPct).toBeCloseTo(60, 6);
    const warned = (change: Partial<typeof recipe>) =>
      turned({ ...recipe, ...change }, 20, 100)!.warnings;
    expect(warned({ sugarG: 51 })).toEqual(['sweet']);
    expect(warned({ fatG: 76 })).toEqual(['rich']);
    expect(warned({ waterG: 270 })).toEqual(['stiff']);
    expect(warned({ saltG: 0 })).toEqual(['saltless']);
    expect(turned({ ...recipe, waterG: 99 }, 20, 100)).toBeNull();
    expect(turned(recipe, 101, 50)).toBeNull();
    expect(turned({ ...recipe, waterG: 100 }, 20, 100)!.waterG).toBe(0);
  });
});

describe('at the scale', () => {
  it('the grams of a blend add up, and those nearest to the next gram are rounded up', () => {
    expect(flourByKind(50, { white: 0.665, rye: 0.165, spelt: 0.17 })).toEqual([
      { kind: 'white', grams: 33 },
      { kind: 'rye', grams: 8 },
      { kind: 'spelt', grams: 9 },
    ]);
  });

  it('a mix of nothing kept has no ratio', () => {
    expect(ratioOf(0, 50, 50)).toBeNull();
    expect(feedOutcome({ keepG: 0, flourG: 50, waterG: 40 }, 100)).toEqual({
      ratio: null,
      hydrationPct: 80,
      massG: 90,
    });
  });
});

it('whole grain is wheat with its bran, rye and spelt; white is none of it', () => {
  expect(wholeGrainPct({ white: 0.5, wholeWheat: 0.2, rye: 0.2, spelt: 0.1 })).toBe(50);
});

it('a jar peaks later where it is colder, and so long at the card’s own hydration', () => {
  const card = { keepG: 20, ratio: { flour: 4, water: 2.4 }, vessel: jar };
  const peaks = usualPeaks(card, { white: 1 }, USUAL_PACE, 18, 28);
  expect(peaks[0]![0]).toBe(18);
  expect(peaks[peaks.length - 1]![0]).toBe(28);
  peaks.slice(1).forEach(([, hours], i) => expect(hours).toBeLessThan(peaks[i]![1]));
  const thin = usualPeaks(
    { ...card, ratio: { flour: 4, water: 4 } },
    { white: 1 },
    USUAL_PACE,
    18,
    28,
  );
  expect(thin[0]![1]).not.toBe(peaks[0]![1]);
});

import fc from 'fast-check';

import { USUAL_PACE, starterIn } from '../ferment';
import { flourAndWater, hydrationOf } from '../measure';
import { bulkHours } from './bulk';
import { cupsText, gramsFromMeasure, measureError } from './cups';
import { type DoughCard, type DoughFormula, USUAL_DOUGH, doughCard } from './dough';
import { STICKS_G, levainWays } from './levain';
import { turned } from './yeastRecipe';

const pct = (min: number, max: number) => fc.integer({ min, max });
const formulas: fc.Arbitrary<DoughFormula> = fc.record({
  loaves: fc.integer({ min: 1, max: 12 }),
  flourEachG: fc.integer({ min: 200, max: 1200 }),
  hydrationPct: pct(55, 100),
  saltPct: pct(0, 3),
  inoculationPct: pct(2, 30),
  levainHydrationPct: pct(50, 125),
  wholePct: pct(0, 100),
  levainWholePct: pct(0, 100),
});
const dough = (formula: Partial<DoughFormula>) =>
  doughCard({ ...USUAL_DOUGH, ...formula }) as DoughCard;

describe('a dough', () => {
  it('of two loaves at 72 % has what a baker would write down', () => {
    expect(dough({})).toEqual({
      levainG: 300,
      whiteG: 650,
      wholeG: 200,
      waterG: 570,
      saltG: 20,
      doughG: 1740,
    });
  });

  it('closes: its parts are the dough, and its percentages come back from them', () => {
    fc.assert(
      fc.property(formulas, (formula) => {
        const card = doughCard(formula);
        if (typeof card === 'string') return;
        const { levainG, whiteG, wholeG, waterG, saltG, doughG } = card;
        expect(Math.abs(levainG + whiteG + wholeG + waterG + saltG - doughG)).toBeLessThanOrEqual(
          0.5,
        );
        const back = formulaOf(card, formula);
        // Whole grams: no part is off by more than what rounding leaves.
        const flourG = formula.loaves * formula.flourEachG;
        const offG = (was: number, is: number) => (Math.abs(was - is) * flourG) / 100;
        expect(offG(back.hydrationPct, formula.hydrationPct)).toBeLessThan(2.5);
        expect(offG(back.inoculationPct, formula.inoculationPct)).toBeLessThan(1.5);
        expect(offG(back.wholePct, formula.wholePct)).toBeLessThan(2.5);
        expect(offG(back.saltPct, formula.saltPct)).toBeLessThan(0.2);
        expect(back.flourEachG * back.loaves).toBeCloseTo(formula.flourEachG * formula.loaves, -1);
      }),
    );
  });
});

describe('bulk', () => {
  const levain = starterIn('ripe', { white: 1 }, 100, 100);
  const hours = (inoculationPct: number, celsius: number, saltPct = 2) =>
    bulkHours({ ...USUAL_DOUGH, inoculationPct, saltPct }, levain, celsius, USUAL_PACE)!;

  it('takes an afternoon at a warm kitchen and a night at a cool one', () => {
    expect(hours(15, 24)).toBeGreaterThan(3);
    expect(hours(15, 24)).toBeLessThan(6);
    expect(hours(8, 18)).toBeGreaterThan(9);
  });

  it('is quicker with more levain and warmth, slower with salt', () => {
    fc.assert(
      fc.property(pct(4, 28), fc.integer({ min: 16, max: 25 }), (inoculation, celsius) => {
        expect(hours(inoculation + 2, celsius)).toBeLessThan(hours(inoculation, celsius));
        expect(hours(inoculation, celsius + 1)).toBeLessThan(hours(inoculation, celsius));
        expect(hours(inoculation, celsius, 2.5)).toBeGreaterThan(hours(inoculation, celsius, 0));
      }),
      { numRuns: 20 },
    );
  });
});

describe('a yeast recipe turned', () => {
  const recipe = { flourG: 500, waterG: 340, saltG: 10, sugarG: 0, fatG: 0 };

  it('keeps its flour, its water and so its hydration', () => {
    fc.assert(
      fc.property(pct(5, 40), pct(50, 125), pct(55, 90), (inoculation, levainPct, hydration) => {
        const waterG = 5 * hydration;
        const made = turned({ ...recipe, waterG }, inoculation, levainPct);
        if (!made) return;
        const levain = flourAndWater(made.levainG, levainPct);
        expect(Math.abs(made.flourG + levain.flourG - 500)).toBeLessThanOrEqual(0.5);
        expect(Math.abs(made.waterG + levain.waterG - waterG)).toBeLessThanOrEqual(0.5);
        expect(made.hydrationPct).toBeCloseTo(hydration, 6);
      }),
    );
  });
});

describe('a levain from what is really in the jar', () => {
  const task = { levainG: 150, hydrationPct: 100, keepG: 20, inJarG: 92, inJarHydrationPct: 100 };

  it('is topped up by a shortfall split by hydration', () => {
    const [topUp] = levainWays({ ...task, levainG: 150 - STICKS_G, keepG: 0 }, 4);
    expect(topUp).toMatchObject({ kind: 'topUp', seedG: 92, flourG: 29, waterG: 29 });
  });

  it('is taken as it is when there is enough, and never with the keep', () => {
    expect(levainWays({ ...task, inJarG: 180 }, 4)[0]!.kind).toBe('take');
    expect(levainWays({ ...task, inJarG: 176 }, 4)[0]!.kind).toBe('topUp');
  });

  it('always comes to what is needed, at the hydration asked for, and spares the keep', () => {
    fc.assert(
      fc.property(
        pct(40, 900),
        pct(60, 125),
        pct(5, 60),
        pct(10, 600),
        pct(60, 125),
        fc.integer({ min: 1, max: 8 }),
        (levainG, hydrationPct, keepG, inJarG, inJarHydrationPct, parts) => {
          const asked = { levainG, hydrationPct, keepG, inJarG, inJarHydrationPct };
          for (const way of levainWays(asked, parts)) {
            const massG = way.seedG + way.flourG + way.waterG;
            const held = way.kind === 'beside' ? 0 : keepG;
            expect(massG).toBeGreaterThanOrEqual(levainG + STICKS_G + held);
            expect(way.flourG).toBeGreaterThanOrEqual(0);
            expect(way.waterG).toBeGreaterThanOrEqual(0);
            if (way.kind === 'beside') expect(inJarG - way.seedG).toBeGreaterThanOrEqual(keepG);
            else expect(way.seedG).toBeLessThanOrEqual(inJarG);
            const seed = flourAndWater(way.seedG, inJarHydrationPct);
            const made = hydrationOf(seed.flourG + way.flourG, seed.waterG + way.waterG);
            expect(made).toBeCloseTo(way.hydrationPct, 6);
            const flourInAll = seed.flourG + way.flourG;
            if (way.kind !== 'take')
              expect(Math.abs(made - hydrationPct)).toBeLessThan(0.5 + 150 / flourInAll);
          }
        },
      ),
    );
  });
});

describe('cups and spoons', () => {
  it('say a mass by what a drawer holds', () => {
    expect(cupsText(180, 'white')).toBe('1\u00a0½ cups');
    expect(cupsText(95, 'water')).toBe('⅓ cup and 1 tbsp');
    expect(cupsText(5, 'water')).toBe('1 tsp');
    expect(cupsText(2, 'white')).toBe('¾ tsp');
  });

  it('read what a baker writes', () => {
    expect(gramsFromMeasure('1 1/2 cups', 'white')).toBeCloseTo(180, 6);
    expect(gramsFromMeasure('1½ cup', 'white')).toBeCloseTo(180, 6);
    expect(gramsFromMeasure('0,5 cup', 'water')).toBeCloseTo(118.5, 6);
    expect(gramsFromMeasure('2 tbsp', 'rye')).toBeCloseTo(13.1, 1);
    for (const text of ['120', 'cup', 'some cups', '1 jug', '-1 cup', '0 cup', '1/0x cup'])
      expect(gramsFromMeasure(text, 'white')).toBeNull();
  });

  it('come back as near as a drawer of measures allows', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 80, max: 900 }),
        fc.constantFrom('white' as const, 'rye' as const, 'water' as const, 'starter' as const),
        (grams, ingredient) => {
          const back = gramsFromMeasure(cupsText(grams, ingredient), ingredient)!;
          expect(Math.abs(back - grams) / grams).toBeLessThan(0.09);
        },
      ),
    );
    expect(measureError('white')).toBeGreaterThan(measureError('water'));
  });
});

/** The formula of a dough already on the scale, for one loaf or several. */
function formulaOf(
  card: Omit<DoughCard, 'doughG'>,
  { loaves, levainHydrationPct, levainWholePct }: DoughFormula,
): DoughFormula {
  const levain = flourAndWater(card.levainG, levainHydrationPct);
  const flourG = levain.flourG + card.whiteG + card.wholeG;
  return {
    loaves,
    flourEachG: flourG / loaves,
    hydrationPct: hydrationOf(flourG, levain.waterG + card.waterG),
    saltPct: (100 * card.saltG) / flourG,
    inoculationPct: (100 * levain.flourG) / flourG,
    levainHydrationPct,
    wholePct: (100 * (card.wholeG + (levain.flourG * levainWholePct) / 100)) / flourG,
    levainWholePct,
  };
}

import { type Vessel } from '../ferment';
import { flourAndWater } from '../measure';
import { TEXTURES, byEye, texturePct } from './byEye';
import { filledShare } from './jarRoom';
import { grownLevain } from './levain';
import { proteinPct, whiteOf } from './protein';
import { outBeforeCold } from './putAway';
import { gramsFromText } from './weightText';

const WHITE = { white: 1 };
const RYE = { rye: 1 };

describe('a feed by eye', () => {
  const there = { massG: 200, hydrationPct: 100 };

  it('is half tipped away and doubled again to batter: equal parts of what came', () => {
    expect(byEye(there, WHITE, { kept: 0.5, grown: 2, texture: 'batter' })).toEqual({
      keepG: 100,
      flourG: 50,
      waterG: 50,
    });
  });

  it('is flour alone where it was too thin, and water alone where it was too stiff', () => {
    const stiffened = byEye({ massG: 100, hydrationPct: 125 }, WHITE, {
      kept: 1,
      grown: 1.2,
      texture: 'dough',
    });
    expect(stiffened).toEqual({ keepG: 100, flourG: 20, waterG: 0 });
    const thinned = byEye({ massG: 100, hydrationPct: 55 }, WHITE, {
      kept: 1,
      grown: 1.2,
      texture: 'pours',
    });
    expect(thinned).toEqual({ keepG: 100, flourG: 0, waterG: 20 });
  });

  it('keeps a gram where next to nothing stayed, and adds nothing that is not there', () => {
    expect(byEye({ massG: 4, hydrationPct: 100 }, WHITE, { kept: 0.05, grown: 1, texture: 'thick' })).toEqual({ keepG: 1, flourG: 0, waterG: 0 }); // prettier-ignore
  });

  it('comes to what the texture wants, where both go in', () => {
    for (const texture of ['batter', 'thick'] as const) {
      const { keepG, flourG, waterG } = byEye(there, WHITE, { kept: 0.25, grown: 4, texture });
      const had = flourAndWater(keepG, 100);
      const pct = (100 * (had.waterG + waterG)) / (had.flourG + flourG);
      expect(Math.abs(pct - texturePct(texture, WHITE))).toBeLessThan(2);
    }
  });

  it('takes more water to look the same in rye', () => {
    expect(TEXTURES.map((texture) => texturePct(texture, WHITE))).toEqual([125, 100, 75, 58]);
    for (const texture of TEXTURES)
      expect(texturePct(texture, RYE)).toBeGreaterThan(texturePct(texture, WHITE) * 1.05);
  });
});

describe('a weight as bakers write it', () => {
  it.each([
    ['180', 180],
    [' 180 g ', 180],
    ['180grams', 180],
    ['1.5 kg', 1500],
    ['1,5 kg', 1500],
    ['1 500', 1500],
    ['12 000 g', 12_000],
    ['1,500', 1500],
    ['33.333 g', 33.333],
    ['1,500 kg', 1500],
    ['0,125', 0.125],
    ['8 oz', 226.8],
    ['8 OZ.', 226.8],
    ['1 lb', 453.6],
    ['2 lbs', 907.2],
    ['½ oz', 14.2],
    ['1 1/2 oz', 42.5],
    ['½ cup', 118.5],
    ['1 cup and 2 tbsp', 266.6],
    ['+ 5', 5],
    ['-5 g', -5],
    ['−5', -5],
  ])('%s is %d g', (text, grams) => {
    expect(gramsFromText(text, 'water')).toBeCloseTo(grams, grams % 1 === 0 ? 6 : 1);
  });

  it.each(['', 'some', 'g', '5 stone', '1//2', '1 2 3 g cups', '-½ cup'])('%s is none', (text) => {
    expect(gramsFromText(text, 'water')).toBeNaN();
  });
});

describe('a levain grown from what there is', () => {
  it('shares the shortfall into flour and water', () => {
    expect(grownLevain(150, 92, 100, 100)).toEqual({
      seedG: 92,
      flourG: 29,
      waterG: 29,
      hydrationPct: 100,
    });
  });

  it('closes to the gram at any hydration, and is none where the seed is too wet or too much', () => {
    for (const pct of [55, 80, 100, 125]) {
      const built = grownLevain(200, 20, 100, pct)!;
      expect(built.seedG + built.flourG + built.waterG).toBe(200);
      expect(Math.abs(built.hydrationPct - pct)).toBeLessThan(1.5);
    }
    expect(grownLevain(100, 95, 125, 60)).toBeNull();
    expect(grownLevain(100, 95, 50, 125)).toBeNull();
    expect(grownLevain(100, 0, 100, 100)).toBeNull();
    expect(grownLevain(100, 120, 100, 100)).toBeNull();
  });
});

describe('before the cold', () => {
  it('a jar stands out an hour in a warm kitchen, one and a half in a usual one, two in a cool one', () => {
    expect([30, 27, 21.5, 17, 12].map((celsius) => outBeforeCold(celsius, null))).toEqual([
      1, 1, 1.5, 2, 2,
    ]);
  });

  it('the baker’s own habit comes first', () => {
    expect(outBeforeCold(30, 3)).toBe(3);
    expect(outBeforeCold(12, 0)).toBe(0);
  });
});

describe('a label', () => {
  it('is no sharper than it is rounded', () => {
    expect(proteinPct(4, 30)[0]).toBeCloseTo(11.67, 2);
    expect(proteinPct(4, 30)[1]).toBeCloseTo(15, 6);
    expect(proteinPct(12.7, 100).map((pct) => Math.round(pct * 100) / 100)).toEqual([12.65, 12.75]);
    expect(proteinPct(0, 30)[0]).toBe(0);
  });

  it('makes strong flour from 12.5 % on', () => {
    expect([11, 12.4, 12.5, 14].map(whiteOf)).toEqual(['white', 'white', 'strongWhite', 'strongWhite']); // prettier-ignore
  });
});

it('a mix takes its volume of the jar, and more as it rises', () => {
  const jar: Vessel = { capacityMl: 400, emptyG: 300 };
  const fresh = filledShare(jar, 210, 100);
  expect(fresh).toBeCloseTo(0.5, 1);
  expect(filledShare(jar, 210, 100, 2.2)).toBeCloseTo(2.2 * fresh, 9);
  expect(filledShare(jar, 210, 55)).toBeLessThan(fresh);
});

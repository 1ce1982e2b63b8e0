import { USUAL_PACE, starterIn } from '../ferment';
import { flourAndWater } from '../measure';
import { bulkHours } from './bulk';
import { cupsText } from './cups';
import { USUAL_DOUGH } from './dough';
import { TEXTURES, byEye, texturePct } from './byEye';
import { grownLevain } from './levain';
import { proteinPct, whiteOf } from './protein';
import { outBeforeCold } from './putAway';
import { amountsAfter } from './weighing';
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
    expect(byEye({ massG: 4, hydrationPct: 100 }, WHITE, { kept: 0.05, grown: 1, texture: 'thick' })).toEqual({ keepG: 1, flourG: 0, waterG: 0 }); // oxfmt-ignore
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
    ['8 oz', 227],
    ['8 OZ.', 227],
    ['1 lb', 454],
    ['2 lbs', 907],
    ['½ oz', 14],
    ['1 1/2 oz', 43],
    ['⅓ oz', 9.5],
    ['0.001 oz', 0.5],
    ['0 oz', 0],
    ['½ cup', 119],
    ['half a cup', 119],
    ['Half of a cup', 119],
    ['a half cup', 119],
    ['a cup', 237],
    ['one and a half cups', 356],
    ['1 and 1/2 cups', 356],
    ['two-thirds of a cup', 158],
    ['three quarters cup', 178],
    ['a quarter cup and one tbsp', 74],
    ['1 cup and 2 tbsp', 267],
    ['1 cup+2 tbsp', 267],
    ['1 cup  and  2  tbsp', 267],
    ['11/4 cup', 652],
    ['3/16 cup', 44],
    ['+ 5', 5],
    ['-5 g', -5],
    ['−5', -5],
  ])('%s is %d g', (text, grams) => {
    expect(gramsFromText(text, 'water')).toBeCloseTo(grams, 6);
  });

  it.each(['', 'some', 'g', '5 stone', '1//2', '1 2 3 g cups', '-½ cup', '½ cup or so'])(
    '%s is none',
    (text) => {
      expect(gramsFromText(text, 'water')).toBeNaN();
    },
  );
});

describe('grams as cups and spoons', () => {
  it.each([
    [118, '½ cup'],
    [124, '½ cup'],
    [130, '½ cup and 1 tbsp'],
    [260, '1 cup and 2 tbsp'],
    [521, '2 ¼ cups'],
    // From two cups on the nearest measure is near enough.
    [500, '2 cups'],
    [7.4, '1 ½ tsp'],
    [14.8, '1 tbsp'],
    [2.5, '½ tsp'],
  ])('%d g of water are %s', (grams, text) => {
    // What belongs together does not part at the end of a line.
    expect(cupsText(grams, 'water').replace(/\u00a0|\u202f|\u2009/g, ' ')).toBe(text);
  });
});

describe('a feed after a slip', () => {
  const recipe = { keepG: 20, ratio: { flour: 4, water: 3 } };

  it('follows: half as much again of the keep, half as much again of all', () => {
    expect(amountsAfter(recipe, { keep: 30 })).toEqual({ keepG: 30, flourG: 120, waterG: 90 });
    expect(amountsAfter(recipe, { keep: 30, water: 99 }).flourG).toBe(132);
    expect(amountsAfter(recipe, { keep: 30, flour: 100 }).waterG).toBe(75);
  });

  it('stays as it was planned for those who leave it so; what landed has landed', () => {
    expect(amountsAfter(recipe, { keep: 30 }, 'asPlanned')).toEqual({
      keepG: 30,
      flourG: 80,
      waterG: 60,
    });
    expect(amountsAfter(recipe, { keep: 30, water: 70 }, 'asPlanned')).toEqual({
      keepG: 30,
      flourG: 80,
      waterG: 70,
    });
    expect(amountsAfter(recipe, { keep: 0, flour: 0, water: 0 }, 'asPlanned')).toEqual({
      keepG: 0,
      flourG: 0,
      waterG: 0,
    });
  });

  it('of a ratio without water or flour asks for none', () => {
    const dry = { keepG: 20, ratio: { flour: 4, water: 0 } };
    expect(amountsAfter(dry, { keep: 20, water: 0 })).toMatchObject({ flourG: 80, waterG: 0 });
    expect(amountsAfter({ keepG: 20, ratio: { flour: 0, water: 1 } }, { flour: 0 }).waterG).toBe(
      20,
    );
  });
});

describe('how long bulk takes', () => {
  const levain = starterIn('ripe', WHITE, 100, 100);
  const hours = (celsius: number) => bulkHours(USUAL_DOUGH, levain, celsius, USUAL_PACE)!;

  it('changes by little where the warmth does', () => {
    const tenths = Array.from({ length: 40 }, (_, i) => hours(22 + i / 10));
    const steps = tenths.slice(1).map((one, i) => tenths[i]! - one);
    expect(Math.min(...steps)).toBeGreaterThan(0);
    expect(Math.max(...steps)).toBeLessThan(0.1);
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
    expect([11, 12.4, 12.5, 14].map(whiteOf)).toEqual(['white', 'white', 'strongWhite', 'strongWhite']); // oxfmt-ignore
  });
});

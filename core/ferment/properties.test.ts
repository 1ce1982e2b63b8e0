import fc from 'fast-check';

import { starterIn } from './condition';
import { forecast } from './forecast';
import { type Mix, feed, phOf } from './mix';
import { USUAL_PACE } from './pace';
import { celsiusAt } from './place';
import { RATE_TABLE, growthRate } from './rates';
import { simulate } from './simulate';
import { usualVessel } from './vessel';

const WHITE = { white: 1 };
const hungry = starterIn('hungry', WHITE, 100, 50);

const grams = fc.integer({ min: 5, max: 500 });
const mixes = fc.record({
  hydrationPct: fc.integer({ min: 50, max: 150 }),
  hours: fc.double({ min: 0, max: 60, noNaN: true }),
  celsius: fc.double({ min: 3, max: 30, noNaN: true }),
});

function aged({
  hydrationPct,
  hours,
  celsius,
}: {
  hydrationPct: number;
  hours: number;
  celsius: number;
}): Mix {
  const mix = starterIn('hungry', WHITE, hydrationPct, 60);
  return simulate(mix, conditions(mix, celsius), hours);
}

const conditions = (mix: Mix, celsius: number) => ({
  air: () => celsius,
  vessel: usualVessel(mix.massG, mix.hydrationPct),
  pace: USUAL_PACE,
});

const peakOf = (flourParts: number, celsius: number) => {
  const mix = {
    ...feed(hungry, { keepG: 50, flourG: 50 * flourParts, waterG: 50 * flourParts, flour: WHITE }),
    celsius,
  };
  return forecast(mix, conditions(mix, celsius), 72).peaksAtH!;
};

describe('a feed', () => {
  it('closes the mass, the flour and the water to the gram', () => {
    fc.assert(
      fc.property(mixes, grams, grams, grams, (kind, keepG, flourG, waterG) => {
        const before = aged(kind);
        const after = feed(before, { keepG, flourG, waterG, flour: WHITE });
        expect(after.massG).toBe(keepG + flourG + waterG);
        const flour = after.massG / (1 + after.hydrationPct / 100);
        const kept = keepG / (1 + before.hydrationPct / 100);
        expect(flour).toBeCloseTo(kept + flourG, 6);
      }),
      { numRuns: 40 },
    );
  });

  it('never raises the acid, and never adds cells', () => {
    fc.assert(
      fc.property(mixes, grams, grams, grams, (kind, keepG, flourG, waterG) => {
        const before = aged(kind);
        const after = feed(before, { keepG, flourG, waterG, flour: WHITE });
        expect(after.acid).toBeLessThanOrEqual(before.acid);
        expect(after.yeast * after.massG).toBeCloseTo(before.yeast * keepG, 9);
        expect(phOf(after.acid)).toBeGreaterThanOrEqual(phOf(before.acid));
      }),
      { numRuns: 40 },
    );
  });

  it('with warm water warms the mix, but never beyond its warmest part', () => {
    const cold = { ...hungry, celsius: 6 };
    const mix = feed(cold, {
      keepG: 50,
      flourG: 100,
      waterG: 100,
      flour: WHITE,
      flourCelsius: 19,
      waterCelsius: 38,
    });
    expect(mix.celsius).toBeGreaterThan(19);
    expect(mix.celsius).toBeLessThan(38);
  });
});

describe('time to the peak', () => {
  it('grows with the parts fed', () => {
    const peaks = [0.5, 1, 2, 4, 8].map((parts) => peakOf(parts, 22));
    expect([...peaks].sort((a, b) => a - b)).toEqual(peaks);
  });

  it('shrinks with every degree up to 27 °C', () => {
    const peaks = [16, 18, 20, 22, 24, 26, 27].map((celsius) => peakOf(2, celsius));
    expect([...peaks].sort((a, b) => b - a)).toEqual(peaks);
  });

  it('grows when the starter is slower or the dough stiffer', () => {
    const mix = feed(hungry, { keepG: 50, flourG: 100, waterG: 100, flour: WHITE });
    const stiff = feed(hungry, { keepG: 50, flourG: 100, waterG: 55, flour: WHITE });
    const usual = forecast(mix, conditions(mix, 22), 48).peaksAtH!;
    const slow = forecast(mix, { ...conditions(mix, 22), pace: { ...USUAL_PACE, pace: 0.8 } }, 48);
    expect(slow.peaksAtH!).toBeGreaterThan(usual);
    expect(forecast(stiff, conditions(stiff, 22), 48).peaksAtH!).toBeGreaterThan(usual);
  });
});

describe('flours', () => {
  const peakWith = (flour: object) => {
    const mix = feed(starterIn('hungry', flour, 100, 50), {
      keepG: 50,
      flourG: 100,
      waterG: 100,
      flour,
    });
    return forecast(mix, conditions(mix, 22), 48);
  };

  it('rye and whole wheat are quicker than white, and rise less', () => {
    const [white, whole, rye] = [{ white: 1 }, { wholeWheat: 1 }, { rye: 1 }].map(peakWith);
    expect(whole!.peaksAtH!).toBeLessThan(white!.peaksAtH!);
    expect(rye!.peaksAtH!).toBeLessThan(whole!.peaksAtH!);
    expect(whole!.peakHeight).toBeLessThan(white!.peakHeight);
    expect(rye!.peakHeight).toBeLessThan(whole!.peakHeight);
  });
});

describe('the simulation', () => {
  it('is within half a percent of steps ten times finer', () => {
    for (const [flourParts, waterParts, mean] of [
      [1, 1, 22],
      [1, 1, 30],
      [4, 4, 24],
      [4, 4, 12],
      [4, 2, 27],
    ] as const) {
      const mix = feed(hungry, {
        keepG: 50,
        flourG: 50 * flourParts,
        waterG: 50 * waterParts,
        flour: WHITE,
      });
      const swinging = { ...conditions(mix, mean), air: (h: number) => mean + 2 * Math.sin(h / 3) };
      for (const hours of [3, 7, 12, 19, 30]) {
        const coarse = simulate(mix, swinging, hours);
        const fine = simulate(mix, swinging, hours, undefined, 10);
        expect(Math.abs(coarse.gas - fine.gas) / (1 + fine.gas)).toBeLessThan(0.005);
      }
    }
  });

  it('keeps every part of the state in its bounds', () => {
    fc.assert(
      fc.property(mixes, fc.integer({ min: 0, max: 900 }), (kind, hours) => {
        const start = aged(kind);
        const mix = simulate(start, conditions(start, kind.celsius), hours);
        for (const share of [mix.yeast, mix.lactic, mix.dormant, mix.food, mix.gluten]) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1.001);
        }
        expect(mix.gas).toBeGreaterThanOrEqual(0);
        expect(mix.acid).toBeGreaterThanOrEqual(start.acid - 1e-9);
      }),
      { numRuns: 30 },
    );
  });

  it('lets a jar follow its place: an hour out of the fridge warms a small jar more than a large one', () => {
    const after = (massG: number) => {
      const mix = { ...hungry, massG, celsius: 4 };
      return simulate(mix, conditions(mix, 22), 1).celsius;
    };
    expect(after(100)).toBeGreaterThan(after(600) + 2);
    expect(after(600)).toBeGreaterThan(8);
  });

  it('kills by heat: within hours at 45 °C, at once at 60 °C', () => {
    const fed = feed(hungry, { keepG: 50, flourG: 50, waterG: 50, flour: WHITE });
    const left = (celsius: number, hours: number) => {
      const hot = { ...fed, celsius };
      return simulate(hot, conditions(hot, celsius), hours).yeast / fed.yeast;
    };
    expect(left(45, 3)).toBeLessThan(0.1);
    expect(left(60, 0.25)).toBeLessThan(1e-6);
    expect(left(30, 0.25)).toBeGreaterThan(0.9);
  });
});

describe('growth rates', () => {
  it('pass through the published points and are zero from where nothing grows', () => {
    for (const organism of ['yeast', 'lactic'] as const) {
      RATE_TABLE.celsius.forEach((celsius, i) =>
        expect(growthRate(organism, celsius)).toBeCloseTo(RATE_TABLE[organism][i]!, 4),
      );
      expect(growthRate(organism, 38)).toBe(0);
      expect(growthRate(organism, 70)).toBe(0);
    }
  });

  it('are small but not zero in a fridge, and never jump', () => {
    expect(growthRate('yeast', 0)).toBeGreaterThan(0.001);
    fc.assert(
      fc.property(fc.double({ min: -10, max: 60, noNaN: true }), (celsius) => {
        const step = growthRate('lactic', celsius + 0.1) - growthRate('lactic', celsius);
        expect(Math.abs(step)).toBeLessThan(0.04);
      }),
    );
  });
});

describe('a place', () => {
  it('goes from night to day in straight lines, past midnight too', () => {
    const dayNight = { kind: 'dayNight', day: 22, night: 18, dayFrom: 7, nightFrom: 23 } as const;
    expect(celsiusAt(dayNight, 3)).toBe(18);
    expect(celsiusAt(dayNight, 8)).toBe(20);
    expect(celsiusAt(dayNight, 12)).toBe(22);
    expect(celsiusAt(dayNight, 0)).toBe(20);
    const hourly = {
      kind: 'hourly',
      points: [
        [6, 16],
        [18, 24],
      ],
    } as const;
    expect(celsiusAt(hourly, 12)).toBe(20);
    expect(celsiusAt(hourly, 0)).toBe(20);
    expect(celsiusAt(hourly, 24)).toBe(20);
  });
});

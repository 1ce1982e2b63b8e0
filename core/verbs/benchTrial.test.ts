import { USUAL_PLACES } from '../ferment';
import { type FoldContext, type JarEvent, foldJar } from '../journal';
import { someCard, someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { type AtBench, atBench, benchTrial, ratioFor, reckonedFrom, seriesRipe } from '.';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (hours: number) => new Date(NOW - hours * HOUR).toISOString();
const EARLIER: readonly JarEvent[] = [someStart(iso(48)), someFeed('fed', iso(24))];
const WHITE = { white: 1 };
const COUNTER = { place: 'counter' };

const at = (events = EARLIER, context: FoldContext = usualKitchen()): AtBench =>
  atBench(foldJar(events, context)!.jar, context, USUAL_PLACES, NOW);
const tried = (
  amounts = { keepG: 20, flourG: 80, waterG: 80 },
  putAway: Parameters<typeof benchTrial>[2] = COUNTER,
  bench = at(),
) => benchTrial(bench, { amounts, flour: WHITE }, putAway);
const warm = usualKitchen().places.get('counter')!;
/** The kitchen with a counter that is so warm. */
const kitchenAt = (celsius: number): FoldContext => ({
  ...usualKitchen(),
  places: new Map([
    ...usualKitchen().places,
    [
      'counter',
      {
        ...warm,
        arranged: warm.arranged.map((one) => ({
          ...one,
          place: { ...one.place, temperature: { kind: 'constant' as const, celsius } },
        })),
      },
    ],
  ]),
});

describe('a jar about to be fed', () => {
  it('is reckoned from an hour since its feed, and from now where the hour is none or still to come', () => {
    const { jar } = at();
    expect(reckonedFrom(jar, NOW - 3 * HOUR, NOW)).toBe(NOW - 3 * HOUR);
    for (const said of [NaN, NOW - 30 * HOUR, NOW + HOUR, Date.parse('9999-01-01T00:00:00Z')])
      expect(reckonedFrom(jar, said, NOW)).toBe(NOW);
  });

  it('stands in a kitchen as warm as its counter, wherever it is itself', () => {
    const cold = [...EARLIER, { kind: 'moved', id: 'm', jar: 'tern', at: iso(20), place: 'fridge' } as JarEvent]; // oxfmt-ignore
    expect(at(cold, kitchenAt(24)).kitchenCelsius).toBeCloseTo(24, 6);
    expect(at(cold, kitchenAt(24)).mix.celsius).toBeLessThan(8);
  });

  it('or as warm as itself where there is no counter', () => {
    const context = kitchenAt(24);
    const bench = atBench(foldJar(EARLIER, context)!.jar, context, [], NOW);
    expect(bench.kitchenCelsius).toBe(bench.mix.celsius);
  });

  it('is without what was poured off', () => {
    const poured = [...EARLIER, { kind: 'pouredOff', id: 'p', jar: 'tern', at: iso(1), grams: 15, liquid: 'grey' } as JarEvent]; // oxfmt-ignore
    expect(at(poured).mix.massG).toBeCloseTo(165, 6);
    expect(at(poured).mix.hydrationPct).toBeLessThan(85);
  });
});

describe('a feed that is tried', () => {
  it('comes to its ratio, its mass and its hydration', () => {
    expect(tried().outcome).toEqual({ ratio: { flour: 4, water: 4 }, hydrationPct: 100, massG: 180 });
    const { outcome } = tried({ keepG: 20, flourG: 80, waterG: 50 });
    // 10 g of water in the keep, over 10 g of its flour.
    expect(outcome.hydrationPct).toBeCloseTo((100 * 60) / 90, 6);
  }); // oxfmt-ignore

  it('ripens sooner in a warm kitchen than in a cool one, and later the more it is fed', () => {
    const ripe = (celsius: number, parts = 4) =>
      tried({ keepG: 20, flourG: 20 * parts, waterG: 20 * parts }, COUNTER, at(EARLIER, kitchenAt(celsius))).forecast.ripeFromH!; // oxfmt-ignore
    expect(ripe(27)).toBeLessThan(ripe(22));
    expect(ripe(22)).toBeLessThan(ripe(18));
    expect(ripe(22, 2)).toBeLessThan(ripe(22, 4));
  });

  it('keeps to the pace of its jar', () => {
    const peak = (pace: number) =>
      tried(undefined, COUNTER, at(EARLIER, usualKitchen({ ...usualKitchen().pace, pace })))
        .forecast.peaksAtH!;
    expect(peak(1.3)).toBeLessThan(peak(1));
    expect(peak(1)).toBeLessThan(peak(0.8));
  });

  it('is followed for weeks in the fridge, for days elsewhere', () => {
    const cold = tried(undefined, { place: 'fridge' }).forecast;
    expect(cold.peaksAtH).toBeGreaterThan(5 * 24);
    expect(cold.curve.at(-1)!.hours).toBeCloseTo(30 * 24, 6);
    expect(tried().forecast.curve.at(-1)!.hours).toBeCloseTo(96, 6);
  });

  it('first stands out, where it goes into the cold later', () => {
    const peak = (hours: number) =>
      tried(undefined, { place: 'fridge', first: { place: 'counter', hours } }).forecast.peaksAtH!;
    expect(peak(6)).toBeLessThan(peak(2));
    expect(peak(2)).toBeLessThan(tried(undefined, { place: 'fridge' }).forecast.peaksAtH!);
  });

  it('wants water that brings all of it to 25 °C: warm in a cool kitchen, cool in a warm one', () => {
    const water = (celsius: number) =>
      tried(undefined, COUNTER, at(EARLIER, kitchenAt(celsius))).water!;
    expect(water(25).celsius).toBeCloseTo(25, 2);
    expect(water(21).celsius).toBeGreaterThan(26);
    expect(water(21).celsius).toBeLessThan(30);
    expect(water(21).reached).toBeCloseTo(25, 2);
    expect(water(29).celsius).toBeLessThan(23);
    // So little water cannot make good for all that cold flour: hotter would harm.
    const stiff = tried({ keepG: 20, flourG: 80, waterG: 30 }, COUNTER, at(EARLIER, kitchenAt(12)));
    expect(stiff.water!.celsius).toBe(40);
    expect(stiff.water!.reached).toBeLessThan(24);
  });

  it('wants none where there is no water, nor where it goes into the cold within four hours', () => {
    const after = (hours: number) =>
      tried(undefined, { place: 'fridge', first: { place: 'counter', hours } }).water;
    expect(tried({ keepG: 20, flourG: 80, waterG: 0 }).water).toBeNull();
    expect(tried(undefined, { place: 'fridge' }).water).toBeNull();
    expect(after(3.9)).toBeNull();
    expect(after(4)).not.toBeNull();
  });

  it('says how full its jar gets, and what stirring does where it would climb out', () => {
    const fits = tried();
    expect(fits.room.verdict).toBe('fine');
    expect(fits.room.filledAtPeak / fits.room.filled).toBeCloseTo(fits.forecast.peakHeight, 6);
    expect(fits.stirred).toBeNull();
    const full = tried({ keepG: 30, flourG: 120, waterG: 120 });
    expect(full.room.verdict).toBe('overflows');
    // So full that it climbs out however often it is stirred.
    expect(full.stirred).toBeNull();
    const hardly = Array.from({ length: 40 }, (_, i) => 95 + i)
      .map((flourG) => tried({ keepG: 20, flourG, waterG: flourG }))
      .find(({ stirred }) => stirred !== null)!;
    const { atH, peakHeight, peaksAtH } = hardly.stirred!;
    expect(hardly.room.filledAtPeak).toBeGreaterThan(1);
    expect(peakHeight * hardly.room.filled).toBeLessThan(1);
    expect(peaksAtH!).toBeGreaterThan(atH.at(-1)!);
    // The same in a jar that is twice as wide.
    const wide = someCard({ vessel: { emptyG: 500, capacityMl: 1000 } });
    const events = [someStart(iso(48), { card: wide }), someFeed('fed', iso(24))];
    expect(tried({ keepG: 30, flourG: 120, waterG: 120 }, COUNTER, at(events)).stirred).toBeNull();
  });
});

describe('the ratio for an hour', () => {
  const ask = (hours: number, over: Partial<Parameters<typeof ratioFor>[1]> = {}) =>
    ratioFor(
      at(),
      { keepG: 20, hydrationPct: 100, flour: WHITE, wantedAt: NOW + hours * HOUR, ...over },
      COUNTER,
    );

  it('is ripe then', () => {
    for (const hours of [7, 9, 12]) {
      const { ripeFromH, ripeUntilH } = ask(hours)!.forecast;
      expect(ripeFromH).toBeLessThan(hours);
      expect(ripeUntilH).toBeGreaterThan(hours);
    }
  });

  it('is more the later it is wanted, and has its water by the hydration', () => {
    const parts = [6, 9, 14, 20].map((hours) => ask(hours)!.ratio.flour);
    expect(parts).toEqual([...parts].sort((a, b) => a - b));
    expect(new Set(parts).size).toBeGreaterThan(2);
    const { flour, water } = ask(9, { hydrationPct: 60 })!.ratio;
    expect(water).toBeCloseTo(0.6 * flour, 6);
  });

  it('is none within half an hour, or after three days', () => {
    expect(ask(0.5)).toBeNull();
    expect(ask(0.51)).not.toBeNull();
    expect(ask(71.9)).not.toBeNull();
    expect(ask(72)).toBeNull();
    expect(ask(NaN)).toBeNull();
  });
});

it('of several builds each is ripe after the one before, sooner where it is warm', () => {
  const builds = [
    { seedG: 10, flourG: 20, waterG: 20 },
    { seedG: 50, flourG: 100, waterG: 100 },
  ];
  const ripe = (celsius: number) => {
    const context = kitchenAt(celsius);
    return seriesRipe(foldJar(EARLIER, context)!.jar, builds, 'counter', context, NOW);
  };
  const [first, second] = ripe(24);
  expect(first).toBeGreaterThan(NOW + 2 * HOUR);
  expect(second).toBeGreaterThan(first! + 2 * HOUR);
  expect(second).toBeLessThan(NOW + 24 * HOUR);
  expect(ripe(28)[1]).toBeLessThan(second!);
  expect(seriesRipe(foldJar(EARLIER, usualKitchen())!.jar, builds, 'fridge', usualKitchen(), NOW)).toEqual([null, null]); // oxfmt-ignore
});

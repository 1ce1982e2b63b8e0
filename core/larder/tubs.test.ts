import fc from 'fast-check';

import { type JarEvent, type JournalEvent, type Stocked } from '../journal';
import { DAY, blendShares } from '../measure';
import { shoppingNote } from './shopping';
import { flourUse, tubsOf } from './tubs';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (days: number) => new Date(T0 + days * DAY).toISOString();

const stocked = (day: number, over: Partial<Stocked> = {}): Stocked => ({
  kind: 'stocked',
  id: `s${day}`,
  at: iso(day),
  tub: 'half',
  name: 'Half and half',
  flour: { white: 0.5, wholeWheat: 0.5 },
  grams: 1000,
  lowG: 200,
  ...over,
});

const fed = (day: number, flourG: number, tub?: string, jar = 'tern'): JarEvent => ({
  kind: 'fed',
  id: `f${jar}${day}`,
  at: iso(day),
  jar,
  keepG: 20,
  flourG,
  waterG: flourG,
  flour: { white: 1 },
  ...(tub === undefined ? {} : { tub }),
});

describe('a tub of flour', () => {
  it('is run down by the feeds weighed out of it, and by no others', () => {
    const [tub] = tubsOf([stocked(0), fed(1, 80, 'half'), fed(2, 80), fed(3, 60, 'half')]);
    expect(tub!.grams).toBe(860);
  });

  it('holds what came in less what went out, never less than nothing', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 400 }), { maxLength: 12 }), (feeds) => {
        const events: JournalEvent[] = [stocked(0), ...feeds.map((g, i) => fed(i + 1, g, 'half'))];
        const out = feeds.reduce((sum, g) => sum + g, 0);
        expect(tubsOf(events)[0]!.grams).toBe(Math.max(0, 1000 - out));
      }),
    );
  });

  it('mixes new flour with what is left, by weight, in blend and price', () => {
    const [tub] = tubsOf([
      stocked(0, { flour: { white: 1 }, pricePerKg: 1 }),
      fed(1, 500, 'half'),
      stocked(2, { flour: { rye: 1 }, grams: 1500, pricePerKg: 3 }),
    ]);
    expect(tub!.grams).toBe(2000);
    expect(Object.fromEntries(blendShares(tub!.flour))).toEqual({ white: 0.25, rye: 0.75 });
    expect(tub!.pricePerKg).toBeCloseTo(2.5);
  });

  it('filled up when empty is what was filled in', () => {
    const [tub] = tubsOf([
      stocked(0, { flour: { white: 1 }, pricePerKg: 1, useBy: '2026-03-01' }),
      fed(1, 1200, 'half'),
      stocked(2, { flour: { rye: 1 }, pricePerKg: 3 }),
    ]);
    expect(tub).toMatchObject({ flour: { rye: 1 }, pricePerKg: 3, useBy: null });
  });

  it('is used by the day of its oldest flour', () => {
    const [tub] = tubsOf([
      stocked(0, { useBy: '2026-09-30' }),
      stocked(1, { useBy: '2026-06-30' }),
    ]);
    expect(tub!.useBy).toBe('2026-06-30');
  });

  it('on the scale holds what the scale says, and is gone when put away', () => {
    const weighed: JournalEvent = {
      kind: 'tubWeighed',
      id: 'w',
      at: iso(2),
      tub: 'half',
      grams: 333,
    };
    expect(tubsOf([stocked(0), fed(1, 80, 'half'), weighed])[0]!.grams).toBe(333);
    expect(tubsOf([stocked(0), { kind: 'tubGone', id: 'g', at: iso(3), tub: 'half' }])).toEqual([]);
  });

  it('not known, runs nothing down', () => {
    expect(tubsOf([fed(1, 80, 'lost')])).toEqual([]);
  });
});

describe('the shopping note', () => {
  const month = Array.from({ length: 28 }, (_, day) => fed(day, 100, 'half'));
  const now = T0 + 28 * DAY;

  it('is what four weeks use less what is here, in bags', () => {
    const live: JournalEvent[] = [
      ...month.map((event) => ({ ...event, flour: { white: 0.5, wholeWheat: 0.5 } }) as JarEvent),
      stocked(27.5, { grams: 600 }),
    ];
    // 2800 g in four weeks, half of each; 500 g of the tub are left after the last feed of it.
    expect(shoppingNote(live, tubsOf(live), now, 4)).toEqual([
      { flour: 'white', grams: 1500 },
      { flour: 'wholeWheat', grams: 1500 },
    ]);
    expect(shoppingNote(live, tubsOf(live), now, 0.2)).toEqual([]);
  });

  it('says nothing where no tub tells what is in the house', () => {
    expect(shoppingNote(month, [], now, 4)).toEqual([]);
  });
});

describe('flour in a week', () => {
  it('is the mean of the last four weeks', () => {
    const feeds = Array.from({ length: 60 }, (_, day) => fed(day, 70));
    expect(flourUse(feeds, T0 + 59.5 * DAY).gramsPerWeek).toBeCloseTo(490, -1);
  });

  it('of a young log is not blown up from one feed', () => {
    expect(flourUse([fed(0, 80)], T0 + DAY).gramsPerWeek).toBe(80);
  });

  it('costs what its flour cost, as far as that is known', () => {
    const use = flourUse(
      [stocked(0, { pricePerKg: 2 }), fed(1, 100, 'half'), fed(2, 100)],
      T0 + 3 * DAY,
    );
    expect(use.costPerWeek).toBeCloseTo(0.2);
    expect(use.priced).toBeCloseTo(0.5);
    expect(flourUse([fed(1, 100)], T0 + 3 * DAY).costPerWeek).toBeNull();
  });

  it('can be asked of one jar', () => {
    const live = [fed(1, 100), fed(1, 30, undefined, 'rail')];
    expect(flourUse(live, T0 + 2 * DAY, ({ jar }) => jar === 'rail').gramsPerWeek).toBe(30);
  });
});

import fc from 'fast-check';

import { type JarEvent, type JournalEvent } from '../journal';
import { someCard, someStart, usualKitchen } from '../journal/someJar.testing';
import { DAY, kitchenTime } from '../measure';
import { discardLevain } from './discardLevain';
import { EXTRAS, FORMULAS, discardFor, minutesFor, mixtureFor, batchFor, unfit } from './formulas';
import { type Lot, lotsFor, lotsOf, originsOf, takeOldest, lotsTogether } from './ledger';
import { leanerKeep, usesByMonth, usualKeep } from './saved';
import { spokenFor } from './spokenFor';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (days: number) => new Date(T0 + days * DAY).toISOString();
const at = (days: number) => T0 + days * DAY;

const out = (
  id: string,
  day: number,
  grams: number,
  to: 'discardJar' | 'freezer' | 'compost' | 'bin' = 'discardJar',
): JarEvent => ({ kind: 'discarded', id, jar: 'tern', at: iso(day), grams, to });
const used = (
  id: string,
  day: number,
  ...lots: readonly (readonly [string, number])[]
): JournalEvent => ({
  kind: 'lotsUsed',
  id,
  at: iso(day),
  to: 'bake',
  lots: lots.map(([lot, grams]) => ({ lot, grams })),
});
const moved = (day: number, lot: string, store: 'fridge' | 'freezer'): JournalEvent => ({
  kind: 'lotMoved',
  id: `m${day}`,
  at: iso(day),
  lot,
  store,
});
const NOTHING = new Map();
const lots = (events: readonly JournalEvent[], day: number) => lotsOf(events, NOTHING, at(day));

describe('the ledger of discard', () => {
  it('holds what was kept, not what went elsewhere, the oldest first', () => {
    const here = lots([out('a', 0, 50), out('b', 1, 30, 'compost'), out('c', 2, 40, 'freezer')], 3);
    expect(here.map(({ id, grams, store }) => [id, grams, store])).toEqual([
      ['a', 50, 'fridge'],
      ['c', 40, 'freezer'],
    ]);
  });

  it('keeps the books: mass in is mass used and mass here', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 5, max: 200 }), { minLength: 1, maxLength: 8 }),
        fc.array(fc.integer({ min: 1, max: 300 }), { maxLength: 5 }),
        (ins, asks) => {
          let events: JournalEvent[] = ins.map((grams, i) => out(`l${i}`, i, grams));
          let gone = 0;
          asks.forEach((grams, i) => {
            const before = lots(events, 20 + i);
            const { from, lacksG } = takeOldest(before, grams);
            const taken = from.reduce((sum, one) => sum + one.grams, 0);
            expect(taken + lacksG).toBeCloseTo(grams, 0);
            gone += taken;
            if (from.length > 0)
              events = [
                ...events,
                used(`u${i}`, 20 + i, ...from.map((f) => [f.lot, f.grams] as const)),
              ];
          });
          const here = lots(events, 30).reduce((sum, lot) => sum + lot.grams, 0);
          const total = ins.reduce((sum, grams) => sum + grams, 0);
          expect(Math.abs(total - gone - here)).toBeLessThan(0.6 * ins.length);
        },
      ),
    );
  });

  it('uses the oldest first, and says what is not there', () => {
    const here = lots([out('a', 0, 50), out('b', 2, 40)], 3);
    expect(takeOldest(here, 70)).toEqual({
      from: [
        { lot: 'a', grams: 50 },
        { lot: 'b', grams: 20 },
      ],
      lacksG: 0,
    });
    expect(takeOldest(here, 120).lacksG).toBe(30);
    expect(takeOldest([], 10)).toEqual({ from: [], lacksG: 10 });
  });

  it('stays true when a lot is struck out that was used', () => {
    expect(lots([used('u', 1, ['gone', 20]), out('b', 2, 40)], 3)).toHaveLength(1);
  });

  it('sours in the fridge and not in the freezer', () => {
    const fridge = lots([out('a', 0, 50)], 10)[0]!;
    const freezer = lots([out('a', 0, 50, 'freezer')], 10)[0]!;
    expect(fridge.acid).toBeGreaterThan(freezer.acid + 2);
    expect(fridge.fridgeDays).toBeCloseTo(10);
    expect(freezer.frozenDays).toBeCloseTo(10);
    expect(lots([out('a', 0, 50)], 30)[0]!.taste).toBe('sharp');
  });

  it('is past its time after two weeks in the fridge, three months in the freezer', () => {
    const keeping = (events: readonly JournalEvent[], day: number) => lots(events, day)[0]!.keeping;
    expect(keeping([out('a', 0, 50)], 5)).toBe('good');
    expect(keeping([out('a', 0, 50)], 12)).toBe('soonOld');
    expect(keeping([out('a', 0, 50)], 15)).toBe('old');
    expect(keeping([out('a', 0, 50, 'freezer')], 60)).toBe('good');
    expect(keeping([out('a', 0, 50, 'freezer')], 95)).toBe('old');
  });

  it('keeps what was used of a lot whose weight was put right afterwards', () => {
    const right: JarEvent = { ...(out('a again', 0, 50) as object), corrects: 'a' } as JarEvent;
    const [lot] = lots([right, used('u', 1, ['a', 20])], 2);
    expect(lot).toMatchObject({ id: 'a', grams: 30 });
  });

  it('goes into the freezer and out again, thawed the next day, its fridge days counted on', () => {
    const round = [out('a', 0, 50), moved(3, 'a', 'freezer'), moved(40, 'a', 'fridge')];
    expect(lots(round.slice(0, 2), 30)[0]).toMatchObject({ store: 'freezer', thawedAt: null });
    const back = lots(round, 42)[0]!;
    expect(back.fridgeDays).toBeCloseTo(5);
    expect(back.frozenDays).toBeCloseTo(37);
    expect((back.thawedAt! - at(40)) / DAY).toBeCloseTo(12.5 / 24);
  });

  it('poured together has the hydration and the acid of its parts by weight', () => {
    const lot = (grams: number, hydrationPct: number, acid: number) =>
      ({ grams, hydrationPct, acid }) as Lot;
    expect(lotsTogether([lot(150, 50, 8), lot(200, 100, 12)])).toMatchObject({
      grams: 350,
      hydrationPct: 75,
    });
    expect(lotsTogether([lot(100, 100, 8), lot(300, 100, 12)]).acid).toBeCloseTo(11);
    expect(lotsTogether([]).grams).toBe(0);
  });

  it('knows what a lot was when it left its jar', () => {
    const started = someStart(iso(0), {
      card: someCard({ ratio: { flour: 4, water: 2.4 } }),
      hydrationPct: 60,
    });
    const events = [started, out('a', 0.1, 20), out('b', 1, 20), out('c', 1, 20, 'bin')];
    const origins = originsOf(events, usualKitchen(), new Set(['a', 'b']));
    expect([...origins.keys()]).toEqual(['a', 'b']);
    expect(origins.get('b')!.acid).toBeGreaterThan(origins.get('a')!.acid);
    expect(origins.get('a')!.hydrationPct).toBe(60);
    expect([...originsOf(events, usualKitchen(), new Set(['b']))]).toEqual([
      ['b', origins.get('b')],
    ]);
  });
});

const USUAL = { hydrationPct: 100, acid: 11 };

describe.each(FORMULAS)('the formula for $id', (formula) => {
  it('is at baker’s percentages of all its flour', () => {
    const made = mixtureFor(formula, { grams: 200, ...USUAL });
    if ('tooWet' in made) throw new Error('too wet for usual discard');
    const allFlour = made.flourG + 100;
    expect((100 * 100) / allFlour).toBeCloseTo(formula.fromDiscardPct);
    expect((100 * (made.waterG + 100)) / allFlour).toBeCloseTo(formula.waterPct);
    for (const [extra, grams] of made.extras)
      if (extra !== 'soda') expect((100 * grams) / allFlour).toBeCloseTo(formula.extras[extra]!);
  });

  it('scales in a straight line, and back from pieces', () => {
    fc.assert(
      fc.property(fc.integer({ min: 40, max: 600 }), (grams) => {
        const one = mixtureFor(formula, { grams, ...USUAL });
        const two = mixtureFor(formula, { grams: 2 * grams, ...USUAL });
        if ('tooWet' in one || 'tooWet' in two) throw new Error('too wet');
        expect(two.totalG).toBeCloseTo(2 * one.totalG);
        expect(two.flourG).toBeCloseTo(2 * one.flourG);
        expect(discardFor(formula, one.totalG / formula.pieceG, USUAL)).toBeCloseTo(grams);
      }),
    );
  });

  it('closes: what goes in is what is in the bowl', () => {
    const made = mixtureFor(formula, { ...USUAL, grams: 150, hydrationPct: 80 });
    if ('tooWet' in made) return;
    const extras = made.extras.reduce((sum, [, grams]) => sum + grams, 0);
    expect(made.discardG + made.flourG + made.waterG + extras).toBeCloseTo(made.totalG);
    expect(made.extras.map(([extra]) => extra)).toEqual(
      EXTRAS.filter((extra) => formula.extras[extra] !== undefined),
    );
  });
});

describe('what can be made', () => {
  const pancakes = FORMULAS.find(({ id }) => id === 'pancakes')!;
  const discard = { grams: 200, hydrationPct: 100, acid: 11 };

  it('goes by how much there is, how sour it is, and the time', () => {
    expect(unfit(pancakes, discard, 60)).toBeNull();
    expect(unfit(pancakes, { ...discard, acid: 17 }, 60)).toBe('tooSour');
    expect(unfit(pancakes, { ...discard, grams: 20 }, 60)).toBe('tooLittle');
    expect(unfit(pancakes, discard, 15)).toBe('tooLong');
  });

  it('makes no more than people eat, time allows and discard is there for', () => {
    const all = { ...discard, grams: 2000 };
    const pieces = (minutes: number, people: number, of = all) =>
      batchFor(pancakes, of, { minutes, people }).pieces;
    expect(pieces(90, 2)).toBe(6);
    expect(pieces(20, 6)).toBe(3);
    expect(minutesFor(pancakes, pieces(45, Infinity))).toBeLessThanOrEqual(45);
    expect(pieces(45, Infinity)).toBeGreaterThan(15);
    expect(pieces(900, Infinity, { ...discard, grams: 100 })).toBeLessThan(15);
  });

  it('leaves no scrap of discard behind for the sake of whole pieces', () => {
    const grams = discardFor(pancakes, 6.2, discard);
    expect(batchFor(pancakes, { ...discard, grams }, { minutes: 90, people: 2 })).toEqual({
      pieces: 6,
      discardG: grams,
    });
  });

  it('what fits the time for anybody is done in that time', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FORMULAS),
        fc.integer({ min: 30, max: 240 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 150, max: 3000 }),
        (formula, minutes, people, grams) => {
          const pouring = { ...discard, grams };
          fc.pre(unfit(formula, pouring, minutes) === null);
          const { pieces, discardG } = batchFor(formula, pouring, { minutes, people });
          expect(discardG).toBeLessThanOrEqual(grams);
          expect(minutesFor(formula, pieces)).toBeLessThanOrEqual(minutes);
          expect(pieces).toBeLessThanOrEqual(people * formula.serving);
        },
      ),
    );
  });

  it('takes the water that thin discard brings off the milk, not out of nowhere', () => {
    const made = mixtureFor(pancakes, { ...USUAL, grams: 200, hydrationPct: 150 });
    if ('tooWet' in made) throw new Error('milk can give way');
    const flour = 200 / 2.5;
    const allFlour = flour / 0.5;
    const milk = made.extras.find(([extra]) => extra === 'milk')![1];
    expect(made.waterG).toBe(0);
    expect(200 - flour + milk).toBeCloseTo((allFlour * (50 + 65)) / 100);
  });

  it('takes soda by the acid there is, and never so much that it tastes of it', () => {
    const soda = (acid: number) => {
      const made = mixtureFor(pancakes, { grams: 100, hydrationPct: 100, acid });
      return 'tooWet' in made ? NaN : made.extras.find(([extra]) => extra === 'soda')![1];
    };
    // 100 g at 12 ml 0.1 N per 10 g hold 12 mmol of acid; that takes up 1.01 g of soda.
    expect(soda(12)).toBeLessThan(1.01);
    expect(soda(12)).toBeGreaterThan(0.7);
    expect(soda(6)).toBeCloseTo(soda(12) / 2);
    expect(soda(40)).toBeCloseTo(1.5);
  });

  it('takes longer for more than one pan holds', () => {
    expect(minutesFor(pancakes, 12)).toBeGreaterThan(minutesFor(pancakes, 3));
    for (const formula of FORMULAS)
      expect(minutesFor(formula, formula.batch.pieces)).toBe(formula.minutes);
  });

  it('is offered by age: sour only where sour is welcome, too old nowhere', () => {
    const lot = (keeping: Lot['keeping']) => ({ id: keeping, keeping }) as Lot;
    const all = (['good', 'soonOld', 'old', 'gone'] as const).map(lot);
    const crackers = FORMULAS.find(({ id }) => id === 'crackers')!;
    expect(lotsFor(crackers, all).map(({ id }) => id)).toEqual(['good', 'soonOld', 'old']);
    expect(lotsFor(pancakes, all).map(({ id }) => id)).toEqual(['good', 'soonOld']);
  });

  it('says when the discard is wetter than the mix', () => {
    const crackers = FORMULAS.find(({ id }) => id === 'crackers')!;
    expect(unfit(crackers, { ...discard, hydrationPct: 160 }, 90)).toBe('tooWet');
    expect(mixtureFor(crackers, { ...USUAL, grams: 200, hydrationPct: 160 })).toMatchObject({
      tooWet: true,
    });
    expect(discardFor(crackers, 20, { ...USUAL, hydrationPct: 160 })).toBeNaN();
  });
});

describe('discard fed as a levain', () => {
  const lot = (over: Partial<Lot>) => ({ ...lots([out('a', 0, 80)], 1)[0]!, ...over });
  const peak = (of: Lot) => discardLevain(of, 140, () => 22).forecast.peaksAtH ?? Infinity;

  it('is one part to three, whole grams, and ripens within the day while it is fresh', () => {
    expect(discardLevain(lot({}), 140, () => 22)).toMatchObject({
      seedG: 20,
      flourG: 60,
      waterG: 60,
    });
    expect(peak(lot({}))).toBeLessThan(14);
  });

  it('takes longer from old discard and from the freezer', () => {
    expect(peak(lot({ fridgeDays: 20 }))).toBeGreaterThan(peak(lot({})));
    expect(peak(lot({ frozenDays: 10 }))).toBeGreaterThan(peak(lot({})));
  });
});

describe('used and saved', () => {
  const time = kitchenTime('Europe/Lisbon');
  const fed = (day: number, keepG: number, jar = 'tern'): JarEvent => ({
    kind: 'fed',
    id: `f${jar}${day}`,
    jar,
    at: iso(day),
    keepG,
    flourG: 4 * keepG,
    waterG: 4 * keepG,
    flour: { white: 1 },
  });

  it('is told month by month and jar by jar', () => {
    const live = [
      fed(0, 20),
      out('a', 1, 50),
      out('b', 2, 30, 'compost'),
      out('c', 3, 10, 'bin'),
      { kind: 'took', id: 't', jar: 'tern', at: iso(4), grams: 100 } as JarEvent,
      fed(30, 10),
      fed(30, 99, 'rail'),
    ];
    expect(usesByMonth(live, time, (jar) => jar === 'tern')).toEqual([
      { month: '2026-02', flourFedG: 80, bakedG: 100, keptG: 50, compostedG: 30, wastedG: 10 },
      { month: '2026-03', flourFedG: 40, bakedG: 0, keptG: 0, compostedG: 0, wastedG: 0 },
    ]);
    expect(usesByMonth(live, time)[1]!.flourFedG).toBe(436);
  });

  it('says what a leaner keep would have saved, by running the log again', () => {
    const daily = Array.from({ length: 73 }, (_, day) => fed(day, 60));
    const leaner = leanerKeep(daily, 15, at(73))!;
    expect(usualKeep(daily)).toBe(60);
    // A fifth of a year at 240 g a day, three quarters of it saved.
    expect(leaner.savedG / 1000).toBeCloseTo(65.7, 0);
    expect(leanerKeep(daily, 60, at(73))!.savedG).toBe(0);
  });

  it('keeps enough for the bakes there were', () => {
    const events = Array.from({ length: 30 }, (_, day): JarEvent[] => [
      fed(day, 20),
      { kind: 'took', id: `t${day}`, jar: 'tern', at: iso(day + 0.5), grams: 155 },
    ]).flat();
    expect(leanerKeep(events, 10, at(30))!.savedG).toBeLessThan(0.15 * 80 * 365);
  });

  it('counts what came out at the moment of a feed to the feed before, whichever was written first', () => {
    const took: JarEvent = { kind: 'took', id: 't', jar: 'tern', at: iso(10), grams: 300 };
    const [small, large, last] = [fed(0, 20), fed(10, 60), fed(20, 60)];
    for (const events of [
      [small, took, large, last],
      [small, large, took, last],
    ])
      // Nothing of the first feed, whose levain it was; fifty of sixty grams of the others.
      expect(leanerKeep(events, 10, at(30))!.savedG).toBeCloseTo((400 * 365) / 30);
  });

  it('says nothing of a young log', () => {
    expect(leanerKeep([fed(0, 60), fed(1, 60)], 15, at(3))).toBeNull();
    expect(leanerKeep([], 15, at(3))).toBeNull();
  });
});

describe('discard that is spoken for', () => {
  const wish = (id: string, day: number, levainG: number, anything = true) => ({
    id,
    name: id,
    jar: 'tern',
    levainG,
    from: at(day),
    until: at(day + 0.1),
    ...(anything && { anything: true as const }),
  });
  const here = () => lots([out('a', 0, 50), out('b', 1, 60)], 2);

  it('is kept for the wish that comes first, and no gram for two', () => {
    const { claims, free } = spokenFor(
      here(),
      [wish('waffles', 5, 80), wish('crackers', 3, 70)],
      at(2),
    );
    expect(claims.map(({ wish: of, thereG, lacksG }) => [of, thereG, lacksG])).toEqual([
      ['crackers', 70, 0],
      ['waffles', 40, 40],
    ]);
    expect(free).toEqual([]);
  });

  it('is none for a levain that must be ripe, nor for a wish that has passed', () => {
    const { claims, free } = spokenFor(
      here(),
      [wish('loaves', 3, 100, false), wish('crackers', 1, 70)],
      at(2),
    );
    expect(claims).toEqual([]);
    expect(lotsTogether(free).grams).toBeCloseTo(110);
  });

  it('leaves the youngest free, and what is too old for anything to nobody', () => {
    const { free } = spokenFor(here(), [wish('crackers', 3, 70)], at(2));
    expect(free.map(({ id, grams }) => [id, grams])).toEqual([['b', 40]]);
    const old = spokenFor(lots([out('a', 0, 50)], 60), [wish('crackers', 61, 20)], at(60));
    expect(old.claims[0]!.lacksG).toBe(20);
    expect(lotsTogether(old.free).grams).toBeCloseTo(50);
  });
});

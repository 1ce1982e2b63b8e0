import fc from 'fast-check';

import { TEXTURES, byEye } from '../bench';
import { type JarAtHand, type JarEvent, contentOf, foldJar, lastWay, outlookOf } from '../journal';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { feedJar, takeOut, usualFeed } from '.';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (hours: number) => new Date(NOW - hours * HOUR).toISOString();
const EARLIER: readonly JarEvent[] = [someStart(iso(48)), someFeed('fed', iso(24))];
const KITCHEN = usualKitchen();
const jarOf = (events: readonly JarEvent[]) => foldJar(events, KITCHEN)!.jar;
const hand = (events = EARLIER): JarAtHand => ({ jar: jarOf(events), earlier: events, now: NOW });
const fed = (amounts: { keepG: number; flourG: number; waterG: number }, rough = false) =>
  feedJar(hand(), [], { amounts, at: NOW, to: 'bin', place: null, rough });
const events = (answer: ReturnType<typeof fed>) =>
  answer.entries!.map((entry, i) => ({ ...entry, id: `new ${i}` }) as JarEvent);

describe('a feed that is no ratio', () => {
  it('takes flour alone into a ball, and water alone into a stiff mix; nothing is taken out', () => {
    const flourOnly = events(fed({ keepG: 180, flourG: 60, waterG: 0 }));
    expect(flourOnly.map(({ kind }) => kind)).toEqual(['fed']);
    const ball = contentOf(jarOf([...EARLIER, ...flourOnly]));
    expect(ball.massG).toBe(240);
    // 90 + 60 g of flour to 90 g of water.
    expect(ball.hydrationPct).toBeCloseTo(60, 5);
    const thinned = contentOf(
      jarOf([...EARLIER, ...events(fed({ keepG: 180, flourG: 0, waterG: 30 }))]),
    );
    expect(thinned.massG).toBe(210);
    expect(thinned.hydrationPct).toBeCloseTo((100 * 120) / 90, 5);
  });

  it('of nothing at all is none', () => {
    expect(fed({ keepG: 180, flourG: 0, waterG: 0 }).objections).toEqual([
      expect.objectContaining({ field: 'flour' }),
    ]);
  });

  it('water alone brings no food, so that a hungry jar stays hungry', () => {
    const before = outlookOf(jarOf(EARLIER), KITCHEN, 48).forecast;
    const watered = jarOf([...EARLIER, ...events(fed({ keepG: 180, flourG: 0, waterG: 40 }))]);
    const foodAt = (hours: number) => before.curve.find((m) => m.hours >= hours)!.food;
    expect(watered.fedMix.food).toBeCloseTo(foodAt(24), 2);
  });

  it('five days of it fill the jar, and the log knows', () => {
    let log = EARLIER;
    for (let day = 0; day < 5; day++) {
      const at = NOW + day * 24 * HOUR;
      const jar = foldJar(log, KITCHEN)!.jar;
      const keepG = Math.round(contentOf(jar).massG);
      const answer = feedJar({ jar, earlier: log, now: at }, [], {
        amounts: { keepG, flourG: 30, waterG: 30 },
        at,
        to: 'bin',
        place: null,
      });
      log = [
        ...log,
        ...answer.entries!.map((entry, i) => ({ ...entry, id: `${day} ${i}` }) as JarEvent),
      ];
    }
    expect(contentOf(jarOf(log)).massG).toBe(180 + 5 * 60);
    expect(lastWay(jarOf(log), log)).toBe('add');
    expect(usualFeed(jarOf(log), log).amounts).toEqual({ keepG: 480, flourG: 30, waterG: 30 });
  });
});

describe('a feed by eye', () => {
  const there = fc.record({
    massG: fc.integer({ min: 5, max: 900 }),
    hydrationPct: fc.integer({ min: 45, max: 180 }),
  });
  const eyed = fc.record({
    kept: fc.double({ min: 0.05, max: 1, noNaN: true }),
    grown: fc.constantFrom(1.25, 1.5, 2, 3, 5),
    texture: fc.constantFrom(...TEXTURES),
  });

  it('closes to the gram, and is never less than nothing', () => {
    fc.assert(
      fc.property(there, eyed, (has, how) => {
        const { keepG, flourG, waterG } = byEye(has, { white: 1 }, how);
        expect(Math.min(flourG, waterG)).toBeGreaterThanOrEqual(0);
        expect(keepG + flourG + waterG).toBe(keepG + Math.round(keepG * (how.grown - 1)));
        expect(keepG).toBeLessThanOrEqual(Math.max(1, Math.round(has.massG)));
      }),
    );
  });

  it('is foretold more widely than the same by the scale', () => {
    const amounts = { keepG: 60, flourG: 60, waterG: 60 };
    const width = (rough: boolean) => {
      const { ripeFromH } = outlookOf(
        jarOf([...EARLIER, ...events(fed(amounts, rough))]),
        KITCHEN,
        48,
      );
      return ripeFromH!.high / ripeFromH!.low;
    };
    expect(width(true)).toBeGreaterThan(width(false) * 1.03);
  });
});

describe('what comes out', () => {
  it('goes to several places, and adds up', () => {
    const answer = feedJar(hand(), [], {
      amounts: { keepG: 20, flourG: 80, waterG: 80 },
      at: NOW,
      to: 'discardJar',
      parts: [
        { grams: 100, to: 'bake' },
        { grams: 20, to: 'animals' },
      ],
      place: null,
    });
    const out = answer.entries!.filter(({ kind }) => kind === 'took' || kind === 'discarded');
    expect(out).toEqual([
      expect.objectContaining({ kind: 'took', grams: 100 }),
      expect.objectContaining({ to: 'animals', grams: 20 }),
      expect.objectContaining({ to: 'discardJar', grams: 40 }),
    ]);
  });

  it('is no more in parts than it is', () => {
    const parts = [{ grams: 200, to: 'bin' as const }];
    expect(takeOut(hand(), { grams: 100, to: 'bake', parts }).objections).toEqual([
      expect.objectContaining({ field: 'parts' }),
    ]);
    const unread = [{ grams: NaN, to: 'bin' as const }];
    expect(takeOut(hand(), { grams: 100, to: 'bake', parts: unread }).objections).not.toBeNull();
  });
});

describe('after a slip', () => {
  it('the usual feed is the card’s again', () => {
    const slipped = [...EARLIER, someFeed('slip', iso(1), { keepG: 27, flourG: 108, waterG: 90 })];
    expect(usualFeed(jarOf(slipped), slipped).amounts).toEqual({
      keepG: 20,
      flourG: 80,
      waterG: 80,
    });
  });
});

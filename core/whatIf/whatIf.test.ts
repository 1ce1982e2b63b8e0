import fc from 'fast-check';

import { CONDITIONS, USUAL_PACE } from '../ferment';
import { FLOUR_KINDS } from '../measure';
import { type SetupCourse, type Setup, USUAL_SETUP, courseDifference, followSetup, isSetup, setupFrom, setupText } from '.'; // oxfmt-ignore

const lastWhole = ({ feeds }: SetupCourse) => feeds.at(-2)!;
const after = (to: Partial<Setup>, days = 10) =>
  lastWhole(followSetup({ ...USUAL_SETUP, ...to }, days));

describe('a way of keeping a starter', () => {
  it('with a leaner keep is ripe later and hungry for less long', () => {
    const [rich, lean] = [after({ parts: 1 }), after({ parts: 5 })];
    expect(lean.ripeFromH!).toBeGreaterThan(rich.ripeFromH! + 1);
    expect(lean.hungryH).toBeLessThan(rich.hungryH - 1);
  });

  it('is slower in a cool room, and at a cool time of the day', () => {
    const warm = after({ temperature: { kind: 'constant', celsius: 26 } }).ripeFromH!;
    const cool = after({ temperature: { kind: 'constant', celsius: 18 } }).ripeFromH!;
    // Fed at eight in the morning, it rises by day.
    const coldDay = after({
      temperature: { kind: 'dayNight', day: 15, night: 26, dayFrom: 6, nightFrom: 21 },
    }).ripeFromH!;
    expect(warm + 2).toBeLessThan(cool);
    expect(warm + 2).toBeLessThan(coldDay);
  });

  it('in the fridge for a week still has food, and on the counter has none', () => {
    const week = { everyH: 168, parts: 5 } as const;
    expect(after({ ...week, outH: 1 }, 22).hungryH).toBe(0);
    expect(after({ ...week, outH: null }, 22).hungryH).toBeGreaterThan(120);
    expect(after({ ...week, outH: null }, 22).vigour).toBeLessThan(0.2);
  });

  it('brings a neglected starter back within days of daily feeds', () => {
    const { feeds } = followSetup({ ...USUAL_SETUP, parts: 4, from: 'neglected' }, 8);
    expect(feeds.at(-1)!.ripeFromH!).toBeLessThan((feeds[0]!.ripeFromH ?? 24) - 6);
  });

  it('takes flour by its rhythm', () => {
    expect(followSetup({ ...USUAL_SETUP, keepG: 10, parts: 3, everyH: 12 }, 2).flourWeekG).toBe(
      420,
    );
  });

  it('goes on in time, with a band at every feed, whatever is set', () =>
    fc.assert(
      fc.property(anySetup(), fc.integer({ min: 1, max: 20 }), (setup, days) => {
        const { moments, feeds } = followSetup(setup, days);
        expect(feeds).toHaveLength(Math.ceil((days * 24) / setup.everyH));
        expect(moments.at(-1)!.hours).toBeCloseTo(days * 24, 6);
        for (let i = 1; i < moments.length; i++) {
          const [before, now] = [moments[i - 1]!, moments[i]!];
          expect(now.hours).toBeGreaterThanOrEqual(before.hours - 1e-9);
          // At one and the same hour: just before a feed, and just after it.
          if (now.hours - before.hours < 1e-9) expect(now.height).toBe(1);
          expect(now.food >= 0 && now.food <= 1 && now.acid >= 0).toBe(true);
        }
      }),
      { numRuns: 60 },
    ));

  it('differs from itself in nothing', () => {
    const course = followSetup(USUAL_SETUP, 4);
    expect(courseDifference([course, course], [24, 24], 4)).toMatchObject({
      laterH: 0,
      longerH: 0,
      acid: 0,
      hungryH: 0,
      flourWeekG: 0,
    });
    expect(courseDifference([course, course], [24, 168], 4)).toBeNull();
  });
});

const anySetup = () =>
  fc.record({
    flour: fc.constantFrom(...FLOUR_KINDS).map((kind) => ({ [kind]: 1 })),
    keepG: fc.integer({ min: 1, max: 200 }),
    parts: fc.integer({ min: 1, max: 20 }).map((halves) => halves / 2),
    hydrationPct: fc.integer({ min: 50, max: 150 }),
    temperature: fc.oneof(
      fc.integer({ min: 4, max: 36 }).map((celsius) => ({ kind: 'constant' as const, celsius })),
      fc.tuple(fc.integer({ min: 4, max: 36 }), fc.integer({ min: 4, max: 36 })).map(([a, b]) => ({
        kind: 'hourly' as const,
        points: [
          [6, a],
          [18, b],
        ] as const,
      })),
    ),
    everyH: fc.constantFrom(8, 12, 24, 48, 168),
    outH: fc.constantFrom(null, 0, 1.5, 4),
    from: fc.constantFrom(...CONDITIONS),
    pace: fc.constant(USUAL_PACE),
  }) as fc.Arbitrary<Setup>;

describe('the text of a set-up', () => {
  it('holds all of it', () =>
    fc.assert(
      fc.property(anySetup(), (setup) => expect(setupFrom(setupText(setup))).toEqual(setup)),
    ));

  it('of anything else is none', () => {
    const wrong = [
      '',
      'null',
      '{}',
      '[]',
      setupText(USUAL_SETUP).slice(0, -2),
      setupText({ ...USUAL_SETUP, parts: 1e9 }),
      setupText({ ...USUAL_SETUP, flour: { white: 0 } }),
      setupText({ ...USUAL_SETUP, flour: { chalk: 1 } as never }),
      JSON.stringify({ ...USUAL_SETUP, more: 1 }),
      setupText({ ...USUAL_SETUP, temperature: { kind: 'hourly', points: [] } }),
    ];
    for (const text of wrong) expect(setupFrom(text)).toBeNull();
    fc.assert(fc.property(fc.jsonValue(), (raw) => expect(isSetup(raw)).toBe(false)));
  });
});

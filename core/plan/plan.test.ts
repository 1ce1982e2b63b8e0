import { type Jar, type JarEvent, outlookOf, withEvent } from '../journal';
import { DAY, HOUR } from '../measure';
import { STICKS_G } from '../bench';
import { once } from '../measure/once.testing';
import { makePlans } from './makePlans';
import { type Plan, type Step, USUAL_LIMITS, USUAL_WEIGHTS } from './problem';
import { normalShare } from './risk';
import { handsFrom, inHands, slotsFor } from './slots';
import {
  AWAKE,
  NOW,
  TIME,
  WHITE,
  asJar,
  bakeIn,
  jarFed,
  kitchenWith,
  plansOf,
  problemWith,
} from './someKitchen.testing';

/** Walks through the steps of a jar, and returns what is in it at the end. */
function weigh(plan: Plan, startG: number): number {
  let massG = startG;
  for (const step of plan.steps) {
    if (step.keepG !== undefined) {
      expect(step.keepG + step.discardG!).toBe(Math.round(massG));
      massG = step.keepG + step.flourG! + step.waterG!;
    }
    if (step.takeG !== undefined) massG -= step.takeG;
  }
  return massG;
}

const isLevain = ({ kind }: Step) => kind === 'build' || kind === 'topUp';

describe('a plan', () => {
  const cases = [
    { of: 'a bake in 15 hours', wanted: [bakeIn(15)] },
    { of: 'a bake in 38 hours', wanted: [bakeIn(38)] },
    { of: 'a bake in 62 hours', wanted: [bakeIn(62)] },
    {
      of: 'two bakes within the hour',
      wanted: [bakeIn(40, { levainG: 120 }), bakeIn(41, { id: 'tins', levainG: 140 })],
    },
  ].map(({ of, wanted }) => {
    const given = problemWith({ wanted });
    return { of, given, plans: once(() => plansOf(given)) };
  });

  it.each(cases)('for $of closes its masses to the gram and keeps the keep', ({ given, plans }) => {
    for (const plan of plans()) {
      expect(weigh(plan, 180)).toBeGreaterThanOrEqual(20);
      for (const { keepG, flourG, waterG, discardG } of plan.steps)
        for (const grams of [keepG, flourG, waterG, discardG])
          if (grams !== undefined) expect(Number.isInteger(grams)).toBe(true);
      expect(plan.flourG).toBe(plan.steps.reduce((sum, step) => sum + (step.flourG ?? 0), 0));
    }
  });

  it.each(cases)('for $of asks for hands only when they are there', ({ given, plans }) => {
    for (const plan of plans())
      for (const step of plan.steps) {
        expect(inHands(given.hands, step.at)).toBe(true);
        expect(step.earliest).toBeLessThanOrEqual(step.at);
        expect(step.latest).toBeGreaterThanOrEqual(step.at);
      }
  });

  it.each(cases)(
    'for $of has its levain ripe by the full model, and each bake takes its own',
    ({ given, plans }) => {
      const first = given.wanted[0]!;
      const levainG = given.wanted.reduce((sum, wanted) => sum + wanted.levainG, 0);
      for (const plan of plans()) {
        const builds = plan.steps.filter(isLevain);
        expect(builds).toHaveLength(1);
        const [build] = builds;
        expect(build!.keepG! + build!.flourG! + build!.waterG!).toBeGreaterThanOrEqual(
          levainG + STICKS_G + 20,
        );
        for (const wanted of given.wanted) {
          const taken = plan.steps.filter(
            (step) => step.kind === 'take' && step.wanted === wanted.id,
          );
          expect(taken.map(({ takeG }) => takeG)).toEqual([wanted.levainG]);
          expect(taken[0]!.at).toBeGreaterThanOrEqual(wanted.from);
          expect(taken[0]!.at).toBeLessThanOrEqual(wanted.until);
        }
        // Lived through as a journal, by the fold that knows nothing of plans.
        const jar = given.jars[0]!;
        const context = { places: given.places, time: TIME, pace: jar.pace };
        const lived = plan.steps
          .filter((step) => step.at < first.from)
          .flatMap((step, n): JarEvent[] => {
            const entry = { id: `${n}`, at: new Date(step.at).toISOString(), jar: 'tern' };
            const { keepG, flourG = 0, waterG = 0 } = step;
            return [
              ...(keepG === undefined
                ? []
                : [{ ...entry, kind: 'fed' as const, keepG, flourG, waterG, flour: WHITE }]),
              ...(step.place === undefined
                ? []
                : [{ ...entry, kind: 'moved' as const, place: step.place }]),
            ];
          })
          .reduce<Jar | null>((before, event) => withEvent(before, event, context), asJar(jar))!;
        const { ripeFromH, ripeUntilH } = outlookOf(lived, context, 72).forecast;
        expect(lived.since + (ripeFromH! - 1) * HOUR).toBeLessThanOrEqual(first.from);
        for (const { until } of given.wanted)
          expect(lived.since + (ripeUntilH! + 1) * HOUR).toBeGreaterThanOrEqual(until);
      }
    },
  );

  it('offers plans that differ, named by what they are best at', () => {
    const plans = plansOf(problemWith({ wanted: [bakeIn(44)], jars: [jarFed(30, 'counter')] }));
    expect(plans.length).toBeGreaterThan(1);
    expect(plans[0]!.name).toBe('balanced');
    const ways = plans.map(({ steps, touches, flourG }) => {
      const build = steps.find(isLevain)!;
      return `${build.place} ${build.at} ${touches} ${flourG}`;
    });
    expect(new Set(ways).size).toBe(plans.length);
  });

  it('keeps the ratios allowed', () => {
    const given = problemWith({
      wanted: [bakeIn(38)],
      limits: { ...USUAL_LIMITS, partsMin: 2, partsMax: 5 },
    });
    for (const plan of plansOf(given))
      for (const step of plan.steps.filter(({ kind }) => kind === 'build')) {
        expect(step.flourG! / step.keepG!).toBeGreaterThan(1.9);
        expect(step.flourG! / step.keepG!).toBeLessThan(5.2);
      }
  });

  it('does not ask again for a levain that is built already', () => {
    const built = {
      ...jarFed(2, 'counter'),
      massG: 240,
      stays: [{ from: NOW - 2 * HOUR, place: 'counter' }],
    };
    const ripeAt = outlookOf(
      asJar(built),
      { places: kitchenWith(), time: TIME, pace: built.pace },
      48,
    ).forecast;
    const wanted = { ...bakeIn(Math.round(ripeAt.peaksAtH! - 2.5)), levainG: 180 };
    const [plan] = plansOf(problemWith({ jars: [built], wanted: [wanted] }));
    expect(plan!.steps.filter(({ kind }) => kind === 'build')).toEqual([]);
    expect(plan!.wanted[0]!.chance).toBeGreaterThan(0.5);
    expect(plan!.steps.find(({ kind }) => kind === 'take')?.takeG).toBe(180);
  });

  it('without a bake only keeps the jars well: before they go hungry', () => {
    const given = problemWith({ jars: [jarFed(6, 'counter')], until: NOW + 7 * DAY });
    const [plan] = plansOf(given);
    const feeds = plan!.steps.filter(({ kind }) => kind === 'feed');
    expect(feeds.length).toBeGreaterThanOrEqual(4);
    expect(feeds.length).toBeLessThanOrEqual(9);
    const [fridge] = plansOf(problemWith({ until: NOW + 7 * DAY }));
    expect(fridge!.steps.filter(({ kind }) => kind === 'feed').length).toBeLessThanOrEqual(2);
  });

  it('brings a neglected jar to strength before it bakes with it', () => {
    const old = jarFed(24 * 45, 'fridge');
    const [plan] = plansOf(problemWith({ jars: [old], wanted: [bakeIn(100)] }));
    const feeds = plan!.steps.filter((step) => step.kind === 'feed' && step.at < bakeIn(100).from);
    expect(feeds.length).toBeGreaterThanOrEqual(1);
    expect(plan!.wanted[0]!.chance).toBeGreaterThan(0.5);
  });
});

describe('what a plan is asked to keep to', () => {
  it('builds a levain at the hydration its bake wants', () => {
    const [plan] = plansOf(problemWith({ wanted: [bakeIn(38, { hydration: 0.6 })] }));
    const levain = plan!.steps.find(isLevain)!;
    // The keep is at 100 %: half flour, half water.
    const flourG = levain.keepG! / 2 + levain.flourG!;
    const waterG = levain.keepG! / 2 + levain.waterG!;
    expect(waterG / flourG).toBeCloseTo(0.6, 1);
    expect(flourG + waterG).toBeGreaterThanOrEqual(180 + STICKS_G + 20);
  });

  it('feeds a starter that has not doubled as often as asked before its levain', () => {
    const weak = jarFed(16 * 24, 'fridge', { pace: { ...jarFed(0, 'fridge').pace, pace: 0.7 } });
    const strongFeeds = (feeds: number) => {
      const limits = { ...USUAL_LIMITS, strongFeeds: feeds };
      const [plan] = plansOf(problemWith({ jars: [weak], wanted: [bakeIn(100)], limits }));
      const levain = plan!.steps.findIndex(isLevain);
      return plan!.steps.slice(0, levain).filter(({ kind }) => kind === 'feed').length;
    };
    expect(strongFeeds(2)).toBeGreaterThanOrEqual(2);
    expect(strongFeeds(2)).toBeGreaterThanOrEqual(strongFeeds(0));
  });

  it('tops up a jar that falls a little short, when flour is dear', () => {
    const hands = [{ from: NOW, until: NOW + 60 * HOUR }];
    const wanted = [bakeIn(9, { levainG: 190 })];
    const weights = { ...USUAL_WEIGHTS, flour: 8, risk: 0.4 };
    const [plan] = plansOf(problemWith({ jars: [jarFed(2, 'counter')], wanted, hands, weights }));
    const topUp = plan!.steps.find(({ kind }) => kind === 'topUp')!;
    expect(topUp).toMatchObject({ keepG: 180, discardG: 0, wanted: 'loaves' });
    expect(topUp.keepG! + topUp.flourG! + topUp.waterG!).toBeGreaterThanOrEqual(
      190 + STICKS_G + 20,
    );
  });

  it('says how much flour is missing when the house has too little', () => {
    const limits = { ...USUAL_LIMITS, flourAtHandG: 40 };
    const planned = makePlans(problemWith({ wanted: [bakeIn(38)], limits }));
    const [obstacle] = planned.impossible;
    expect(obstacle!.because).toBe('flourShort');
    const [need] = obstacle!.nearest;
    expect(need).toMatchObject({ kind: 'moreFlour' });
    expect(need!.kind === 'moreFlour' && need!.flourG).toBeGreaterThan(40);
  });

  it('feeds several jars while they are on the bench together', () => {
    const jars = [
      jarFed(8, 'counter', { id: 'one' }),
      jarFed(9, 'counter', { id: 'two' }),
      jarFed(10, 'counter', { id: 'three' }),
    ];
    const [plan] = plansOf(problemWith({ jars, until: NOW + 4 * DAY }));
    const feeds = plan!.steps.filter(({ kind }) => kind === 'feed');
    expect(new Set(feeds.map(({ at }) => at)).size).toBeLessThan(feeds.length / 2 + 1);
  });

  it('puts a counter jar into the fridge before a trip, and feeds it on the way back', () => {
    const trip = { from: NOW + 1.5 * DAY, until: NOW + 8 * DAY };
    const until = NOW + 10 * DAY;
    const [plan] = plansOf(
      problemWith({
        jars: [jarFed(6, 'counter')],
        until,
        hands: handsFrom(AWAKE, [trip], NOW, until, TIME),
      }),
    );
    const before = plan!.steps.filter(({ at }) => at < trip.from);
    const after = plan!.steps.filter(({ at }) => at >= trip.until);
    expect(before.at(-1)!.place).toBe('fridge');
    expect(after[0]!.at - trip.until).toBeLessThan(DAY);
    expect(after.at(-1)!.place).toBe('counter');
    expect(plan!.steps.some(({ at }) => at > trip.from && at < trip.until)).toBe(false);
  });
});

describe('hands', () => {
  it('keep their local hours through a night of changing clocks', () => {
    const friday = Date.parse('2026-03-27T12:00:00Z');
    const stretches = handsFrom(AWAKE, [], friday, friday + 4 * DAY, TIME);
    for (const { from } of stretches.slice(1)) expect(TIME.hourOfDay(from)).toBe(6.5);
    const gaps = stretches.slice(2).map((s, i) => (s.from - stretches[i + 1]!.from) / HOUR);
    expect(gaps).toContain(23);
  });

  it('are not there on a trip', () => {
    const trip = { from: NOW + 20 * HOUR, until: NOW + 60 * HOUR };
    const hands = handsFrom(AWAKE, [trip], NOW, NOW + 5 * DAY, TIME);
    expect(inHands(hands, NOW + 40 * HOUR)).toBe(false);
    expect(
      slotsFor(NOW, NOW + 5 * DAY, hands, [], TIME).all.every((at) => inHands(hands, at)),
    ).toBe(true);
  });
});

it('the normal distribution is what it should be', () => {
  expect(normalShare(0)).toBeCloseTo(0.5, 6);
  expect(normalShare(1.2816)).toBeCloseTo(0.9, 4);
  expect(normalShare(-1.96)).toBeCloseTo(0.025, 4);
});

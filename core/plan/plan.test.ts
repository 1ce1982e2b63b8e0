import { chanceFrom } from '../calibrate/plainKitchen.testing';
import { USUAL_PACE, USUAL_PLACES, feed, starterIn } from '../ferment';
import { type Arranged, type Jar, type JarEvent, outlookOf, placesOf, withEvent } from '../journal';
import { DAY, HOUR, kitchenTime } from '../measure';
import { STICKS_G } from './amounts';
import { makePlans } from './makePlans';
import { type Plan, type PlannedJar, type Problem, USUAL_LIMITS, USUAL_WEIGHTS } from './problem';
import { handsFrom, inHands, slotsFor } from './slots';
import { normalShare, solveJar } from './solveJar';

const NOW = Date.parse('2026-03-10T18:00:00Z');
const time = kitchenTime('Europe/Lisbon');
const WHITE = { white: 1 };

const arranged: readonly Arranged[] = USUAL_PLACES.map((place) => ({
  kind: 'arranged',
  id: place.id,
  at: '2026-01-01T00:00:00.000Z',
  place,
}));

function jarFed(hoursAgo: number, place: string, pace = 1): PlannedJar {
  const before = starterIn('hungry', WHITE, 100, 20);
  const fedMix = feed(before, { keepG: 20, flourG: 80, waterG: 80, flour: WHITE });
  const since = NOW - hoursAgo * HOUR;
  return {
    id: 'tern',
    fedMix,
    since,
    stays:
      place === 'fridge'
        ? [
            { from: since, place: 'counter' },
            { from: since + 1.5 * HOUR, place },
          ]
        : [{ from: since, place }],
    massG: 180,
    keepG: 20,
    vessel: { emptyG: 400, capacityMl: 900 },
    flour: WHITE,
    parts: 4,
    hydration: 1,
    pace: { ...USUAL_PACE, pace },
    paceSd: 0.1,
  };
}

/** The same jar as the journal knows it. */
const asJar = (jar: PlannedJar): Jar => ({
  id: jar.id,
  card: {
    name: 'Tern',
    vessel: jar.vessel,
    keepG: 20,
    ratio: { flour: 4, water: 4 },
    flour: WHITE,
    archived: false,
  },
  fedMix: jar.fedMix,
  since: jar.since,
  lastFed: null,
  stays: jar.stays,
  massG: jar.massG,
  looks: [],
  started: jar.since,
  feeds: 0,
});

const AWAKE = Array.from({ length: 7 }, () => [[6.5, 22.5] as const]);

function problem(over: Partial<Problem> = {}): Problem {
  const until = over.until ?? NOW + 5 * DAY;
  return {
    now: NOW,
    until,
    time,
    places: placesOf(arranged),
    hands: handsFrom(AWAKE, [], NOW, until, time),
    wanted: [],
    limits: USUAL_LIMITS,
    weights: USUAL_WEIGHTS,
    jars: [jarFed(40, 'fridge')],
    ...over,
  };
}

const bake = (hours: number, levainG = 180, width = 2) => ({
  id: 'loaves',
  jar: 'tern',
  levainG,
  from: NOW + hours * HOUR,
  until: NOW + (hours + width) * HOUR,
});

function plansOf(given: Problem): readonly Plan[] {
  const planned = makePlans(given);
  if (!('plans' in planned)) throw new Error(JSON.stringify(planned.impossible));
  return planned.plans;
}

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

describe('a plan', () => {
  const cases = [15, 38, 62].map((hours) => {
    const given = problem({ wanted: [bake(hours)] });
    return { hours, given, plans: plansOf(given) };
  });

  it.each(cases)(
    'for a bake in $hours hours closes its masses to the gram and keeps the keep',
    ({ given, plans }) => {
      for (const plan of plans) {
        expect(weigh(plan, 180)).toBeGreaterThanOrEqual(20);
        for (const { keepG, flourG, waterG, discardG } of plan.steps)
          for (const grams of [keepG, flourG, waterG, discardG])
            if (grams !== undefined) expect(Number.isInteger(grams)).toBe(true);
        expect(plan.flourG).toBe(plan.steps.reduce((sum, step) => sum + (step.flourG ?? 0), 0));
      }
    },
  );

  it.each(cases)(
    'for a bake in $hours hours asks for hands only when they are there',
    ({ given, plans }) => {
      for (const plan of plans)
        for (const step of plan.steps) {
          expect(inHands(given.hands, step.at)).toBe(true);
          expect(step.earliest).toBeLessThanOrEqual(step.at);
          expect(step.latest).toBeGreaterThanOrEqual(step.at);
        }
    },
  );

  it.each(cases)(
    'for a bake in $hours hours has its levain ripe by the full model',
    ({ given, plans }) => {
      const wanted = given.wanted[0]!;
      for (const plan of plans) {
        const build = plan.steps.find((step) => step.kind === 'build')!;
        expect(build.keepG! + build.flourG! + build.waterG!).toBeGreaterThanOrEqual(
          wanted.levainG + STICKS_G + 20,
        );
        // Lived through as a journal, by the fold that knows nothing of plans.
        const jar = given.jars[0]!;
        const context = { places: given.places, time, pace: jar.pace };
        const lived = plan.steps
          .filter((step) => step.at < wanted.from)
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
        expect(lived.since + (ripeFromH! - 1) * HOUR).toBeLessThanOrEqual(wanted.from);
        expect(lived.since + (ripeUntilH! + 1) * HOUR).toBeGreaterThanOrEqual(wanted.until);
      }
    },
  );

  it('offers plans that differ, named by what they are best at', () => {
    const plans = plansOf(problem({ wanted: [bake(38)] }));
    expect(plans.length).toBeGreaterThan(1);
    expect(plans[0]!.name).toBe('balanced');
    const ways = plans.map(({ steps, touches, flourG }) => {
      const build = steps.find(({ kind }) => kind === 'build')!;
      return `${build.place} ${build.at} ${touches} ${flourG}`;
    });
    expect(new Set(ways).size).toBe(plans.length);
  });

  it('keeps the ratios allowed', () => {
    const given = problem({
      wanted: [bake(38)],
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
      { places: placesOf(arranged), time, pace: built.pace },
      48,
    ).forecast;
    const wanted = { ...bake(Math.round(ripeAt.peaksAtH! - 2.5)), levainG: 180 };
    const [plan] = plansOf(problem({ jars: [built], wanted: [wanted] }));
    expect(plan!.steps.filter(({ kind }) => kind === 'build')).toEqual([]);
    expect(plan!.wanted[0]!.chance).toBeGreaterThan(0.5);
    expect(plan!.steps.find(({ kind }) => kind === 'take')?.takeG).toBe(180);
  });

  it('without a bake only keeps the jars well: before they go hungry', () => {
    const given = problem({ jars: [jarFed(6, 'counter')], until: NOW + 7 * DAY });
    const [plan] = plansOf(given);
    const feeds = plan!.steps.filter(({ kind }) => kind === 'feed');
    expect(feeds.length).toBeGreaterThanOrEqual(4);
    expect(feeds.length).toBeLessThanOrEqual(9);
    const [fridge] = plansOf(problem({ until: NOW + 7 * DAY }));
    expect(fridge!.steps.filter(({ kind }) => kind === 'feed').length).toBeLessThanOrEqual(2);
  });

  it('brings a neglected jar to strength before it bakes with it', () => {
    const old = jarFed(24 * 45, 'fridge');
    const [plan] = plansOf(problem({ jars: [old], wanted: [bake(100)] }));
    const feeds = plan!.steps.filter((step) => step.kind === 'feed' && step.at < bake(100).from);
    expect(feeds.length).toBeGreaterThanOrEqual(1);
    expect(plan!.wanted[0]!.chance).toBeGreaterThan(0.5);
  });
});

describe('what cannot be had', () => {
  it('is explained, with the nearest hour that can', () => {
    const planned = makePlans(problem({ wanted: [bake(2)] }));
    expect(planned).toHaveProperty('impossible');
    const [obstacle] = 'impossible' in planned ? planned.impossible : [];
    expect(obstacle!.because).toBe('tooSoon');
    const later = obstacle!.nearest.find(({ kind }) => kind === 'otherHour');
    expect(later).toBeDefined();
  });

  it('for want of hands names the hour at which they would help', () => {
    const hands = [{ from: NOW + 60 * HOUR, until: NOW + 66 * HOUR }];
    const planned = makePlans(problem({ hands, wanted: [bake(60)] }));
    const [obstacle] = 'impossible' in planned ? planned.impossible : [];
    expect(obstacle!.because).toBe('handsAway');
    expect(obstacle!.nearest.some(({ kind }) => kind === 'handsAt')).toBe(true);
  });

  it('for want of room says how much would fit', () => {
    const planned = makePlans(problem({ wanted: [bake(38, 2500)] }));
    const [obstacle] = 'impossible' in planned ? planned.impossible : [];
    expect(obstacle!.because).toBe('jarTooSmall');
    const less = obstacle!.nearest.find((near) => near.kind === 'less');
    expect(less && less.levainG).toBeGreaterThan(50);
  });
});

describe('hands', () => {
  it('keep their local hours through a night of changing clocks', () => {
    const friday = Date.parse('2026-03-27T12:00:00Z');
    const stretches = handsFrom(AWAKE, [], friday, friday + 4 * DAY, time);
    for (const { from } of stretches.slice(1)) expect(time.hourOfDay(from)).toBe(6.5);
    const gaps = stretches.slice(2).map((s, i) => (s.from - stretches[i + 1]!.from) / HOUR);
    expect(gaps).toContain(23);
  });

  it('are not there on a trip', () => {
    const trip = { from: NOW + 20 * HOUR, until: NOW + 60 * HOUR };
    const hands = handsFrom(AWAKE, [trip], NOW, NOW + 5 * DAY, time);
    expect(inHands(hands, NOW + 40 * HOUR)).toBe(false);
    expect(slotsFor(NOW, NOW + 5 * DAY, hands, []).every((at) => inHands(hands, at))).toBe(true);
  });
});

it('the quick search is within 3 % of one that forgets nothing, on small cases', () => {
  const chance = chanceFrom(31);
  for (let n = 0; n < 12; n++) {
    const hours = 14 + Math.floor(chance.even() * 16);
    const wanted = bake(hours, 60 + Math.floor(chance.even() * 150), 1 + chance.even());
    const jar = jarFed(
      4 + chance.even() * 30,
      chance.even() < 0.5 ? 'counter' : 'fridge',
      0.8 + 0.4 * chance.even(),
    );
    const given = problem({ jars: [jar], wanted: [wanted], until: wanted.until + DAY });
    // Few slots, so that everything can be tried.
    const slots = slotsFor(NOW, wanted.until, given.hands, [wanted]).filter((_, i) => i % 5 === 0);
    const start = { mix: jar.fedMix, place: jar.stays[jar.stays.length - 1]!.place };
    const solve = (kept?: number) =>
      solveJar(given, jar, [wanted], slots, start, USUAL_WEIGHTS, null, undefined, kept);
    const quick = solve();
    const whole = solve(10_000);
    expect(quick === null).toBe(whole === null);
    if (quick && whole) expect(quick.cost).toBeLessThanOrEqual(whole.cost * 1.03);
  }
}, 60_000);

it('the normal distribution is what it should be', () => {
  expect(normalShare(0)).toBeCloseTo(0.5, 6);
  expect(normalShare(1.2816)).toBeCloseTo(0.9, 4);
  expect(normalShare(-1.96)).toBeCloseTo(0.025, 4);
});

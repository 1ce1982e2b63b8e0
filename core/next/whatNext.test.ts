import fc from 'fast-check';

import { DAY, HOUR } from '../measure';
import { type Plan, type Step } from '../plan';
import { PROGRAMME, type Run } from '../rescue';
import { T0, someAhead as ahead, someStanding } from './someStanding.testing';
import { type JarAhead, isDue, nextInOrder, whatNext } from './whatNext';

const step = (jar: string, at: number): Step => ({
  at,
  earliest: at - HOUR,
  latest: at + HOUR,
  kind: 'feed',
  jar,
  keepG: 20,
  flourG: 80,
  waterG: 80,
});

const plan = (
  steps: readonly Step[],
  jars: readonly string[],
  until: number,
  wanted: readonly string[] = [],
): NonNullable<JarAhead['plan']> => ({
  steps,
  wanted: wanted.map((id) => ({ id, chance: 1, peakAt: until, low: until, high: until })),
  curves: jars.map((jar): Plan['curves'][number] => ({ jar, heights: [[until, 1]], ripe: [] })),
});

const RUN: Run = {
  programme: PROGRAMME.neglected,
  begunAt: T0,
  day: 2,
  feeds: [],
  feedsSoFar: 0,
  doublings: 0,
  goodSmells: 0,
  progress: 'tooSoon',
  slower: 1,
  misses: 0,
  falseRise: false,
  verdict: 'going',
};
const programme = (at: number) => ({
  run: RUN,
  next: { at, keepG: 10, flourG: 20, waterG: 20, because: 'daily' as const },
});
const wish = (from: number) => ({ id: 'loaves', name: 'loaves', from, until: from + 2 * HOUR });
const promise = { entry: 'in', from: T0 + HOUR, place: 'fridge' };

describe('the one answer', () => {
  const ripe = someStanding(13, 'counter');
  const { now } = ripe;
  const all = {
    quarantined: true,
    programme: programme(now),
    plan: plan([step('tern', now)], ['tern'], now + 7 * DAY),
    wishes: [wish(now + 20 * HOUR)],
    promise,
  };

  it('is the first of harm, programme, plan, wish, move and need, each giving way to those before it', () => {
    const none = { quarantined: false, programme: null, plan: null, wishes: [], promise: null };
    const keys = ['quarantined', 'programme', 'plan', 'wishes', 'promise'] as const;
    const answers = [0, 1, 2, 3, 4, 5].map((gone) => {
      const left = Object.fromEntries(keys.slice(0, gone).map((key) => [key, none[key]]));
      return whatNext(ahead(ripe, { ...all, ...left })).because.is;
    });
    expect(answers).toEqual(['quarantined', 'programme', 'plan', 'wish', 'move', 'feed']);
  });

  it('is the choice of a plan only while a feed could spoil the bake, and not for one that the plan sees to', () => {
    const is = (from: number, over: Partial<JarAhead> = {}) =>
      whatNext(ahead(ripe, { wishes: [wish(from)], ...over })).because.is;
    expect(is(now + 20 * HOUR)).toBe('wish');
    expect(is(now + 6 * DAY)).toBe('feed');
    expect(is(now - 3 * HOUR)).toBe('feed');
    const seenTo = plan([], ['tern'], now + 7 * DAY, ['loaves']);
    expect(is(now + 20 * HOUR, { plan: seenTo })).not.toBe('wish');
  });

  it('of a jar that the plan leaves alone is a rest, unless it would come to harm in it', () => {
    const cold = someStanding(48, 'fridge');
    const until = cold.now + 4 * DAY;
    expect(whatNext(ahead(cold, { plan: plan([], ['tern'], until) })).because).toEqual({
      is: 'rests',
      until,
    });
    // Ripe on the counter, half of it has starved long before.
    expect(
      whatNext(ahead(ripe, { plan: plan([], ['tern'], now + 6 * DAY) })).because,
    ).toMatchObject({ is: 'feed' });
    // A plan that knows nothing of this jar says nothing of it.
    expect(whatNext(ahead(cold, { plan: plan([], ['skua'], until) })).because).toMatchObject({
      is: 'feed',
    });
  });

  it('of a programme is late four hours after its feed, and presses no more once it has ended', () => {
    const late = (hoursAgo: number, verdict: Run['verdict'] = 'going') => {
      const { run, next } = programme(now - hoursAgo * HOUR);
      const answer = whatNext(ahead(ripe, { programme: { run: { ...run, verdict }, next } }));
      return [answer.from - now, answer.by === null ? null : answer.late];
    };
    expect(late(3)).toEqual([-3 * HOUR, false]);
    expect(late(5)).toEqual([-5 * HOUR, true]);
    expect(late(5, 'well')).toEqual([0, null]);
  });

  it('after a long rest is told to the day, but out of the cold to the hour', () => {
    const rested = someStanding(24 * 9, 'fridge');
    expect(whatNext(ahead(rested))).toMatchObject({ because: { reason: 'asleep' }, toDay: true });
    const out = whatNext(ahead({ ...rested, outAt: rested.now - HOUR / 2 }));
    expect(out).toMatchObject({ because: { reason: 'warming' }, by: rested.now + 1.5 * HOUR });
    expect(out).not.toHaveProperty('toDay');
    expect(whatNext(ahead(ripe))).not.toHaveProperty('toDay');
  });

  it('of a bake nobody has planned is wanted a day before it, and of a move within the hour', () => {
    const by = (over: Partial<JarAhead>) => whatNext(ahead(ripe, over)).by;
    expect(by({ wishes: [wish(now + 30 * HOUR)] })).toBe(now + 6 * HOUR);
    expect(by({ wishes: [wish(now + 20 * HOUR)] })).toBe(now);
    expect(by({ promise: { ...promise, from: now - 3 * HOUR } })).toBe(now - 2 * HOUR);
  });

  it('of a jar that starved for weeks is to look it over, whatever is planned or wished of it', () => {
    const given = {
      plan: plan([step('tern', T0)], ['tern'], T0),
      wishes: [wish(T0 + 24 * 40 * HOUR)],
    };
    expect(whatNext(ahead(someStanding(24 * 30, 'counter'), given)).because).toEqual({
      is: 'feed',
      reason: 'neglected',
    });
  });

  it('once late stays late, by the same hour, until the jar is fed', () => {
    const by = whatNext(ahead(someStanding(3, 'counter'))).by!;
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 72 }), (hours) => {
        const answer = whatNext(ahead(someStanding(hours, 'counter')));
        expect(answer.by).toBe(by);
        expect(answer.late).toBe(T0 + hours * HOUR > by);
      }),
      { numRuns: 20 },
    );
  });
});

/** The same jar, had it been fed some hours sooner. */
const fedSooner = (standing: JarAhead['standing'], hours: number): JarAhead['standing'] => ({
  ...standing,
  hours: standing.hours + hours,
  jar: { ...standing.jar, since: standing.jar.since - hours * HOUR },
});

describe('the order among jars', () => {
  it('puts harm first, then what is late, then what is due first', () => {
    const order = nextInOrder([
      ahead(someStanding(13, 'fridge', 'cold')),
      ahead(someStanding(13, 'counter', 'ripe')),
      ahead(fedSooner(someStanding(13, 'counter', 'late'), 8)),
      ahead(someStanding(13, 'fridge', 'held'), { quarantined: true }),
    ]);
    expect(order.map(({ jar }) => jar)).toEqual(['held', 'late', 'ripe', 'cold']);
  });

  it('does not let another jar push a missed feed from the head of the page', () => {
    const missed = ahead(fedSooner(someStanding(13, 'counter', 'missed'), 8));
    const other = ahead(someStanding(13, 'counter', 'other'));
    const [first, second] = nextInOrder([other, missed]);
    expect([first!.jar, first!.late, second!.late]).toEqual(['missed', true, false]);
  });

  it('lets a jar that has starved for days wait behind one that is ripe tonight, and out of the common pass', () => {
    const starved = { ...someStanding(24 * 12, 'counter', 'starved'), now: T0 + 13 * HOUR };
    const shifted = {
      ...starved,
      jar: { ...starved.jar, since: starved.jar.since - 24 * 11 * HOUR },
    };
    const order = nextInOrder([ahead(shifted), ahead(someStanding(13, 'counter', 'ripe'))]);
    expect(order.map(({ jar }) => jar)).toEqual(['ripe', 'starved']);
    expect(order.map((answer) => isDue(answer, T0 + 13 * HOUR))).toEqual([true, false]);
  });
});

describe('a levain in its bowl', () => {
  const bowl = (hours: number) =>
    ahead(someStanding(hours, 'counter', 'bowl', { bowl: { wish: 'loaves' } }), {
      doughFor: wish(T0 + 12 * HOUR),
    });

  it('is for its dough while it is ripe, and late after that', () => {
    const rising = whatNext(bowl(3));
    expect(rising).toMatchObject({ because: { is: 'dough', wish: { id: 'loaves' } }, late: false });
    expect(rising.from).toBeGreaterThan(T0 + 3 * HOUR);
    const ripe = whatNext(bowl(13));
    expect(ripe.from).toBeLessThanOrEqual(T0 + 13 * HOUR);
    expect(ripe.late).toBe(false);
    expect(whatNext(bowl(30)).late).toBe(true);
  });

  it('of a jar that was thrown out is looked over before it goes into a dough', () => {
    expect(whatNext({ ...bowl(13), quarantined: true }).because.is).toBe('quarantined');
  });

  it('that is ripe stands before a hungry jar, and one that was forgotten behind it', () => {
    const order = (hours: number) =>
      nextInOrder([ahead(someStanding(hours, 'counter', 'tern')), bowl(hours)]).map(
        ({ jar }) => jar,
      );
    expect(order(13)).toEqual(['bowl', 'tern']);
    expect(order(60)).toEqual(['tern', 'bowl']);
  });
});

describe('a levain that is built in several feeds', () => {
  const builds = [
    { flourG: 80, waterG: 80 },
    { flourG: 200, waterG: 200 },
  ];
  const bowl = (hours: number, of = builds) =>
    whatNext(ahead(someStanding(hours, 'counter', 'bowl', { bowl: { builds: of } })));

  it('is fed again while it is ripe, with what its next build has', () => {
    const { because, from, by } = bowl(6);
    expect(because).toEqual({ is: 'build', build: builds[1], nth: 2, of: 2 });
    expect(from).toBeGreaterThan(T0 + 6 * HOUR);
    expect(by).toBeGreaterThan(from);
    expect(bowl(40).late).toBe(true);
  });

  it('is for its dough once it had them all', () => {
    expect(bowl(6, builds.slice(0, 1)).because).toEqual({ is: 'dough', wish: null });
  });
});

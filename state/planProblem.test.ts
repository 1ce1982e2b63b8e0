import { type JournalEvent } from '@core/journal';
import { someCard, someFeed, someStart } from '@core/journal/someJar.testing';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import { planLookedAt } from './plan';
import { jarsToPlan, problemOf, selectWishesInBowls, waiting } from './planProblem';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

let made = 0;
const entry = <T extends object>(what: T, hours = -1) =>
  ({ id: `e${made++}`, at: iso(hours), ...what }) as unknown as JournalEvent;
const wished = (wish: string, fromH: number, over: object = {}, what: object = {}) =>
  entry({
    kind: 'wished',
    wish,
    name: wish,
    jar: 'tern',
    what: { levainG: 150, from: iso(fromH), until: iso(fromH + 2), ...what },
    ...over,
  });
const kitchen = (...events: readonly JournalEvent[]) =>
  kitchenStore([...PLACES, tern(), ...events]);
const problem = (...events: readonly JournalEvent[]) => problemOf(kitchen(...events).getState());
const jarIn = (asked: ReturnType<typeof problemOf>, id = 'tern') =>
  asked.jars.find((jar) => jar.id === id)!;
/** Puffin, that nobody has fed for two months. */
const PUFFIN = someStart(iso(-60 * 24), { id: 'puffin start', jar: 'puffin', card: someCard({ name: 'Puffin' }), place: 'warm' }); // oxfmt-ignore

describe('what a plan is asked for', () => {
  it('looks a week ahead, and a day beyond the last bake', () => {
    expect(problem()).toMatchObject({ now: NOW, until: NOW + 7 * DAY });
    expect(problem(wished('soon', 40)).until).toBe(NOW + 7 * DAY);
    expect(problem(wished('late', 7 * 24)).until).toBe(NOW + 8 * DAY + 2 * HOUR);
    expect(problem(wished('late', 9 * 24), wished('soon', 40)).until).toBe(NOW + 10 * DAY + 2 * HOUR); // oxfmt-ignore
  });

  it('sees to bakes that are to come, and need their starter ripe', () => {
    const ids = (...events: readonly JournalEvent[]) =>
      problem(...events).wanted.map(({ id }) => id);
    expect(ids(wished('coming', 20), wished('under way', -1))).toEqual(['under way', 'coming']);
    expect(ids(wished('over', -2))).toEqual([]);
    expect(ids(wished('crackers', 20, {}, { anything: true }))).toEqual([]);
    expect(ids(wished('dropped', 20), entry({ kind: 'wishDropped', wish: 'dropped' }, -0.5))).toEqual([]); // oxfmt-ignore
    expect(problem(wished('coming', 20)).wanted).toEqual([
      expect.objectContaining({
        jar: 'tern',
        levainG: 150,
        from: NOW + 20 * HOUR,
        until: NOW + 22 * HOUR,
      }),
    ]);
  });

  it('leaves out a bake whose levain stands in a bowl already', () => {
    const bowl = someStart(iso(-1), {
      id: 'bowl start',
      jar: 'bowl',
      card: someCard({ name: 'Levain', bowl: { wish: 'coming' } }),
    });
    const store = kitchen(wished('coming', 20), wished('other', 40), bowl);
    expect(problemOf(store.getState()).wanted.map(({ id }) => id)).toEqual(['other']);
    expect([...selectWishesInBowls(store.getState())]).toEqual([['coming', 'bowl']]);
    // A bowl is no jar to be kept.
    expect(problemOf(store.getState()).jars.map(({ id }) => id)).toEqual(['tern']);
  });

  it('has hands where there are none by the week, for who is looking; not on a trip', () => {
    // Out all week long, from eight to half past five; it is twenty past six.
    const store = kitchen();
    const first = () => problemOf(store.getState()).hands[0]!;
    const before = first();
    store.dispatch(planLookedAt(true));
    expect(first()).toEqual({ from: NOW, until: NOW + HOUR / 2 });
    expect(problemOf(store.getState()).hands[1]).toEqual(before);

    const away = (from: number, until: number) => {
      const there = kitchen(entry({ kind: 'away', from: iso(from), until: iso(until) }));
      there.dispatch(planLookedAt(true));
      return problemOf(there.getState()).hands[0]!;
    };
    expect(away(-5, 30).from).toBeGreaterThanOrEqual(NOW + 30 * HOUR);
    expect(away(0, 30).from).toBeGreaterThanOrEqual(NOW + 30 * HOUR);
    expect(away(-5, 0)).toEqual({ from: NOW, until: NOW + HOUR / 2 });
    expect(away(20, 30)).toEqual({ from: NOW, until: NOW + HOUR / 2 });
  });

  it('leaves jars alone for as long as somebody said, and not when that is over', () => {
    const letBe = (from: number, until: number) =>
      entry({ kind: 'letBe', jar: 'tern', from: iso(from), until: iso(until), butAt: null });
    expect(problem(letBe(-5, 3)).leftAlone).toMatchObject([
      { jar: 'tern', from: NOW - 5 * HOUR, until: NOW + 3 * HOUR },
    ]);
    expect(problem(letBe(-5, -1)).leftAlone).toEqual([]);
    expect(problem(letBe(-5, 0)).leftAlone).toEqual([]);
  });

  it('keeps to strong feeds and flour at hand, where somebody said so', () => {
    const settled = (settings: object) => problem(entry({ kind: 'settled', settings })).limits;
    expect(settled({ strongFeeds: 2 }).strongFeeds).toBe(2);
    expect(settled({ flourAtHandG: 900 }).flourAtHandG).toBe(900);
    expect(problem().limits).toMatchObject({ strongFeeds: 0 });
  });
});

describe('a jar in the problem', () => {
  it('is as it stands: what is in it, its card, and where it lives', () => {
    const fed = someFeed('fed', iso(-6), { keepG: 30, flourG: 60, waterG: 45 });
    const asked = problem(fed, entry({ kind: 'pouredOff', jar: 'tern', grams: 0.5, liquid: 'grey' })); // oxfmt-ignore
    expect(jarIn(asked)).toMatchObject({
      id: 'tern',
      since: NOW - 6 * HOUR,
      keepG: 20,
      parts: 2,
      hydration: 1,
      pouredG: 0.5,
      massG: 134.5,
      home: 'counter',
      flour: { white: 1 },
      vessel: { emptyG: 300, capacityMl: 500 },
    });
    const jar = jarIn(asked);
    for (const only of ['beside', 'rhythm', 'coming']) expect(jar).not.toHaveProperty(only);
  });

  it('has its hydration off its card, its rhythm, and the flour of its tub', () => {
    const card = { ratio: { flour: 4, water: 3 }, rhythm: { everyH: 168 } } as Parameters<typeof tern>[0]; // oxfmt-ignore
    const jar = jarIn(problemOf(kitchenStore([...PLACES, tern(card)]).getState()));
    expect(jar).toMatchObject({ parts: 4, hydration: 0.75, rhythm: { everyH: 168 } });
    const tub = entry({ kind: 'stocked', tub: 'mix', name: 'Mix', flour: { rye: 1 }, grams: 900, lowG: 100 }, -20); // oxfmt-ignore
    const withTub = kitchenStore([...PLACES, tern({ tub: 'mix' }), tub]);
    expect(jarIn(problemOf(withTub.getState())).flour).toEqual({ rye: 1 });
  });

  it('whose move is said already comes along with it', () => {
    const coming = entry({ kind: 'moved', jar: 'tern', at: iso(2), said: iso(-1), place: 'fridge' });
    expect(jarIn(problem(coming)).coming).toMatchObject([{ place: 'fridge' }]);
  }); // oxfmt-ignore

  it('knows its last feeds that doubled', () => {
    const feeds = [
      someFeed('one', iso(-20)),
      entry({ kind: 'looked', jar: 'tern', height: 2.4 }, -12),
      someFeed('two', iso(-10)),
    ];
    expect(jarIn(problem(...feeds)).strongBefore).toBe(1);
    expect(jarIn(problem()).strongBefore).toBe(0);
  });

  it('builds levains beside it in a vessel that holds them, where the kitchen does so', () => {
    const beside = entry({ kind: 'settled', settings: { levainIn: 'beside' } });
    expect(jarIn(problem(beside))).toMatchObject({ beside: true, vessel: { capacityMl: 500 } });
    const large = problem(beside, wished('large', 40, {}, { levainG: 400 }), wished('small', 60));
    expect(jarIn(large).vessel).toEqual({ emptyG: 300, capacityMl: 2700 });
    // In the jar itself it stays what it is.
    expect(jarIn(problem(wished('large', 40, {}, { levainG: 400 }))).vessel.capacityMl).toBe(500);
  });

  it('is believed as far as its own pace is known', () => {
    const { pace, paceSd } = jarIn(problem());
    expect(pace.pace).toBeCloseTo(1, 1);
    expect(paceSd).toBeGreaterThan(0.1);
    expect(paceSd).toBeLessThan(0.6);
  });
});

describe('jars that no plan touches', () => {
  const left = (...events: readonly JournalEvent[]) => {
    const state = kitchen(...events).getState();
    return { jars: jarsToPlan(state).map(({ id }) => id), waits: waiting(state), asked: problemOf(state) }; // oxfmt-ignore
  };

  it('are neglected ones, those in a programme, and what came from one that was thrown out', () => {
    const bake = wished('puffin bread', 40, { jar: 'puffin' });
    const neglected = left(PUFFIN, bake);
    expect(neglected.jars).toEqual(['tern']);
    expect(neglected.waits).toEqual([
      { wanted: 'puffin bread', because: 'neglected', nearest: [] },
    ]);
    expect(neglected.asked.wanted).toEqual([]);

    const begun = entry({ kind: 'programmeBegun', jar: 'tern', programme: 'neglected' });
    expect(left(begun, wished('rolls', 40)).waits).toEqual([
      { wanted: 'rolls', because: 'inProgramme', nearest: [] },
    ]);
    expect(left(begun).jars).toEqual([]);

    const split = someStart(iso(-5), { id: 'knot start', jar: 'knot', card: someCard({ name: 'Knot' }), from: 'tern' }); // oxfmt-ignore
    const out = [
      split,
      entry({ kind: 'thrownOut', jar: 'tern', why: 'growth', since: iso(-20) }),
      entry({ kind: 'described', jar: 'tern', card: someCard({ archived: true }) }, -0.5),
    ];
    const held = left(...out, wished('knots', 40, { jar: 'knot' }));
    expect(held.jars).toEqual([]);
    expect(held.waits).toEqual([{ wanted: 'knots', because: 'heldBack', nearest: [] }]);
  });

  it('keep no bake waiting that is over, or that takes anything', () => {
    expect(left(PUFFIN, wished('over', -3, { jar: 'puffin' })).waits).toEqual([]);
    expect(left(PUFFIN, wished('crackers', 40, { jar: 'puffin' }, { anything: true })).waits).toEqual([]); // oxfmt-ignore
    expect(left(PUFFIN, wished('rolls', 40)).waits).toEqual([]);
  });
});

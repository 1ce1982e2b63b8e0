import { USUAL_PACE } from '../ferment';
import { DAY, HOUR, kitchenTime } from '../measure';
import { placesOf } from './air';
import { type JarEvent } from './events';
import {
  asRipe,
  conditionsOf,
  contextPrint,
  feedParts,
  foldJar,
  followedFrom,
  mixAt,
  withEvent,
} from './fold';
import { ifMoved } from './ifMoved';
import { openPromise, withComing, withoutPromise } from './promise';
import {
  someCard,
  someFeed,
  someLook,
  somePlace,
  someStart,
  usualKitchen,
} from './someJar.testing';
import { horizonFor, outlookOf, standingAt } from './standing';

const T0 = Date.parse('2026-03-10T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const KITCHEN = usualKitchen();
const START = someStart(iso(-10));
const fold = (...events: readonly JarEvent[]) => foldJar([START, ...events], KITCHEN)!.jar;
const move = (hours: number, place: string, over = {}): JarEvent => ({
  kind: 'moved',
  id: `m ${hours}`,
  jar: 'tern',
  at: iso(hours),
  place,
  ...over,
});
const grams = (
  kind: 'took' | 'discarded' | 'pouredOff' | 'drying' | 'weighed',
  hours: number,
  g: number,
) =>
  ({ kind, id: `${kind} ${hours}`, jar: 'tern', at: iso(hours), grams: g, to: 'bin' }) as JarEvent;
const quiet = (kind: string): JarEvent =>
  ({ kind, id: kind, jar: 'tern', at: iso(1) }) as unknown as JarEvent;

describe('a jar that comes', () => {
  it('stands from its first hour where it was put, as it is said to be', () => {
    const jar = fold();
    expect(jar).toMatchObject({
      id: 'tern',
      since: T0 - 10 * HOUR,
      started: T0 - 10 * HOUR,
      cleanSince: T0 - 10 * HOUR,
      massG: 100,
      stays: [{ from: T0 - 10 * HOUR, place: 'counter' }],
      looks: [],
      feeds: 0,
      fedInChange: 0,
      borneH: 0,
      coldRestH: null,
      pouredG: 0,
      lastFed: null,
    });
    expect(jar).not.toHaveProperty('unfedH');
    expect(jar.fedMix.massG).toBe(100);
  });

  it('that nobody knows when it was fed is as one fed so long before, in the middle of the guess', () => {
    const guessed = (unfedH: readonly [number, number]) =>
      foldJar([{ ...START, condition: 'hungry', unfedH }], KITCHEN)!.jar;
    const jar = guessed([24, 24 * 9]);
    // Between a day and nine lie three.
    expect(jar.since).toBe(T0 - 10 * HOUR - 3 * DAY);
    expect(jar.started).toBe(T0 - 10 * HOUR);
    expect(jar.stays).toEqual([{ from: jar.since, place: 'counter' }]);
    expect(jar.unfedH).toEqual([24, 24 * 9]);
    expect(guessed([0, 4]).since).toBe(T0 - 10 * HOUR - 2 * HOUR);
    // Two thirds of it were fresh then.
    expect(jar.fedMix.massG).toBeCloseTo(100, 6);
    expect(jar.fedMix.food).toBeGreaterThan(0.6);
    expect(jar.fedMix.hydrationPct).toBeCloseTo(100, 6);
    expect(withEvent(jar, someFeed('f', iso(0)), KITCHEN)).not.toHaveProperty('unfedH');
  });

  it('is no jar before it does', () => {
    expect(withEvent(null, someFeed('f', iso(0)), KITCHEN)).toBeNull();
    expect(foldJar([someFeed('f', iso(0))], KITCHEN)).toBeNull();
    expect(foldJar([], KITCHEN)).toBeNull();
  });
});

describe('what is done to a jar', () => {
  it('weighs', () => {
    const left = (event: JarEvent) => fold(event).massG;
    for (const kind of ['took', 'discarded', 'drying', 'pouredOff'] as const) {
      expect(left(grams(kind, 1, 30))).toBe(70);
      expect(left(grams(kind, 1, 130))).toBe(0);
    }
    expect(left(grams('weighed', 1, 88))).toBe(88);
    const backup = (takenG: number) =>
      left({ ...quiet('backedUp'), grams: 5, takenG } as unknown as JarEvent);
    expect([backup(30), backup(130), backup(0)]).toEqual([70, 0, 100]);
  });

  it('is counted: feeds, the longest it went without, and since when the glass is unwashed', () => {
    const jar = fold(someFeed('a', iso(0)), someFeed('b', iso(30)), someFeed('c', iso(42)));
    // What it bore before its first feed here nobody knows.
    expect(jar).toMatchObject({ feeds: 3, borneH: 30, massG: 180, since: T0 + 42 * HOUR });
    expect(jar.lastFed?.id).toBe('c');
    expect(fold(someFeed('a', iso(0))).borneH).toBe(0);
    const washed = fold({
      ...quiet('rejarred'),
      at: iso(5),
      vessel: { emptyG: 250, capacityMl: 700 },
    } as JarEvent);
    expect(washed.cleanSince).toBe(T0 + 5 * HOUR);
    expect(washed.card.vessel.capacityMl).toBe(700);
    expect(washed.card.name).toBe('Tern');
  });

  it('leaves it where it stands, and looks begin anew with a feed', () => {
    const seen = fold(move(-2, 'fridge'), someLook('l', iso(-1), { height: 1.2 }));
    expect(seen.looks.map(({ id }) => id)).toEqual(['l']);
    expect(seen.stays.map(({ place }) => place)).toEqual(['counter', 'fridge']);
    const fed = fold(move(-2, 'fridge'), someLook('l', iso(-1), {}), someFeed('f', iso(0)));
    expect(fed.looks).toEqual([]);
    expect(fed.stays).toEqual([{ from: T0, place: 'fridge' }]);
  });

  it('brings the water back that was poured off', () => {
    const poured = fold(grams('pouredOff', -2, 8), grams('pouredOff', -1, 4));
    expect(poured).toMatchObject({ pouredG: 12, massG: 88 });
    const fed = fold(grams('pouredOff', -2, 12), someFeed('f', iso(0)));
    expect(fed.pouredG).toBe(0);
    expect(fed.fedMix.hydrationPct).toBeLessThan(
      fold(someFeed('f', iso(0))).fedMix.hydrationPct - 0.5,
    );
  });

  it('changes nothing of what is in it where it is only told', () => {
    const before = fold();
    for (const kind of [
      'noted',
      'baked',
      'pictured',
      'thrownOut',
      'programmeBegun',
      'programmeEnded',
      'backupUsed',
      'backupTended',
      'backupDeclined',
    ])
      expect(withEvent(before, quiet(kind), KITCHEN)).toBe(before);
  });

  it('keeps a thousand looks of one feed in sight', () => {
    let jar = fold();
    for (let i = 0; i < 1003; i++)
      jar = withEvent(jar, someLook(`${i}`, iso(-9 + i / 1000), {}), KITCHEN)!;
    expect(jar.looks).toHaveLength(1000);
    expect(jar.looks.at(-1)!.id).toBe('1002');
  });
});

describe('a change of flour', () => {
  const change = { to: { rye: 1 }, feeds: 4 };
  const described = (hours: number, over: object) =>
    ({ ...quiet('described'), at: iso(hours), card: someCard(over) }) as JarEvent;

  it('counts its feeds while it is the same', () => {
    const begun = described(-1, { change });
    expect(fold(someFeed('a', iso(-2)), begun).fedInChange).toBe(0);
    const twice = [begun, someFeed('a', iso(0)), someFeed('b', iso(20))];
    expect(fold(...twice).fedInChange).toBe(2);
    expect(fold(...twice, described(21, { change, name: 'Tern the rye' })).fedInChange).toBe(2);
    expect(fold(...twice, described(21, { change: { ...change, feeds: 6 } })).fedInChange).toBe(0);
    expect(
      fold(...twice, described(21, { change: { ...change, to: { spelt: 1 } } })).fedInChange,
    ).toBe(0);
    expect(fold(...twice, described(21, {}), someFeed('c', iso(30))).fedInChange).toBe(0);
  });
});

describe('a fold that is taken up again', () => {
  const events = [START, someFeed('a', iso(0)), someFeed('b', iso(20))];

  it('goes on from where it was, without going through what it saw', () => {
    const checkpoint = foldJar(events, KITCHEN)!;
    const marked = { ...checkpoint, jar: { ...checkpoint.jar, feeds: 900 } };
    const next = someFeed('c', iso(40));
    expect(foldJar([...events, next], KITCHEN, marked)!.jar.feeds).toBe(901);
    expect(foldJar(events, KITCHEN, marked)!.jar.feeds).toBe(900);
    expect(foldJar([...events], KITCHEN, marked)!.jar.feeds).toBe(900);
  });

  it('is not, where what it saw is not what there is', () => {
    const checkpoint = foldJar(events, KITCHEN)!;
    const marked = { ...checkpoint, jar: { ...checkpoint.jar, feeds: 900 } };
    expect(foldJar(events.slice(0, 2), KITCHEN, marked)!.jar.feeds).toBe(1);
    expect(
      foldJar([START, someFeed('z', iso(1)), events[2]!, events[1]!], KITCHEN, marked)!.jar.feeds,
    ).toBe(3);
  });

  it('follows what was in a jar through forty feeds, and no further back', () => {
    const many = [
      START,
      ...Array.from({ length: 60 }, (_, day) => someFeed(`${day}`, iso(24 * day))),
    ];
    expect(followedFrom(many, many.length)).toBe(20);
    expect(followedFrom(many, 42)).toBe(1);
    expect(followedFrom(many, 41)).toBe(0);
    expect(followedFrom([], 0)).toBe(0);
    // Moves and looks are no feeds.
    const walked = many.flatMap((event) => [event, move(24 * 90, 'fridge')]);
    expect(followedFrom(walked, walked.length)).toBe(40);
    const whole = many.reduce<ReturnType<typeof fold> | null>(
      (jar, event) => withEvent(jar, event, KITCHEN),
      null,
    )!;
    const quick = foldJar(many, KITCHEN)!.jar;
    expect(quick.fedMix.yeast).toBeCloseTo(whole.fedMix.yeast, 4);
    expect(quick).toMatchObject({ feeds: 60, borneH: 24 });
    expect(asRipe(whole)).toMatchObject({ food: 0, massG: whole.fedMix.massG });
  });
});

describe('flour and water of a feed', () => {
  it('have the warmth of the counter, wherever the jar stands, unless the water was measured', () => {
    const cold = fold(move(-2, 'fridge'));
    const feed = someFeed('f', iso(4));
    // At noon the counter has 22 °C.
    expect(feedParts(cold, feed, KITCHEN)).toMatchObject({ flourCelsius: 22, waterCelsius: 22 });
    expect(feedParts(cold, { ...feed, waterCelsius: 31 }, KITCHEN)).toMatchObject({
      flourCelsius: 22,
      waterCelsius: 31,
    });
    const bare = {
      ...KITCHEN,
      places: new Map([...KITCHEN.places].filter(([id]) => id !== 'counter')),
    };
    expect(feedParts(cold, feed, bare).flourCelsius).toBeLessThan(10);
  });
});

describe('a move that was to happen', () => {
  const promise = (hours: number): JarEvent => move(hours, 'fridge', { said: iso(-3) });

  it('is asked about an hour later, until something is known', () => {
    const jar = fold(promise(2));
    expect(jar.promised).toEqual({ from: T0 + 2 * HOUR, place: 'fridge', entry: 'm 2' });
    expect(openPromise(jar, T0 + 2.9 * HOUR)).toBeNull();
    expect(openPromise(jar, T0 + 3 * HOUR)).toBe(jar.promised);
    expect(openPromise(fold(promise(2), someFeed('f', iso(4))), T0 + 9 * HOUR)).toBeNull();
    expect(openPromise(fold(promise(2), move(4, 'counter')), T0 + 9 * HOUR)).toBeNull();
    expect(openPromise(fold(move(2, 'fridge')), T0 + 9 * HOUR)).toBeNull();
  });

  it('can be taken for not made', () => {
    const jar = fold(move(1, 'fridge'), promise(2));
    expect(jar.stays).toHaveLength(3);
    expect(withoutPromise(jar).stays).toEqual(jar.stays.slice(0, 2));
    expect(withoutPromise(fold(move(1, 'fridge'))).stays).toHaveLength(2);
  });

  it('that is still to come is known of the jar, and of what becomes of it', () => {
    const jar = fold();
    expect(withComing(jar, [])).toBe(jar);
    expect(withComing(jar, [someFeed('f', iso(3))])).toBe(jar);
    const going = withComing(jar, [move(2, 'fridge'), someLook('l', iso(3), {})]);
    expect(going.coming).toEqual([{ from: T0 + 2 * HOUR, place: 'fridge' }]);
    const { air } = conditionsOf(going, KITCHEN);
    expect(air(11)).toBeGreaterThan(15);
    expect(air(13)).toBeLessThan(8);
    expect(mixAt(going, T0 + 30 * HOUR, KITCHEN).celsius).toBeLessThan(8);
    expect(conditionsOf(going, KITCHEN, 2).air(13)).toBeCloseTo(air(13) + 2, 9);
  });
});

describe('a jar that is put elsewhere', () => {
  it('goes on from there as it would there, and stays', () => {
    const jar = fold(someFeed('f', iso(0)), move(20, 'fridge'));
    const left = outlookOf(fold(someFeed('f', iso(0))), KITCHEN, 48).forecast;
    const cold = ifMoved(jar, 'fridge', T0 + 2 * HOUR, KITCHEN, 48);
    expect(cold.peakHeight).toBeLessThan(left.peakHeight - 0.3);
    const warm = ifMoved(withComing(jar, [move(3, 'fridge')]), 'warm', T0 + 2 * HOUR, KITCHEN, 48);
    expect(warm.peaksAtH!).toBeLessThan(left.peaksAtH!);
    expect(warm.curve.at(-1)!.hours).toBeCloseTo(48, 6);
  });
});

describe('a jar as it stands', () => {
  const at = (jar: ReturnType<typeof fold>, hours: number) =>
    standingAt(jar, outlookOf(jar, KITCHEN, 72), KITCHEN, T0 + hours * HOUR);

  it('has hours since its band was set, where it is and how', () => {
    const standing = at(fold(someFeed('f', iso(0)), move(2, 'fridge')), 9);
    expect(standing.hours).toBe(9);
    expect(standing.place?.id).toBe('fridge');
    expect(standing.dueAt).toBeNull();
    expect(at(fold(someFeed('f', iso(0))), -3).hours).toBe(0);
  });

  it('is due by the rhythm on its card', () => {
    const daily = foldJar(
      [someStart(iso(-10), { card: someCard({ rhythm: { everyH: 24 } }) }), someFeed('f', iso(0))],
      KITCHEN,
    )!.jar;
    expect(at(daily, 2).dueAt).toBe(T0 + DAY);
  });

  it('is out of the cold for six hours, or will be', () => {
    const out = (jar: ReturnType<typeof fold>, hours: number) => {
      const when = at(jar, hours).outAt;
      return when === null ? null : (when - T0) / HOUR;
    };
    const cold = fold(someFeed('f', iso(0)), move(2, 'fridge'));
    expect(out(cold, 9)).toBeNull();
    const taken = fold(someFeed('f', iso(0)), move(2, 'fridge'), move(30, 'counter'));
    expect([31, 36, 36.5].map((hours) => out(taken, hours))).toEqual([30, 30, null]);
    expect(out(withComing(cold, [move(30, 'counter')]), 9)).toBe(30);
    const back = fold(
      someFeed('f', iso(0)),
      move(2, 'fridge'),
      move(30, 'counter'),
      move(31, 'fridge'),
    );
    expect(out(back, 32)).toBeNull();
    expect(out(fold(someFeed('f', iso(0)), move(2, 'warm')), 3)).toBeNull();
    expect(out(fold(someFeed('f', iso(0))), 3)).toBeNull();
  });

  it('is foretold for whole days', () => {
    const jar = fold(someFeed('f', iso(0)));
    expect(horizonFor(jar, T0 + 5 * HOUR, 10)).toBe(24);
    expect(horizonFor(jar, T0 + 20 * HOUR, 10)).toBe(48);
    expect(horizonFor(jar, T0 + 900 * DAY, 10)).toBe(500 * 24);
  });
});

describe('what a fold rests on', () => {
  const print = (over: Partial<typeof KITCHEN> = {}) => contextPrint({ ...KITCHEN, ...over });
  const arranged = somePlace('attic', iso(0), 'attic');

  it('is known by a few characters, the same for the same', () => {
    expect(print()).toBe(print());
    expect(print({ pace: { ...USUAL_PACE } })).toBe(print());
    expect(print().length).toBeLessThan(40);
  });

  it('is another with another pace, zone, place or reading', () => {
    const prints = [
      print(),
      print({ pace: { ...USUAL_PACE, pace: 1.1 } }),
      print({ pace: { ...USUAL_PACE, bend: 1.1 } }),
      print({ time: kitchenTime('Asia/Tokyo') }),
      print({ places: placesOf([arranged]) }),
      print({
        places: placesOf([
          arranged,
          { kind: 'measured', id: 'm', at: iso(0), place: 'attic', celsius: [9] },
        ]),
      }),
    ];
    expect(new Set(prints).size).toBe(prints.length);
  });
});

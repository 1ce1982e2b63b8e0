import { HOUR } from '../measure';
import { type JarEvent } from './events';
import { foldJar } from './fold';
import { objectionsTo, timeObjections, weightObjections } from './objections';
import { someFeed, someLook, someStart, usualKitchen } from './someJar.testing';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (hours: number) => new Date(NOW + hours * HOUR).toISOString();

/** Tern came three days ago with 100 g, and was fed to 180 g yesterday. */
const EARLIER = [someStart(iso(-72)), someFeed('f', iso(-24))];
const { jar } = foldJar(EARLIER, usualKitchen())!;
const told = (event: JarEvent, of: typeof jar | null = jar) =>
  objectionsTo(event, of, EARLIER, NOW).map(({ field, message }) => `${field}: ${message}`);

const grams = (kind: 'took' | 'discarded' | 'pouredOff' | 'drying' | 'weighed', g: number) =>
  ({ kind, id: 'x', jar: 'tern', at: iso(-1), grams: g, to: 'bin' }) as JarEvent;
const backup = (takenG: number) =>
  ({
    kind: 'backedUp',
    id: 'x',
    jar: 'tern',
    at: iso(-1),
    form: 'frozen',
    grams: 10,
    takenG,
    store: 'freezer',
  }) as JarEvent;
const move = (hours: number, over = {}): JarEvent => ({
  kind: 'moved',
  id: 'x',
  jar: 'tern',
  at: iso(hours),
  place: 'fridge',
  ...over,
});

describe('an hour', () => {
  it.each<[number, string[]]>([
    [NaN, ['Give a day and a time.']],
    [Date.UTC(1989, 11, 31), ['Check the year: that is before 1990.']],
    [Date.UTC(1990, 0, 1), []],
    [NOW, []],
    // Another device's clock may run ahead a little.
    [NOW + 120_000, []],
    [NOW + 120_001, ['That is still to come. Give a time that has passed.']],
  ])('%d is told why it cannot be', (at, messages) => {
    expect(timeObjections(at, NOW)).toEqual(messages.map((message) => ({ field: 'at', message })));
  });

  it('lies after the jar came, but for its own coming', () => {
    expect(told(someLook('x', iso(-73), {}))).toContain(
      'at: Tern was not in the kitchen yet at that time.',
    );
    expect(told(move(-72))).toEqual([]);
    expect(told(someStart(iso(-90)))).toEqual([]);
    expect(told(move(-90), null)).toEqual([]);
    // One thing at a time.
    expect(told(move(-24 * 365 * 50))).toEqual(['at: Check the year: that is before 1990.']);
  });

  it('of a move may lie two weeks ahead where it is said now', () => {
    expect(told(move(2))).toEqual(['at: That is still to come. Give a time that has passed.']);
    expect(told(move(2, { said: iso(0) }))).toEqual([]);
    expect(told(move(14 * 24, { said: iso(0) }))).toEqual([]);
    expect(told(move(14 * 24 + 0.1, { said: iso(0) }))).toEqual([
      'at: A move can be set two weeks ahead at most.',
    ]);
  });
});

describe('a weight', () => {
  it.each<[number, string[]]>([
    [NaN, ['Give a weight: 80, 3 oz or ½ cup will do.']],
    [0, ['More than nothing, please.']],
    [-3, ['More than nothing, please.']],
    [0.1, []],
    [10_000, []],
    [10_001, ['That is more than ten kilograms. Check the number.']],
  ])('of %d g is told why it cannot be', (g, messages) => {
    expect(weightObjections('grams', g)).toEqual(
      messages.map((message) => ({ field: 'grams', message })),
    );
    expect(told(grams('weighed', g))).toEqual(messages.map((message) => `grams: ${message}`));
  });

  it.each(['took', 'discarded', 'pouredOff', 'drying'] as const)(
    'that was %s is no more than there is',
    (kind) => {
      expect(told(grams(kind, 180))).toEqual([]);
      expect(told(grams(kind, 180.5))).toEqual([]);
      expect(told(grams(kind, 181))).toEqual(['grams: There are only about 180 g in the jar.']);
      expect(told(grams(kind, 181), null)).toEqual([]);
      expect(told(grams(kind, 0))).toEqual(['grams: More than nothing, please.']);
    },
  );

  it('of a backup is no more than there is, whatever it weighs itself', () => {
    expect(told(backup(180.5))).toEqual([]);
    expect(told(backup(0))).toEqual([]);
    expect(told(backup(181))).toEqual(['takenG: There are only about 180 g in the jar.']);
    expect(told(backup(181), null)).toEqual([]);
  });
});

describe('a feed', () => {
  const fed = (over: Partial<Extract<JarEvent, { kind: 'fed' }>>) =>
    told(someFeed('x', iso(-1), over));

  it('has a keep, and flour or water or both', () => {
    expect(fed({})).toEqual([]);
    expect(fed({ waterG: 0 })).toEqual([]);
    expect(fed({ flourG: 0 })).toEqual([]);
    expect(fed({ flourG: 0, waterG: 0 })).toEqual(['flour: More than nothing, please.']);
    expect(fed({ keepG: 0 })).toEqual(['keep: More than nothing, please.']);
    expect(fed({ flourG: NaN })).toEqual(['flour: Give a weight: 80, 3 oz or ½ cup will do.']);
    expect(fed({ waterG: NaN })).toEqual(['water: Give a weight: 80, 3 oz or ½ cup will do.']);
    expect(fed({ flourG: 12_000, waterG: 11_000 })).toHaveLength(2);
  });

  it('is not the second of one minute', () => {
    const near = (seconds: number) => told(someFeed('x', iso(-24 + seconds / 3600)));
    expect(near(0)).toEqual(['at: There is already a feed at this minute.']);
    expect(near(59)).toEqual(['at: There is already a feed at this minute.']);
    expect(near(-59)).toHaveLength(1);
    expect(near(60)).toEqual([]);
    // A look at that minute is no feed.
    const look = [someLook('l', iso(-1), {})];
    expect(objectionsTo(someFeed('x', iso(-1)), jar, look, NOW)).toEqual([]);
  });
});

describe('a look', () => {
  it('is at the band of the last feed', () => {
    expect(told(someLook('x', iso(-24), { height: 1.2 }))).toEqual([]);
    expect(told(someLook('x', iso(-24.1), { height: 1.2 }))).toEqual([
      'at: That is before the last feed, when the band was somewhere else. Give a time after it, or log the look without a height.',
    ]);
    const unfed = foldJar([someStart(iso(-72))], usualKitchen())!.jar;
    expect(told(someLook('x', iso(-60), {}), unfed)).toEqual([]);
  });
});

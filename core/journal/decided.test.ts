import { DAY, HOUR, kitchenTime } from '../measure';
import {
  bakesOf,
  followedChoice,
  handsOf,
  leftAloneOf,
  overlap,
  settingsOf,
  tripsOf,
  zonesOf,
} from './decided';
import { type JournalEvent } from './events';
import { USUAL_HANDS, handsChange, withHands } from './hands';
import { logOf } from './log';
import { type Settings } from './settings';

const NOW = Date.parse('2026-03-20T12:00:00Z');
const TIME = kitchenTime('Asia/Kolkata');
const iso = (hours: number) => new Date(NOW + hours * HOUR).toISOString();
const logged = (...events: readonly JournalEvent[]) => logOf(events, NOW);

const wish = (id: string, saidH: number, fromH: number, levainG = 150): JournalEvent => ({
  kind: 'wished',
  id: `${id} ${saidH}`,
  at: iso(saidH),
  wish: id,
  name: 'Loaves',
  jar: 'tern',
  what: { levainG, from: iso(fromH), until: iso(fromH + 2) },
});
const drop = (id: string, saidH: number): JournalEvent => ({
  kind: 'wishDropped',
  id: `no ${id} ${saidH}`,
  at: iso(saidH),
  wish: id,
});

describe('bakes', () => {
  const bakes = (...events: readonly JournalEvent[]) =>
    bakesOf(logged(...events), NOW, TIME).map(({ id, levainG }) => `${id} ${levainG}`);

  it('come by their hours, each as it was told last', () => {
    expect(bakes(wish('tins', -9, 40), wish('loaves', -8, 20), wish('tins', -7, 44, 90))).toEqual([
      'loaves 150',
      'tins 90',
    ]);
    const [bake] = bakesOf(logged(wish('loaves', -8, 20)), NOW, TIME);
    expect(bake).toEqual({
      id: 'loaves',
      name: 'Loaves',
      jar: 'tern',
      levainG: 150,
      from: NOW + 20 * HOUR,
      until: NOW + 22 * HOUR,
    });
  });

  it('are gone once they are dropped, until they are wished for again', () => {
    expect(bakes(wish('loaves', -8, 20), drop('loaves', -7))).toEqual([]);
    expect(bakes(wish('loaves', -8, 20), drop('loaves', -7), wish('loaves', -6, 24))).toEqual([
      'loaves 150',
    ]);
    expect(bakes(wish('loaves', -8, 20), drop('loaves', -8))).toEqual([]);
    expect(
      bakes(wish('loaves', -8, 20), drop('loaves', -5), wish('loaves', -6, 24), drop('tins', -4)),
    ).toEqual([]);
  });

  it('that take whatever can be spared say so', () => {
    const anything = wish('crackers', -8, 20) as Extract<JournalEvent, { kind: 'wished' }>;
    const [bake] = bakesOf(
      logged({ ...anything, what: { ...anything.what, anything: true } }),
      NOW,
      TIME,
    );
    expect(bake).toMatchObject({ id: 'crackers', anything: true });
  });

  it('that come back are named by their day on the kitchen’s clock, and by their wish', () => {
    const weekly = wish('loaves', -8, 8) as Extract<JournalEvent, { kind: 'wished' }>;
    // Eight in the evening by universal time is half past one of the next day here.
    const told = bakesOf(logged({ ...weekly, every: { weeks: 1 } }), NOW, TIME);
    expect(told.map(({ id, series }) => [id, series])).toEqual([
      ['loaves 2026-03-21', { wish: 'loaves', weeks: 1 }],
      ['loaves 2026-03-28', { wish: 'loaves', weeks: 1 }],
      ['loaves 2026-04-04', { wish: 'loaves', weeks: 1 }],
    ]);
    expect(told[1]!.from - told[0]!.from).toBe(7 * DAY);
    expect(told[0]!.until - told[0]!.from).toBe(2 * HOUR);
  });

  it('that come back are told for a day after they were wanted', () => {
    const since = (hours: number) => {
      const weekly = wish('loaves', -30 * 24, hours) as Extract<JournalEvent, { kind: 'wished' }>;
      return bakesOf(logged({ ...weekly, every: { weeks: 1 } }), NOW, TIME)[0]!.from;
    };
    expect(since(-25)).toBe(NOW - 25 * HOUR);
    expect(since(-27)).toBe(NOW - 27 * HOUR + 7 * DAY);
    expect(since(-14 * 24 - 25)).toBe(NOW - 25 * HOUR);
    expect(since(24)).toBe(NOW + 24 * HOUR);
  });
});

describe('hands', () => {
  const hands = (id: string, change: Parameters<typeof withHands>[1]): JournalEvent => ({
    kind: 'handsAre',
    id,
    at: iso(-5),
    hands: change,
  });

  it('are as usual until somebody says otherwise, then field by field', () => {
    expect(handsOf(logged())).toEqual(USUAL_HANDS);
    expect(handsOf(logged(hands('a', { upFrom: 5 }), hands('b', { workDays: [0, 4] })))).toEqual({
      ...USUAL_HANDS,
      upFrom: 5,
      workDays: [0, 4],
    });
  });

  it('are painted hour by hour, and an hour is wiped by itself', () => {
    const told = handsOf(
      logged(
        hands('a', { painted: { '4 19': 'away', '4 20': 'away' } }),
        hands('b', { painted: { '4 19': null, '5 3': 'there' } }),
      ),
    );
    expect(told.painted).toEqual({ '4 20': 'away', '5 3': 'there' });
    expect(told.upFrom).toBe(USUAL_HANDS.upFrom);
  });

  it('change by as little as tells it', () => {
    const before = withHands(USUAL_HANDS, { painted: { '4 19': 'away', '4 20': 'asleep' } });
    const after = withHands(before, {
      upUntil: 23,
      workDays: [],
      painted: { '4 19': null, '4 20': 'asleep', '6 9': 'there' },
    });
    expect(handsChange(before, after)).toEqual({
      upUntil: 23,
      painted: { '4 19': null, '6 9': 'there' },
    });
    expect(withHands(before, handsChange(before, after))).toEqual(after);
    expect(handsChange(before, before)).toEqual({});
    expect(handsChange(before, { ...before, workDays: [1] })).toEqual({ workDays: [1] });
  });
});

it('trips come by their beginnings, each with its entry', () => {
  const away = (id: string, fromH: number): JournalEvent => ({
    kind: 'away',
    id,
    at: iso(-3),
    from: iso(fromH),
    until: iso(fromH + 30),
  });
  expect(tripsOf(logged(away('late', 90), away('soon', 10)))).toEqual([
    { id: 'soon', from: NOW + 10 * HOUR, until: NOW + 40 * HOUR },
    { id: 'late', from: NOW + 90 * HOUR, until: NOW + 120 * HOUR },
  ]);
});

describe('jars that are left alone', () => {
  const letBe = (id: string, fromH: number, untilH: number, over = {}): JournalEvent => ({
    kind: 'letBe',
    id,
    at: iso(-3),
    jar: 'tern',
    from: iso(fromH),
    until: iso(untilH),
    butAt: null,
    ...over,
  });
  const left = (...events: readonly JournalEvent[]) =>
    leftAloneOf(logged(...events), NOW).map(({ id }) => id);

  it('come by their beginnings, with the moment that is kept', () => {
    expect(left(letBe('b', 30, 40), letBe('a', 1, 5))).toEqual(['a', 'b']);
    const [one] = leftAloneOf(logged(letBe('a', 1, 9, { butAt: iso(4) })), NOW);
    expect(one).toEqual({
      id: 'a',
      jar: 'tern',
      from: NOW + HOUR,
      until: NOW + 9 * HOUR,
      butAt: NOW + 4 * HOUR,
    });
    expect(leftAloneOf(logged(letBe('a', 1, 9)), NOW)[0]!.butAt).toBeNull();
  });

  it('are as the later word has it where two share time', () => {
    expect(left(letBe('a', 1, 5), letBe('b', 4, 9))).toEqual(['b']);
    expect(left(letBe('a', 4, 9), letBe('b', 1, 5))).toEqual(['b']);
    expect(left(letBe('a', 1, 20), letBe('b', 4, 9))).toEqual(['b']);
    expect(left(letBe('a', 1, 4), letBe('b', 4, 9))).toEqual(['a', 'b']);
    expect(left(letBe('a', 4, 9), letBe('b', 1, 4))).toEqual(['b', 'a']);
    expect(left(letBe('a', 1, 5), letBe('b', 4, 9, { jar: 'grebe' }))).toEqual(['a', 'b']);
  });

  it('are forgotten after two months', () => {
    expect(left(letBe('old', -70 * 24, -61 * 24), letBe('newer', -70 * 24, -59 * 24))).toEqual([
      'newer',
    ]);
  });

  it('overlap only with their own jar', () => {
    const stretch = (jar: string, from: number, until: number) => ({
      jar,
      from,
      until,
      butAt: null,
    });
    expect(overlap(stretch('a', 0, 2), stretch('a', 1, 3))).toBe(true);
    expect(overlap(stretch('a', 0, 2), stretch('b', 1, 3))).toBe(false);
    expect(overlap(stretch('a', 0, 1), stretch('a', 1, 3))).toBe(false);
    expect(overlap(stretch('a', 3, 4), stretch('a', 1, 3))).toBe(false);
  });
});

it('the plan that is followed is the one chosen last, or none', () => {
  const chosen = (id: string, plan: 'safest' | 'leastFlour' | null): JournalEvent => ({
    kind: 'planFollowed',
    id,
    at: iso(-2),
    plan,
  });
  expect(followedChoice(logged())).toBeNull();
  expect(followedChoice(logged(chosen('a', 'safest'), chosen('b', 'leastFlour')))).toBe(
    'leastFlour',
  );
  expect(followedChoice(logged(chosen('a', 'safest'), chosen('b', null)))).toBeNull();
});

const USUAL_SETTINGS = {
  strongFeeds: 0,
  flourAtHandG: null,
  theme: 'light',
} as unknown as Settings;

it('settings are the usual ones, but for what was said last of each', () => {
  const settled = (id: string, settings: object): JournalEvent => ({
    kind: 'settled',
    id,
    at: iso(-2),
    settings,
  });
  expect(settingsOf(logged(), USUAL_SETTINGS)).toEqual(USUAL_SETTINGS);
  const told = settingsOf(
    logged(settled('a', { strongFeeds: 1 }), settled('b', { strongFeeds: 2, flourAtHandG: 900 })),
    USUAL_SETTINGS,
  );
  expect(told).toEqual({ ...USUAL_SETTINGS, strongFeeds: 2, flourAtHandG: 900 });
});

describe('the zones a kitchen has been in', () => {
  const zoned = (hours: number, zone: string, always = false) =>
    ({ kind: 'zoned', id: `${hours}`, at: iso(hours), zone, always }) as const;
  const zones = (...said: readonly ReturnType<typeof zoned>[]) =>
    zonesOf(said, 'Europe/Lisbon').map(({ from, zone }) => [(from - NOW) / HOUR, zone]);

  it('begin with the one it has been in all along', () => {
    expect(zones()).toEqual([[-Infinity, 'Europe/Lisbon']]);
    expect(zones(zoned(-90, 'Asia/Tokyo', true))).toEqual([[-Infinity, 'Asia/Tokyo']]);
  });

  it('follow its moves, and forget a move that is told anew for an earlier hour', () => {
    const moves = [zoned(-90, 'Asia/Tokyo'), zoned(-40, 'Europe/Paris')];
    expect(zones(...moves)).toEqual([
      [-Infinity, 'Europe/Lisbon'],
      [-90, 'Asia/Tokyo'],
      [-40, 'Europe/Paris'],
    ]);
    expect(zones(...moves, zoned(-60, 'America/Lima'))).toEqual([
      [-Infinity, 'Europe/Lisbon'],
      [-90, 'Asia/Tokyo'],
      [-60, 'America/Lima'],
    ]);
    expect(zones(...moves, zoned(-90, 'America/Lima'))).toEqual([
      [-Infinity, 'Europe/Lisbon'],
      [-90, 'America/Lima'],
    ]);
  });

  it('do not change with the same zone again, nor with one that nobody knows', () => {
    expect(zones(zoned(-90, 'Asia/Tokyo'), zoned(-40, 'Asia/Tokyo'))).toHaveLength(2);
    expect(zones(zoned(-90, 'Atlantis/Harbour'))).toEqual([[-Infinity, 'Europe/Lisbon']]);
    expect(zones(zoned(-90, 'Asia/Tokyo'), zoned(-40, 'Europe/Paris', true))).toEqual([
      [-Infinity, 'Europe/Paris'],
    ]);
  });
});

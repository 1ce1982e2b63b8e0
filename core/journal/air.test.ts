import { type DayTemperature } from '../ferment';
import { DAY, HOUR, kitchenTime } from '../measure';
import { airOf, celsiusOf, placeAt, placesOf, trackIn } from './air';
import { type JournalEvent } from './events';
import { someFeed, somePlace } from './someJar.testing';
import { celsiusIn, trackFacts, trackOf } from './track';

const T0 = Date.parse('2026-03-10T00:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const TIME = kitchenTime('Asia/Kolkata');
const arranged = (hours: number, id: string, temperature: DayTemperature) =>
  somePlace(`${id} ${hours}`, iso(hours), id, temperature);
const steady = (hours: number, id: string, celsius: number) =>
  arranged(hours, id, { kind: 'constant', celsius });
const measured = (hours: number, ...celsius: (number | null)[]): JournalEvent => ({
  kind: 'measured',
  id: `m ${hours}`,
  at: iso(hours),
  place: 'counter',
  celsius,
});
const DAY_NIGHT: DayTemperature = {
  kind: 'dayNight',
  day: 22,
  night: 16,
  dayFrom: 8,
  nightFrom: 20,
};

describe('the places of a kitchen', () => {
  it('are those that were set up; a thermometer tells of no other', () => {
    const places = placesOf([
      someFeed('f', iso(0)),
      steady(-9, 'counter', 20),
      steady(-5, 'counter', 21),
      measured(-4, 19),
      { ...measured(-4, 12), place: 'attic' } as JournalEvent,
    ]);
    expect([...places.keys()]).toEqual(['counter']);
    expect(places.get('counter')!.arranged).toHaveLength(2);
    expect(places.get('counter')!.measured).toHaveLength(1);
    expect(trackIn(places, 'attic', TIME)).toBeNull();
  });

  it('are as they were at the time, and before that as they were at first', () => {
    const places = placesOf([steady(-9, 'counter', 20), steady(-5, 'counter', 24)]);
    const celsius = (hours: number) => {
      const { temperature } = placeAt(places, 'counter', T0 + hours * HOUR)!;
      return temperature.kind === 'constant' && temperature.celsius;
    };
    expect([-90, -9, -6, -5, 90].map(celsius)).toEqual([20, 20, 20, 24, 24]);
    expect(placeAt(places, 'attic', T0)).toBeUndefined();
    const one = placesOf([steady(-9, 'counter', 20)]);
    expect(placeAt(one, 'counter', T0 - DAY)).toBe(placeAt(one, 'counter', T0));
  });

  it('have one track of what was measured, made once', () => {
    const places = placesOf([steady(-9, 'counter', 20), measured(-4, 19)]);
    expect(trackIn(places, 'counter', TIME)).toBe(trackIn(places, 'counter', TIME));
    expect(trackIn(places, 'counter', kitchenTime('Europe/Lisbon'))).not.toBe(
      trackIn(places, 'counter', TIME),
    );
    expect(trackIn(placesOf([steady(-9, 'counter', 20)]), 'counter', TIME)).toBeNull();
  });
});

describe('the air around a jar', () => {
  const places = placesOf([
    steady(-9, 'counter', 20),
    steady(-9, 'fridge', 4),
    steady(6, 'counter', 25),
    steady(8, 'counter', 26),
  ]);
  const stays = [
    { from: T0, place: 'counter' },
    { from: T0 + 3 * HOUR, place: 'fridge' },
    { from: T0 + 5 * HOUR, place: 'counter' },
  ];
  const air = airOf(stays, T0, places, TIME);

  it('is that of each of its places, from the moment it comes there', () => {
    expect([0, 2.99, 3, 4.99, 5, 5.99].map(air)).toEqual([20, 20, 4, 4, 20, 20]);
  });

  it('follows a place that changes while it stands there, and no other', () => {
    expect([6, 7.99, 8, 40].map(air)).toEqual([25, 25, 26, 26]);
    const gone = airOf([...stays, { from: T0 + 7 * HOUR, place: 'fridge' }], T0, places, TIME);
    expect([6.5, 7.5, 8.5].map(gone)).toEqual([25, 4, 4]);
  });

  it('may be asked for in any order', () => {
    expect([40, 0, 4, 2, 8, 3].map(air)).toEqual([26, 20, 4, 20, 26, 4]);
  });

  it('counts from an instant of its own', () => {
    expect(airOf(stays, T0 + 2 * HOUR, places, TIME)(1.5)).toBe(4);
    expect(airOf(stays, T0 - 9 * HOUR, places, TIME)(0)).toBe(20);
  });

  it('is a room where nothing is known of a place, or of any', () => {
    expect(airOf([{ from: T0, place: 'attic' }], T0, places, TIME)(2)).toBe(21);
    expect(airOf([], T0, places, TIME)(2)).toBe(21);
    expect(airOf([...stays, { from: T0 + 9 * HOUR, place: 'attic' }], T0, places, TIME)(12)).toBe(
      26,
    );
  });

  it('is warmer or colder throughout by how far a thermometer may be off', () => {
    expect(airOf(stays, T0, places, TIME, 1.5)(1)).toBe(21.5);
    expect(airOf(stays, T0, places, TIME, -1)(4)).toBe(3);
  });

  it('follows the day by the clock on the wall', () => {
    const room = placesOf([arranged(-9, 'counter', DAY_NIGHT)]);
    const of = (hour: number, at = T0) =>
      celsiusOf(room, 'counter', at + (hour - 5.5) * HOUR, TIME);
    expect(of(14)).toBeCloseTo(22, 0);
    expect(of(4)).toBeCloseTo(16, 0);
    expect(of(4)).toBeLessThan(of(9));
    expect(of(9)).toBeLessThan(of(12));
    // Between the quarters of an hour in a straight line.
    const [a, between, b] = [of(8.5), of(8.6), of(8.75)];
    expect(between).toBeCloseTo(a + 0.4 * (b - a), 6);
    const moved = kitchenTime([
      { from: -Infinity, zone: 'Asia/Kolkata' },
      { from: T0 + 2 * HOUR, zone: 'UTC' },
    ]);
    const counter = airOf([{ from: T0, place: 'counter' }], T0, room, moved);
    // Half past five in the morning, and then again two in the night.
    expect(counter(0)).toBeCloseTo(celsiusOf(room, 'counter', T0, TIME), 6);
    expect(counter(8)).toBeCloseTo(of(8, T0), 6);
    expect(counter(8)).not.toBeCloseTo(of(13.5, T0), 1);
  });

  it('goes by what a thermometer gave, which is less far off', () => {
    const watched = placesOf([steady(-9, 'counter', 20), measured(2, 24, 26, null, 23)]);
    const warm = airOf([{ from: T0, place: 'counter' }], T0, watched, TIME);
    expect(warm(1)).toBe(20);
    expect(warm(2.5)).toBe(24);
    expect(warm(3)).toBe(25);
    expect(warm(4.5)).toBe(20);
    expect(warm(5.5)).toBe(23);
    const off = airOf([{ from: T0, place: 'counter' }], T0, watched, TIME, 2);
    expect(off(1)).toBe(22);
    expect(off(2.5)).toBeCloseTo(24.6, 9);
  });
});

describe('what thermometers gave', () => {
  const said = (...events: readonly JournalEvent[]) =>
    trackOf(events as Parameters<typeof trackOf>[0], () => undefined, TIME);

  it('is the hours that were measured, what was said last of each', () => {
    const track = said(measured(2, 20, 21, 22), measured(3, 25), measured(8, 18))!;
    expect(track.firstHour).toBe(T0 / HOUR + 2);
    expect([...track.celsius]).toEqual([20, 25, 22, NaN, NaN, NaN, 18]);
    expect(trackFacts(track)).toEqual({
      days: 4 / 24,
      from: T0 + 2 * HOUR,
      until: T0 + 9 * HOUR,
      low: 18,
      high: 25,
    });
    expect(said(measured(2, null, null))).toBeNull();
    expect(said()).toBeNull();
  });

  it('is nothing but of its own hours', () => {
    const track = said(measured(2, 20, 22))!;
    expect(celsiusIn(track, T0 + 1.99 * HOUR)).toBeNaN();
    expect(celsiusIn(track, T0 + 2 * HOUR)).toBe(20);
    expect(celsiusIn(track, T0 + 2.5 * HOUR)).toBe(20);
    expect(celsiusIn(track, T0 + 2.75 * HOUR)).toBe(20.5);
    expect(celsiusIn(track, T0 + 3.25 * HOUR)).toBe(21.5);
    expect(celsiusIn(track, T0 + 3.75 * HOUR)).toBe(22);
    expect(celsiusIn(track, T0 + 4 * HOUR)).toBeNaN();
  });

  const lowHigh = (hours: number, low: number, high: number): JournalEvent => ({
    kind: 'lowHigh',
    id: `l ${hours}`,
    at: iso(hours),
    place: 'counter',
    low,
    high,
  });

  it('of a lowest and a highest is the day before, coldest before dawn', () => {
    const track = said(lowHigh(20, 15, 25))!;
    expect(track.celsius).toHaveLength(24);
    expect(track.firstHour).toBe(T0 / HOUR - 4);
    const at = (clock: number) => celsiusIn(track, T0 + (clock - 5.5) * HOUR);
    expect(at(5)).toBeCloseTo(15, 0);
    expect(at(15)).toBeCloseTo(25, 0);
    expect(at(10)).toBeCloseTo(20, 0);
    expect(at(22)).toBeCloseTo(20, 0);
    expect(Math.min(...track.celsius)).toBeGreaterThanOrEqual(15);
    expect(Math.max(...track.celsius)).toBeLessThanOrEqual(25);
  });

  it('of a lowest and a highest goes the way the place’s own day does', () => {
    const place = {
      id: 'counter',
      name: 'Counter',
      kind: 'counter',
      temperature: DAY_NIGHT,
      sd: 1,
    } as const;
    const track = trackOf([lowHigh(20, 10, 30)] as never, () => place, TIME)!;
    const at = (clock: number) => celsiusIn(track, T0 + (clock - 5.5) * HOUR);
    const own = (clock: number) =>
      celsiusOf(
        placesOf([arranged(-9, 'counter', DAY_NIGHT)]),
        'counter',
        T0 + (clock - 5.5) * HOUR,
        TIME,
      );
    // Twenty degrees for the six of its card.
    for (const clock of [7.5, 9.5, 12.5, 21.5])
      expect(at(clock)).toBeCloseTo(10 + ((own(clock) - 16) * 20) / 6, 0);
    const flat = { ...place, temperature: { kind: 'constant', celsius: 18 } as const };
    const usual = trackOf([lowHigh(20, 10, 30)] as never, () => flat, TIME)!;
    expect(celsiusIn(usual, T0 - 0.5 * HOUR)).toBeCloseTo(10, 0);
  });
});

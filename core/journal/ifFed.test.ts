import { type Place, USUAL_BELIEF, USUAL_PLACES } from '../ferment';
import { HOUR } from '../measure';
import { type JarEvent } from './events';
import { type Jar, foldJar } from './fold';
import { doubledBefore } from './doubledBefore';
import { homeOf } from './homeOf';
import { ifFed } from './ifFed';
import { someCard, someStart, usualKitchen } from './someJar.testing';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = usualKitchen();
const STARTED = someStart(iso(0), {
  card: someCard({ keepG: 25, vessel: { emptyG: 350, capacityMl: 700 } }),
  massG: 225,
});
const WHITE = { white: 1 };
const jar = (): Jar => foldJar([STARTED], context)!.jar;
const constant = (celsius: number): Place => ({
  id: 'somewhere',
  name: 'Somewhere',
  kind: 'counter',
  temperature: { kind: 'constant', celsius },
  sd: 0.5,
});
const peak = (over: Partial<Parameters<typeof ifFed>[1]>) =>
  ifFed(
    jar(),
    {
      at: T0 + 6 * HOUR,
      keepG: 25,
      flourG: 100,
      waterG: 100,
      flour: WHITE,
      place: constant(22),
      ...over,
    },
    context,
    USUAL_BELIEF,
    96,
  ).outlook.forecast.peaksAtH!;

describe('a feed that is only thought of', () => {
  it('peaks later the colder it stands and the more it is fed', () => {
    const temperatures = [28, 24, 20, 16].map((celsius) => peak({ place: constant(celsius) }));
    expect(temperatures).toEqual([...temperatures].sort((a, b) => a - b));
    expect(temperatures[3]!).toBeGreaterThan(2 * temperatures[0]!);
    const ratios = [1, 2, 4, 8].map((parts) => peak({ flourG: 25 * parts, waterG: 25 * parts }));
    expect(ratios).toEqual([...ratios].sort((a, b) => a - b));
  });

  it('peaks sooner with rye, whatever the card has', () => {
    expect(peak({ flour: { rye: 1 } })).toBeLessThan(peak({}));
  });

  it('is nothing to the jar: its mass, its stays and its places are as before', () => {
    const before = jar();
    const copy = JSON.stringify(before);
    ifFed(
      before,
      { at: T0 + HOUR, keepG: 10, flourG: 50, waterG: 50, flour: WHITE, place: constant(25) },
      context,
      USUAL_BELIEF,
      48,
    );
    expect(JSON.stringify(before)).toBe(copy);
    expect([...context.places.keys()]).toEqual(USUAL_PLACES.map(({ id }) => id));
  });

  it('stands at the band with the whole mass right after the feed', () => {
    const at = T0 + 6 * HOUR;
    const feed = { at, keepG: 20, flourG: 60, waterG: 60, flour: WHITE, place: constant(22) };
    const standing = ifFed(jar(), feed, context, USUAL_BELIEF, 48);
    expect(standing.hours).toBe(0);
    expect(standing.moment.height).toBeCloseTo(1, 2);
    expect(standing.jar.massG).toBeCloseTo(140, 5);
    const { low, high } = standing.outlook.peaksAtH!;
    expect(standing.outlook.forecast.peaksAtH!).toBeGreaterThan(low);
    expect(standing.outlook.forecast.peaksAtH!).toBeLessThan(high);
  });
});

describe('where a jar lives', () => {
  const moved = (hours: number, place: string): JarEvent => ({
    kind: 'moved',
    id: `m${hours}`,
    jar: 'tern',
    at: iso(hours),
    place,
  });
  it('is where it spent most of a fortnight, not where it was put for a night', () => {
    expect(homeOf([], T0)).toBeNull();
    expect(homeOf([STARTED], T0 + HOUR)).toBe('counter');
    const night = [STARTED, moved(200, 'warm')];
    expect(homeOf(night, T0 + 210 * HOUR)).toBe('counter');
    expect(homeOf(night, T0 + 600 * HOUR)).toBe('warm');
    expect(homeOf([...night, moved(212, 'fridge')], T0 + 500 * HOUR)).toBe('fridge');
  });
});

describe('feeds that doubled in a row', () => {
  const fed = (hours: number): JarEvent => ({
    kind: 'fed',
    id: `f${hours}`,
    jar: 'tern',
    at: iso(hours),
    keepG: 20,
    flourG: 80,
    waterG: 80,
    flour: { white: 1 },
  });
  const looked = (hours: number, height: number): JarEvent => ({
    kind: 'looked',
    id: `l${hours}`,
    jar: 'tern',
    at: iso(hours),
    height,
  });

  it('are counted back from the one before the present, as far as somebody saw them', () => {
    const watched = [STARTED, fed(1), looked(8, 2.3), fed(13), looked(20, 2.1), fed(25)];
    expect(doubledBefore(watched)).toBe(2);
    expect(doubledBefore([...watched, looked(30, 2.2)])).toBe(2);
    expect(
      doubledBefore([STARTED, fed(1), looked(8, 1.4), fed(13), looked(20, 2.1), fed(25)]),
    ).toBe(1);
    expect(doubledBefore([STARTED, fed(1), looked(8, 2.3), fed(13), fed(25)])).toBe(0);
    expect(doubledBefore([STARTED])).toBe(0);
  });
});

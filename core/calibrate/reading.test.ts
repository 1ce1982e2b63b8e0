import { type Forecast, type Moment } from '../ferment';
import { changeIn } from './change';
import { errorOf, missOf } from './reading';
import { NOTHING_LEARNT } from './watch';
import { watchedFrom } from './watchedFrom';
import { type JarEvent } from '../journal';
import { someFeed, someLook, someStart } from '../journal/someJar.testing';

/** A rise by a law of its own: to two and a half at eight hours in a straight line, and down to two at twelve. */
const curve = Array.from({ length: 13 }, (_, hours) => ({
  hours,
  height: hours <= 8 ? 1 + (1.5 * hours) / 8 : 2.5 - (hours - 8) / 8,
})) as unknown as readonly Moment[];
const forecast = {
  curve,
  doublesAtH: 5.5,
  peaksAtH: 8,
  ripeUntilH: 10,
} as unknown as Forecast;
const never = { ...forecast, doublesAtH: null, peaksAtH: null, ripeUntilH: null };

describe('how far a reading is from a forecast', () => {
  it('is a height against that of its hour', () => {
    expect(missOf({ afterH: 4, height: 2 }, forecast)).toBeCloseTo(0.25, 9);
    expect(missOf({ afterH: 4, height: 1.5 }, forecast)).toBeCloseTo(-0.25, 9);
    expect(missOf({ afterH: 10, height: 2.25 }, forecast)).toBeCloseTo(0, 9);
  });

  it('is a streak against the highest so far, between hours too', () => {
    expect(missOf({ afterH: 10, streak: 2.6 }, forecast)).toBeCloseTo(0.1, 9);
    expect(missOf({ afterH: 4, streak: 1.75 }, forecast)).toBeCloseTo(0, 9);
    expect(missOf({ afterH: 4.5, streak: 1.9 }, forecast)).toBeCloseTo(1.9 - 1.84375, 3);
    expect(missOf({ afterH: 8, streak: 2.5 }, forecast)).toBeCloseTo(0, 9);
  });

  it('is hours for a sign', () => {
    expect(missOf({ afterH: 6, sign: 'doubled' }, forecast)).toBeCloseTo(0.5, 9);
    expect(missOf({ afterH: 7, sign: 'peaked' }, forecast)).toBeCloseTo(-1, 9);
    // Seen fallen long after it fell is no miss; seen fallen before is one.
    expect(missOf({ afterH: 9, sign: 'fallen' }, forecast)).toBeCloseTo(-1, 9);
    expect(missOf({ afterH: 30, sign: 'fallen' }, forecast)).toBe(0);
  });

  it('is counted from the end of a forecast where that never comes to it', () => {
    expect(missOf({ afterH: 6, sign: 'doubled' }, never)).toBe(-6);
    expect(missOf({ afterH: 7, sign: 'peaked' }, never)).toBe(-5);
    expect(missOf({ afterH: 9, sign: 'fallen' }, never)).toBe(-3);
  });
});

describe('how far off a reading may be', () => {
  it('is so much of its hour for a sign', () => {
    expect(errorOf({ afterH: 10, sign: 'peaked' }, forecast)).toBeCloseTo(0.8, 9);
    expect(errorOf({ afterH: 0, sign: 'doubled' }, forecast)).toBeCloseTo(0.2, 9);
  });

  it('is so much of the rise for a height, seen or foretold, whichever is more', () => {
    // Two thirds of the way up at four hours, three quarters were foretold.
    expect(errorOf({ afterH: 4, height: 2.5 }, forecast)).toBeCloseTo(0.15 + 0.06 * 1.5, 9);
    expect(errorOf({ afterH: 4, height: 1.2 }, forecast)).toBeCloseTo(0.15 + 0.06 * 0.75, 9);
    expect(errorOf({ afterH: 0, height: 0.8 }, forecast)).toBeCloseTo(0.15, 9);
  });

  it('is more after the peak, the later the more', () => {
    // Half a peak’s time later, and a rise of one and a half.
    const late = errorOf({ afterH: 12, height: 2.5 }, forecast);
    expect(late).toBeCloseTo(0.15 + (0.06 + 0.25) * 1.5, 9);
    expect(errorOf({ afterH: 8, height: 2.5 }, forecast)).toBeCloseTo(0.15 + 0.09, 9);
    expect(errorOf({ afterH: 12, height: 2.5 }, never)).toBeCloseTo(0.15 + 0.09, 9);
  });

  it('is so much of the rise for a streak, at any hour', () => {
    expect(errorOf({ afterH: 30, streak: 2 }, forecast)).toBeCloseTo(0.21, 9);
    expect(errorOf({ afterH: 3, streak: 0.5 }, forecast)).toBeCloseTo(0.15, 9);
  });
});

describe('a sudden change', () => {
  const of = (...history: readonly number[]) => changeIn({ ...NOTHING_LEARNT, history });
  const steady = Array.from({ length: 9 }, () => 0.1);

  it('is seen among the last feeds, with its factor', () => {
    // The feed before may have been the first that was otherwise.
    expect(of(...steady, 0.3)?.feeds).toBe(2);
    const { factor, feeds } = of(...steady, 0.3, 0.3)!;
    expect(factor).toBeCloseTo(Math.exp(0.2), 9);
    expect(feeds).toBe(2);
    expect(of(...steady, 0.3, 0.3, 0.3, 0.3, 0.3)?.feeds).toBe(5);
    expect(of(...steady, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3)).toBeNull();
    expect(of(...steady, -0.1, -0.1)!.factor).toBeCloseTo(Math.exp(-0.2), 9);
  });

  it('is none where it is small, or the pace was not settled', () => {
    expect(of(...steady, 0.225, 0.225)).toBeNull();
    expect(of(...steady, 0.235, 0.235)).not.toBeNull();
    expect(of(...steady.slice(0, 8), 0.3, 0.3)).not.toBeNull();
    expect(of(...steady.slice(0, 7), 0.3, 0.3)).toBeNull();
    expect(of()).toBeNull();
  });
});

describe('the last feeds with looks', () => {
  const at = '2026-03-13T18:20:00.000Z';
  const watched = (n: number): readonly JarEvent[] => [
    someFeed(`f${n}`, at),
    someLook(`l${n}`, at, {}),
    someLook(`m${n}`, at, {}),
  ];
  const unwatched = (n: number): readonly JarEvent[] => [someFeed(`u${n}`, at)];
  const log = [
    someStart(at),
    ...watched(1),
    ...unwatched(2),
    ...watched(3),
    ...watched(4),
    ...unwatched(5),
  ];
  const begin = (most: number) => log[watchedFrom(log, most)]!.id;

  it('begin with the feed before the first that counts', () => {
    expect(begin(1)).toBe('f3');
    expect(begin(2)).toBe('f1');
    expect(begin(0)).toBe('f4');
  });

  it('begin with the log where there are no more', () => {
    expect(begin(3)).toBe('start');
    expect(watchedFrom([], 3)).toBe(0);
    const seen = [someFeed('a', at), someLook('b', at, {})];
    expect(watchedFrom(seen, 1)).toBe(0);
    expect(watchedFrom([...seen, ...seen], 1)).toBe(0);
    expect(watchedFrom([...unwatched(1), ...seen, ...seen], 1)).toBe(1);
  });
});

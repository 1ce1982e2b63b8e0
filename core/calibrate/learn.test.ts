import { Matrix } from 'ml-matrix';

import { type Pace, USUAL_BELIEF, USUAL_PACE, feed, paceFromLogs, starterIn } from '../ferment';
import { once } from '../measure/once.testing';
import { beliefOf, normalOf, taught, varianceOf, widened } from './belief';
import { lessonOf } from './lesson';
import { type Sighting } from './reading';
import { learn } from './watch';
import { type WatchedFeed, horizonOf, mixedIn, watchedForecast } from './watchedFeed';

const WHITE = { white: 1 };
const standing = (celsius: number) => ({
  air: () => celsius,
  vessel: { emptyG: 300, capacityMl: 700 },
});
const ripe = feed(starterIn('hungry', WHITE, 100, 20), {
  keepG: 20,
  flourG: 80,
  waterG: 80,
  flour: WHITE,
});

/** A daily feed at a warmth, with what was read of it. */
const fedAt = (
  celsius: number,
  readings: readonly Sighting[] = [],
  over: Partial<WatchedFeed> = {},
): WatchedFeed => ({
  before: { mix: ripe, conditions: standing(22), hours: 24 },
  parts: { keepG: 20, flourG: 80, waterG: 80, flour: WHITE, flourCelsius: 22, waterCelsius: 22 },
  conditions: standing(celsius),
  readings,
  ...over,
});

/** What is to be read of a feed by somebody who sees everything, of a starter of some pace. */
function seen(celsius: number, pace: Partial<Pace>, over: Partial<WatchedFeed> = {}): WatchedFeed {
  const { curve, doublesAtH, peaksAtH } = watchedForecast(
    fedAt(celsius, [], over),
    { ...USUAL_PACE, ...pace },
    30,
  );
  const height = (hours: number) => curve.find((moment) => moment.hours >= hours)!;
  return fedAt(
    celsius,
    [
      ...[0.4, 0.7, 0.97].map((share): Sighting => {
        const moment = height(share * peaksAtH!);
        return { afterH: moment.hours, height: moment.height };
      }),
      { afterH: doublesAtH!, sign: 'doubled' },
      { afterH: peaksAtH!, sign: 'peaked' },
    ],
    over,
  );
}
const times = (n: number, of: (i: number) => WatchedFeed) =>
  Array.from({ length: n }, (_, i) => of(i));
const paceOf = ({ belief }: ReturnType<typeof learn>) => Math.exp(belief.mean[0]!);
const spreadOf = ({ belief }: ReturnType<typeof learn>) => Math.hypot(...belief.factor[0]!);

describe('a feed that was watched', () => {
  it('is mixed from what the feed before has come to, as this starter does', () => {
    const quick = mixedIn(fedAt(22), { ...USUAL_PACE, pace: 1.5 });
    const slow = mixedIn(fedAt(22), { ...USUAL_PACE, pace: 0.7 });
    expect(quick.massG).toBe(180);
    expect(quick.yeast).not.toBeCloseTo(slow.yeast, 3);
    expect(quick.celsius).toBeCloseTo(22, 0);
    expect(mixedIn(fedAt(22, [], { celsius: 27 }), USUAL_PACE).celsius).toBe(27);
  });

  it('is followed far enough to see a late peak behind the last reading', () => {
    expect(
      horizonOf([
        { afterH: 10, height: 2 },
        { afterH: 4, height: 1.5 },
      ]),
    ).toBe(21);
    expect(horizonOf([{ afterH: 2, height: 1.2 }])).toBe(15);
  });
});

describe('the lesson of a feed', () => {
  const truth = seen(22, {});
  const lesson = lessonOf(truth, [0, 0, 0, 0, 0, 0]);

  it('misses nothing where the forecast holds', () => {
    expect(lesson.misses).toHaveLength(5);
    for (const miss of lesson.misses) expect(Math.abs(miss)).toBeLessThan(0.05);
    expect(lesson.peak!.logH).toBeCloseTo(
      Math.log(watchedForecast(truth, USUAL_PACE).peaksAtH!),
      9,
    );
  });

  it('says how all of it moves with the pace: a tenth quicker, a tenth sooner', () => {
    const [pace, lift] = lesson.peak!.slopes;
    expect(pace).toBeGreaterThan(-1.15);
    expect(pace).toBeLessThan(-0.7);
    expect(Math.abs(lift!)).toBeLessThan(0.3);
    // A quicker starter would stand higher on its way up than was read, and be seen too late.
    const { slopes, moodSlopes } = lesson;
    expect(slopes.rows).toBe(5);
    expect(slopes.columns).toBe(6);
    expect([0, 1].every((r) => slopes.get(r, 0) < -1)).toBe(true);
    expect([3, 4].every((r) => slopes.get(r, 0) > 1)).toBe(true);
    expect([0, 1].every((r) => moodSlopes[r]! < -1)).toBe(true);
    expect([3, 4].every((r) => moodSlopes[r]! > 1)).toBe(true);
  });

  it('weighs half of it where the feed was by eye', () => {
    const off = {
      ...truth,
      readings: truth.readings.map((one) => ({ ...one, afterH: one.afterH + 1 })),
    };
    const plain = lessonOf(off, [0, 0, 0, 0, 0, 0]).misses;
    const byEye = lessonOf({ ...off, rough: true }, [0, 0, 0, 0, 0, 0]).misses;
    plain.forEach((miss, r) => expect(byEye[r]).toBeCloseTo(miss / 2, 9));
    expect(Math.abs(plain[4]!)).toBeGreaterThan(1);
  });

  it('has no peak where none is to be seen in time', () => {
    const early = fedAt(22, [{ afterH: 1, height: 1.05 }]);
    expect(lessonOf(early, [-1.4, 0, 0, 0, 0, 0]).peak).toBeNull();
  });
});

describe('a belief', () => {
  const usual = normalOf(USUAL_BELIEF);

  it('is spread as it says, and the same there and back', () => {
    expect(usual.covariance.get(0, 0)).toBeCloseTo(0.0625, 12);
    expect(usual.covariance.get(0, 1)).toBe(0);
    const back = beliefOf(usual, 1.3);
    expect(back.width).toBe(1.3);
    back.factor.forEach((row, i) =>
      row.forEach((x, j) => expect(x).toBeCloseTo(USUAL_BELIEF.factor[i]![j]!, 9)),
    );
    expect(varianceOf(usual, [2, 0, 1, 0, 0, 0])).toBeCloseTo(4 * 0.0625 + 0.25, 9);
  });

  it('gets wider with time, each of it by itself', () => {
    const wider = widened(usual, [0.25, 0, 0, 0, 0, 0]);
    expect(wider.covariance.get(0, 0)).toBeCloseTo(0.125, 12);
    expect(wider.covariance.get(1, 1)).toBeCloseTo(0.0625, 12);
    expect(wider.mean).toEqual(usual.mean);
    expect(usual.covariance.get(0, 0)).toBeCloseTo(0.0625, 12);
  });

  /** One reading that moves with the pace alone. */
  const lesson = (misses: readonly number[], slope: number, mood: number) => ({
    misses,
    slopes: new Matrix(misses.map(() => [slope, 0, 0, 0, 0, 0])),
    moodSlopes: misses.map(() => mood),
    peak: null,
  });

  it('is taught by a reading as two measurements of one thing are joined', () => {
    // Slope four, error one: it knows the pace to a quarter, as well as what was believed.
    const after = taught(usual, lesson([1], 4, 0), usual.mean, [1]);
    expect(after.mean[0]).toBeCloseTo(-0.125, 9);
    expect(after.mean[1]).toBe(0);
    expect(after.covariance.get(0, 0)).toBeCloseTo(0.03125, 9);
    // Believed half as much, it moves it by a third.
    expect(taught(usual, lesson([1], 4, 0), usual.mean, [0.5]).mean[0]).toBeCloseTo(-0.25 / 3, 9);
  });

  it('reckons from where the lesson holds', () => {
    const at = [0.1, 0, 0, 0, 0, 0];
    // Near 0.1 it misses by one: near nought by 1 - 0.4.
    expect(taught(usual, lesson([1], 4, 0), at, [1]).mean[0]).toBeCloseTo(-0.075, 9);
  });

  it('is never taught more by one feed than its mood lets it', () => {
    const often = taught(
      usual,
      lesson(
        Array.from({ length: 50 }, () => 1),
        4,
        4,
      ),
      usual.mean,
      Array.from({ length: 50 }, () => 1),
    );
    // The mood is known to 0.06, whatever is read.
    const sd = Math.sqrt(often.covariance.get(0, 0));
    expect(sd).toBeGreaterThan(0.055);
    expect(sd).toBeLessThan(0.075);
    const other = taught(
      usual,
      lesson(
        Array.from({ length: 50 }, () => 1),
        4,
        0,
      ),
      usual.mean,
      Array.from({ length: 50 }, () => 1),
    );
    expect(Math.sqrt(other.covariance.get(0, 0))).toBeLessThan(0.04);
  });
});

describe('what watched feeds teach', () => {
  it('is nothing without readings', () => {
    expect(learn([])).toMatchObject({ feeds: 0, readings: 0, history: [] });
    expect(learn([fedAt(22), fedAt(24)])).toEqual(learn([]));
  });

  it.each([0.75, 1, 1.35])('is the pace of a starter of %d', (pace) => {
    const learnt = learn(times(5, (i) => seen(21 + i / 2, { pace })));
    expect(Math.abs(paceOf(learnt) / pace - 1)).toBeLessThan(0.08);
    expect(learnt).toMatchObject({ feeds: 5, readings: 25 });
    expect(learnt.history).toHaveLength(5);
    expect(Math.exp(learnt.history[4]!)).toBeCloseTo(paceOf(learnt), 9);
  });

  it('is the surer the more there are, and leaves out feeds without readings', () => {
    const spread = (n: number) => spreadOf(learn(times(n, () => seen(22, { pace: 1.2 }))));
    const [one, three, six] = [1, 3, 6].map(spread) as [number, number, number];
    expect(one).toBeLessThan(0.2);
    expect(three).toBeLessThan(0.95 * one);
    expect(six).toBeLessThan(0.95 * three);
    expect(six).toBeGreaterThan(0.02);
    const some = times(3, () => seen(22, { pace: 1.2 }));
    expect(learn([some[0]!, fedAt(22), some[1]!, fedAt(25), some[2]!])).toEqual(learn(some));
  });

  it('is how high it rises, and how it answers to warmth', () => {
    const high = learn(times(6, () => seen(22, { lift: 1.25 })));
    expect(Math.exp(high.belief.mean[1]!)).toBeGreaterThan(1.12);
    expect(Math.abs(paceOf(high) - 1)).toBeLessThan(0.06);
    const tilt = (celsius: number) =>
      learn(
        times(8, (i) =>
          seen(i % 2 ? 22 + celsius : 22 - celsius, paceFromLogs([0, 0, 0, 0, 0.12, 0])),
        ),
      ).belief.mean[4]!;
    expect(tilt(4)).toBeGreaterThan(0.05);
  });

  it('is not moved by one wrong entry', () => {
    const right = times(6, () => seen(22, { pace: 1.2 }));
    const wrong = right.with(3, {
      ...right[3]!,
      readings: right[3]!.readings.map((one) =>
        'sign' in one && one.sign === 'peaked' ? { ...one, afterH: 2 * one.afterH } : one,
      ),
    });
    expect(Math.abs(Math.log(paceOf(learn(wrong)) / paceOf(learn(right))))).toBeLessThan(0.03);
    const early = right.with(0, { ...right[0]!, readings: [{ afterH: 3, height: 3 }] });
    expect(Math.abs(Math.log(paceOf(learn(early)) / 1.2))).toBeLessThan(0.06);
  });

  const [usual, quick] = [once(() => seen(22, {})), once(() => seen(22, { pace: 1.4 }))];
  const known = (n: number) => Array.from({ length: n }, usual);
  const changed = (n: number) => Array.from({ length: n }, quick);

  it('takes three feeds that are quicker for a change, and follows it from the first of them', () => {
    const { history } = learn([...known(5), ...changed(3)]);
    const paces = history.map(Math.exp);
    for (const pace of paces.slice(0, 5)) expect(Math.abs(pace - 1)).toBeLessThan(0.06);
    // Opened again, it comes most of the way with the first of them.
    expect(paces[5]).toBeGreaterThan(1.27);
    expect(paces[6]).toBeGreaterThan(1.32);
  });

  it('does not take one feed for a change, that may be a mood', () => {
    expect(paceOf(learn([...known(5), ...changed(1)]))).toBeLessThan(1.08);
  });

  it('knows of no change before the pace was known', () => {
    const { history } = learn([...known(3), ...changed(3)]);
    expect(Math.exp(history[3]!)).toBeLessThan(1.2);
  });

  it('tells how each peak had been foretold by those before it', () => {
    const { foretold } = learn(times(4, () => seen(22, { pace: 1.3 })));
    expect(foretold).toHaveLength(4);
    const [first, , , last] = foretold;
    const usual = watchedForecast(seen(22, { pace: 1.3 }), USUAL_PACE).peaksAtH!;
    // At first as of any starter, a quarter later than it came.
    expect(Math.abs(first!.expectedH / usual - 1)).toBeLessThan(0.06);
    expect(first!.seenH).toBeLessThan(0.85 * usual);
    expect(Math.abs(last!.expectedH / last!.seenH - 1)).toBeLessThan(0.05);
    for (const { low, expectedH, high } of foretold)
      expect(Math.log(high / expectedH)).toBeCloseTo(Math.log(expectedH / low), 9);
    expect(last!.high / last!.low).toBeLessThan(0.85 * (first!.high / first!.low));
    // A feed whose peak nobody saw is not told of.
    const unseen = seen(22, { pace: 1.3 });
    expect(
      learn([
        ...times(2, () => seen(22, { pace: 1.3 })),
        { ...unseen, readings: unseen.readings.slice(0, 2) },
      ]).foretold,
    ).toHaveLength(2);
  });

  it('is believed less of a starter that does as it likes, more of one that keeps to it', () => {
    const steady = learn(times(8, () => seen(22, { pace: 1 }))).belief.width;
    const wild = learn(times(8, (i) => seen(22, { pace: i % 2 ? 1.35 : 0.75 }))).belief.width;
    expect(steady).toBeLessThan(1);
    expect(steady).toBeGreaterThan(0.65);
    expect(wild).toBeGreaterThan(1.2);
    expect(wild).toBeLessThan(3);
  });

  it('by eye says less', () => {
    const eye = learn(times(3, () => seen(22, { pace: 1.3 }, { rough: true })));
    const plain = learn(times(3, () => seen(22, { pace: 1.3 })));
    expect(spreadOf(eye)).toBeGreaterThan(1.1 * spreadOf(plain));
    expect(paceOf(eye)).toBeGreaterThan(1.1);
  });
});

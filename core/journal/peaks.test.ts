import { type JarEvent } from './events';
import { seenPeaks } from './peaks';
import { someFeed, someStart, usualKitchen } from './someJar.testing';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * 3_600_000).toISOString();
const peaked = (hours: number): JarEvent => ({
  kind: 'looked',
  id: `peaked ${hours}`,
  jar: 'tern',
  at: iso(hours),
  sign: 'peaked',
});
const moved = (hours: number, place: string): JarEvent => ({
  kind: 'moved',
  id: `moved ${hours}`,
  jar: 'tern',
  at: iso(hours),
  place,
});
const START = someStart(iso(0));

describe('the peaks that were seen', () => {
  it('are counted from their feed, once each', () => {
    const peaks = seenPeaks(
      [
        START,
        someFeed('a', iso(1)),
        peaked(8),
        // Still up an hour later is no second peak.
        peaked(9),
        someFeed('b', iso(25)),
        someFeed('c', iso(49)),
        peaked(57.5),
      ],
      usualKitchen(),
    );
    expect(peaks.map(({ hours }) => hours)).toEqual([7, 8.5]);
    expect(peaks[1]!.fedAt).toBe(T0 + 49 * 3_600_000);
  });

  it('are those of a feed: not of what a jar began with, nor of days later', () => {
    expect(seenPeaks([START, peaked(3)], usualKitchen())).toEqual([]);
    expect(seenPeaks([START, someFeed('a', iso(1)), peaked(80)], usualKitchen())).toEqual([]);
  });

  it('know how warm it was where it stood, wherever it was moved', () => {
    const kitchen = usualKitchen();
    const [still] = seenPeaks([START, someFeed('a', iso(1)), peaked(9)], kitchen);
    const [carried] = seenPeaks(
      [START, someFeed('a', iso(1)), moved(5, 'fridge'), peaked(9)],
      kitchen,
    );
    const [cold] = seenPeaks(
      [START, moved(0.5, 'fridge'), someFeed('a', iso(1)), peaked(9)],
      kitchen,
    );
    expect(cold!.celsius).toBeLessThan(carried!.celsius);
    expect(carried!.celsius).toBeLessThan(still!.celsius);
    expect(carried!.celsius).toBeCloseTo((still!.celsius + cold!.celsius) / 2, 0);
  });
});

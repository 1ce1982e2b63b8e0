import { USUAL_PACE } from '../ferment';
import { usualPeaks } from './usualPeaks';

const CARD = {
  keepG: 20,
  ratio: { flour: 4, water: 4 },
  vessel: { emptyG: 300, capacityMl: 500 },
};

describe('the peaks of a usual feed', () => {
  it('come sooner where it is warmer', () => {
    const peaks = usualPeaks(CARD, { white: 1 }, USUAL_PACE, 16, 28);
    expect(peaks.map(([celsius]) => celsius)).toEqual(Array.from({ length: 13 }, (_, i) => 16 + i));
    const hours = peaks.map(([, h]) => h);
    expect(hours.toSorted((a, b) => b - a)).toEqual(hours);
  });

  it('come sooner of a quick starter, and later of a larger feed', () => {
    const at22 = (parts: number, pace: number) =>
      usualPeaks(
        { ...CARD, ratio: { flour: parts, water: parts } },
        { white: 1 },
        { ...USUAL_PACE, pace },
        22,
        23,
      )[0]![1];
    expect(at22(4, 1.3)).toBeLessThan(at22(4, 1));
    expect(at22(8, 1)).toBeGreaterThan(at22(4, 1));
  });

  it('are none where it sleeps', () => {
    expect(usualPeaks(CARD, { white: 1 }, USUAL_PACE, 2, 5)).toEqual([]);
  });
});

import { HOUR } from '@core/measure';
import { type Step } from '@core/plan';

import { putOff, skipped } from './putOff';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const step = (hours: number, over: Partial<Step> = {}): Step => {
  const at = NOW + hours * HOUR;
  return { at, earliest: at - HOUR, latest: at + HOUR, kind: 'feed', jar: 'grebe', ...over };
};
const steps = [step(2), step(14), step(15, { jar: 'dunlin' }), step(26)];

describe('a step that is not done as planned', () => {
  it('when skipped leaves its jar alone for the rest of the day, eight hours at least', () => {
    const evening = skipped(steps[0]!, steps, NOW, NOW + 5 * HOUR);
    expect(evening.from).toBeLessThan(steps[0]!.earliest);
    expect(evening.until).toBe(steps[0]!.at + 8 * HOUR);
    expect(evening.butAt).toBeNull();
    const morning = skipped(steps[1]!, steps, NOW, NOW + 29 * HOUR);
    expect(morning.from).toBeGreaterThan(steps[0]!.at);
    expect(morning.until).toBe(NOW + 29 * HOUR);
  });

  it('when skipped at once is not due any more', () => {
    const due = step(0.1, { earliest: NOW });
    const alone = skipped(due, [due, ...steps], NOW, NOW + 5 * HOUR);
    expect(alone.from).toBeLessThan(due.at);
  });

  it('when shifted has its jar to itself between the jar’s other steps', () => {
    const to = NOW + 18 * HOUR;
    const alone = putOff(steps[1]!, steps, NOW, to);
    expect(alone).toMatchObject({ jar: 'grebe', butAt: to });
    expect(alone.from).toBeGreaterThan(steps[0]!.at);
    expect(alone.until).toBeLessThan(steps[3]!.at);
    expect(alone.from).toBeLessThan(steps[1]!.at);
  });

  it('when shifted takes the walk along that belongs to it', () => {
    const put = { at: NOW + 15.5 * HOUR, place: 'fridge' };
    const feed = step(14, { then: put });
    const walk = step(15.5, { kind: 'move', place: 'fridge' });
    const alone = putOff(feed, [step(2), feed, walk, step(26)], NOW, NOW + 13 * HOUR);
    expect(alone.until).toBeGreaterThan(walk.at);
    expect(alone.until).toBeLessThan(NOW + 26 * HOUR);
    // Any other walk is a step of its own.
    const other = putOff(step(14), [step(2), step(14), walk, step(26)], NOW, NOW + 13 * HOUR);
    expect(other.until).toBeLessThan(walk.at);
  });

  it('is told from another of the same hour by its bake', () => {
    const takes = ['tins', 'rolls'].map((wanted) => step(14, { kind: 'take', wanted }));
    const shifted = putOff(takes[1]!, [...takes, step(26)], NOW, NOW + 16 * HOUR);
    expect(shifted.from).toBeGreaterThan(takes[0]!.at);
    expect(shifted.until).toBeGreaterThan(NOW + 25 * HOUR);
  });

  it('when shifted past its neighbours still holds its own moment', () => {
    for (const to of [NOW + HOUR, NOW + 30 * HOUR]) {
      const alone = putOff(steps[1]!, steps, NOW, to);
      expect(alone.from).toBeLessThan(to);
      expect(alone.until).toBeGreaterThan(to);
    }
  });
});

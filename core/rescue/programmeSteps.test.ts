import fc from 'fast-check';

import { HOUR } from '../measure';
import { programmeSteps } from './programmeSteps';

const feedsOf = fc
  .array(
    fc.record({
      waitH: fc.integer({ min: 2, max: 60 }),
      keepG: fc.integer({ min: 1, max: 60 }),
      flourG: fc.integer({ min: 1, max: 200 }),
      waterG: fc.integer({ min: 0, max: 200 }),
    }),
    { minLength: 1, maxLength: 20 },
  )
  .map((feeds) => {
    let at = 0;
    let massG = 0;
    return feeds.map(({ waitH, keepG, flourG, waterG }, i) => {
      const from = at;
      at += waitH * HOUR;
      // No more is kept than there is.
      const kept = i === 0 ? keepG : Math.min(keepG, massG);
      massG = kept + flourG + waterG;
      return { at: from, until: at, keepG: kept, flourG, waterG, doublesH: null, heights: [] };
    });
  });

describe('the feeds of a programme as steps', () => {
  it('close to the gram: what stood there is kept or comes out', () => {
    fc.assert(
      fc.property(feedsOf, fc.integer({ min: 60, max: 500 }), (feeds, massG) => {
        let stands = massG;
        for (const step of programmeSteps({ id: 'skua', massG }, { feeds }, 'oven')) {
          expect(step.keepG! + step.discardG!).toBe(stands);
          stands = step.keepG! + step.flourG! + step.waterG!;
        }
      }),
    );
  });

  it('stay in order: one is done before the next is due', () => {
    fc.assert(
      fc.property(feedsOf, (feeds) => {
        const steps = programmeSteps({ id: 'skua', massG: 100 }, { feeds }, 'oven');
        expect(steps).toHaveLength(feeds.length);
        steps.forEach((step, i) => {
          expect(step.earliest).toBeLessThanOrEqual(step.at);
          expect(step.latest).toBeGreaterThanOrEqual(step.at);
          expect(step.latest).toBeLessThan(steps[i + 1]?.at ?? Infinity);
        });
      }),
    );
  });
});

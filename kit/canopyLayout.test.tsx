import fc from 'fast-check';

import { canopyLayout, hourLabels } from './canopyLayout';

/** A dome that is as high as a full rise from some hours to others. */
const domeOf = (from: number, until: number) =>
  Array.from({ length: 97 }, (_, i) => i / 4).map((hours) => {
    const height = hours < from ? 1 + (hours / from) * 0.9 : hours > until ? 1.2 : 2.4;
    return { hours, height, low: height, high: height };
  });

describe('the name of a full rise', () => {
  const DOUBLED = { height: 2, name: 'doubled' };
  const NAME_WIDTH = 120;

  it.each([
    ['a dome in the middle', 10, 16],
    ['a dome to the end', 10, 24],
    ['an early dome', 1, 8],
  ])('is crossed by the line of now in no hour of %s', (_, from, until) => {
    for (const width of [358, 520])
      for (let hours = 0; hours < from; hours += 0.25) {
        const given = { points: domeOf(from, until), looks: [], fullRise: DOUBLED, until: 24 };
        const { placeOf, nowX } = canopyLayout(
          { ...given, now: { hours } },
          { width, height: 236 },
        );
        const { x, textAnchor } = placeOf(DOUBLED.height);
        const [begins, ends] = textAnchor === 'start' ? [x, x + NAME_WIDTH] : [x - NAME_WIDTH, x];
        const room = nowX + NAME_WIDTH + 6 < (from / 24) * width || until < 12;
        if (room) expect(nowX > begins && nowX < ends).toBe(false);
        expect(begins).toBeGreaterThanOrEqual(0);
        expect(ends).toBeLessThanOrEqual(width);
      }
  });
});

describe('the hours along the bottom', () => {
  /** A letter or figure of the type is never wider than this, of its size. */
  const WIDEST = 0.56;

  it('neither touch each other nor leave the chart, on either clock', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 260, max: 700 }),
        fc.integer({ min: 12, max: 17 }),
        fc.integer({ min: 4, max: 60 }),
        fc.constantFrom('21:00', '12:00 am', '28 Mar'),
        (width, size, until, text) => {
          const ticks = Array.from({ length: Math.floor(until / 3) + 1 }, (_, i) => ({
            hours: 3 * i,
            text,
          }));
          const shown = hourLabels(
            ticks,
            (hours) => 6 + (hours / until) * (width - 12),
            width,
            size,
          );
          const half = (text.length * WIDEST * size) / 2;
          expect(shown[0]!.middle - half).toBeGreaterThanOrEqual(0);
          expect(shown.at(-1)!.middle + half).toBeLessThanOrEqual(width);
          for (const [i, { middle }] of shown.slice(1).entries())
            expect(middle - half).toBeGreaterThan(shown[i]!.middle + half);
        },
      ),
    );
  });
});

import { type TubEvent } from '@core/journal';
import { type Blend, DAY, type Instant } from '@core/measure';

/** The household's own blend, weighed together every other week, from which Grebe is fed. */
export const HARBOUR_FLOUR: Blend = { white: 0.8, wholeWheat: 0.2 };
export const HARBOUR_TUB = 'demo-tub';

const EVERY_WEEKS = 2;

/** Five kilograms to begin with, and a bag and a half every other week. */
export function harbourTub(now: Instant, weeks: number): readonly TubEvent[] {
  const fillings = Array.from({ length: Math.floor(weeks / EVERY_WEEKS) }, (_, i) => i);
  return fillings.map((i) => {
    const at = now - (weeks - i * EVERY_WEEKS) * 7 * DAY - 5 * DAY;
    return {
      kind: 'stocked',
      id: `demo-tub-${i}`,
      at: new Date(at).toISOString(),
      tub: HARBOUR_TUB,
      name: 'Harbour blend',
      flour: HARBOUR_FLOUR,
      grams: i === 0 ? 2000 : 1350,
      lowG: 400,
      pricePerKg: 1.3,
      useBy: new Date(at + 240 * DAY).toISOString().slice(0, 10),
    };
  });
}

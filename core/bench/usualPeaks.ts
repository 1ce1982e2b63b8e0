import { type Pace, type Vessel, feed, forecast, keepOf, starterIn } from '../ferment';
import { type Blend } from '../measure';
import { type FeedRecipe, amountsAfter } from './weighing';

/** A peak later than this is none, hours. */
const LATEST = 48;

/**
 * Hours until a usual feed on ripe starter stands highest, degree by degree: pairs of warmth, °C, and hours, from cool to
 * warm. Where it does not peak within two days there is none.
 *
 * @param card the usual feed and the jar it stands in
 * @example usualPeaks(card, { white: 1 }, USUAL_PACE, 18, 28) // e.g. [[18, 10.5], …, [28, 4]]
 */
export function usualPeaks(
  card: FeedRecipe & { readonly vessel: Vessel },
  flour: Blend,
  pace: Pace,
  from: number,
  until: number,
): readonly (readonly [celsius: number, hours: number])[] {
  const { keepG, flourG, waterG } = amountsAfter(card, {});
  const ripe = starterIn('ripe', flour, (100 * card.ratio.water) / card.ratio.flour, keepG);
  const steps = Math.max(1, Math.ceil(until - from));
  return Array.from({ length: steps + 1 }, (_, i) => from + ((until - from) * i) / steps).flatMap(
    (celsius) => {
      const mixed = feed(keepOf({ ...ripe, celsius }, keepG), { keepG, flourG, waterG, flour });
      const { peaksAtH } = forecast(
        mixed,
        { air: () => celsius, vessel: card.vessel, pace },
        LATEST,
      );
      return peaksAtH === null ? [] : [[celsius, peaksAtH] as const];
    },
  );
}

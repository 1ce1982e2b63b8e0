import { type Conditions, type Forecast, type Mix, feed, forecast } from '../ferment';
import { type Blend } from '../measure';
import { type Ratio, USUAL_PARTS } from './ratio';

/** A ratio and what comes of it. */
export interface RatioChoice {
  readonly ratio: Ratio;
  readonly forecast: Forecast;
}

/**
 * The usual ratio whose ripe window, by the model, holds a wanted hour with most to spare. A window that misses it counts
 * by how far. Amounts of water follow the hydration asked for.
 *
 * @param wantedH hours from the feed to the hour at which it should be ripe
 * @returns null when no ratio ripens at all
 * @example ratioForTime(mix, 20, 100, { white: 1 }, conditions, 9)?.ratio
 */
export function ratioForTime(
  mix: Mix,
  keepG: number,
  feedHydrationPct: number,
  flour: Blend,
  conditions: Conditions,
  wantedH: number,
): RatioChoice | null {
  let best: { choice: RatioChoice; slack: number } | null = null;
  for (const parts of USUAL_PARTS) {
    const ratio = { flour: parts, water: (parts * feedHydrationPct) / 100 };
    const fed = feed(mix, {
      keepG,
      flourG: keepG * ratio.flour,
      waterG: keepG * ratio.water,
      flour,
    });
    const outcome = forecast(fed, conditions, Math.max(24, wantedH * 2));
    const { ripeFromH, ripeUntilH } = outcome;
    if (ripeFromH === null || ripeUntilH === null) continue;
    const slack = Math.min(wantedH - ripeFromH, ripeUntilH - wantedH);
    if (!best || slack > best.slack) best = { choice: { ratio, forecast: outcome }, slack };
  }
  return best?.choice ?? null;
}

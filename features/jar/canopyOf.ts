import { type Standing } from '@core/journal';
import { HOUR } from '@core/measure';
import { type CanopyProps } from '@kit';

import { type KitchenWords, fullRiseMark } from '../words';

/** The hours a canopy spans: to the end of what matters, and always past now. */
function spanOf({ outlook, hours }: Standing): number {
  const { ripeUntilH, peaksAtH } = outlook.forecast;
  const end = ripeUntilH ?? (peaksAtH === null ? 0 : peaksAtH * 1.3);
  const last = outlook.forecast.curve[outlook.forecast.curve.length - 1]!.hours;
  return Math.min(last, Math.max(12, end * 1.35, hours * 1.12));
}

/** Distances between the ribs, hours: the first that leaves at most six of them. */
const RIBS = [2, 3, 4, 6, 12, 24, 48, 96, 168, 336, 672, 1344];

/** What the canopy of a jar's present feed shows. */
export function canopyOf(standing: Standing, words: KitchenWords): Omit<CanopyProps, 'label'> {
  const { jar, outlook, hours } = standing;
  const until = spanOf(standing);
  const { curve, ripeFromH, ripeUntilH } = outlook.forecast;
  const apart = RIBS.find((step) => until / step <= 6) ?? 2688;
  const first = firstWhole(jar.since, apart, words);
  const ticks = [];
  for (let h = first; h < until; h += apart) {
    const at = jar.since + h * HOUR;
    ticks.push({ hours: h, text: apart < 24 ? words.time(at) : words.chartDate(at) });
  }
  return {
    points: curve.map((moment, i) => ({ ...moment, ...outlook.heights[i]! })),
    ripe: ripeFromH === null ? null : { from: ripeFromH, until: ripeUntilH ?? until },
    looks: jar.looks
      .filter((look) => look.height !== undefined)
      .map((look) => ({
        hours: (Date.parse(look.at) - jar.since) / HOUR,
        height: look.height!,
      })),
    fullRise: fullRiseMark(jar.fedMix.flour),
    now: { hours, text: `${words.time(standing.now)} now` },
    ticks,
    until,
  };
}

/** Hours to the first local hour that is a multiple of the distance between ribs. */
function firstWhole(since: number, apart: number, words: KitchenWords): number {
  const local = Date.parse(`${words.fieldText(since)}:00Z`);
  const unit = Math.min(24, apart) * HOUR;
  const ahead = Math.ceil(local / unit) * unit - local;
  return ahead / HOUR;
}

import { type Conditions, type Mix, forecast, simulate, stir } from '../ferment';

/** What a stir does to a mix that would climb out of its jar. */
export interface StirredDown {
  /** Hours from the feed at which it nears the rim and is stirred. */
  readonly atH: number;
  /** How high it rises after that, against the band, and when. Null when it rises no more within the time looked at. */
  readonly peakHeight: number;
  readonly peaksAtH: number | null;
}

/** Stirred a little before it reaches the rim, as a share of the height there. */
const BEFORE_THE_RIM = 0.92;
const STEP_H = 0.25;

/**
 * Stirs a mix down when it nears the rim: its gas is gone, its food is not, so that it rises again, mostly lower.
 *
 * @param rimHeight height of the rim against the band
 * @param hours how far to look, from the feed
 * @returns null when it never comes near the rim
 * @example stirDown(mix, conditions, 2.6, 24)?.atH
 */
export function stirDown(
  mix: Mix,
  conditions: Conditions,
  rimHeight: number,
  hours: number,
): StirredDown | null {
  const { curve } = forecast(mix, conditions, hours);
  const near = curve.find(({ height }) => height >= BEFORE_THE_RIM * rimHeight);
  if (!near) return null;
  const atH = Math.round(near.hours / STEP_H) * STEP_H;
  const stirred = stir(simulate(mix, conditions, atH));
  const later = { ...conditions, air: (h: number) => conditions.air(atH + h) };
  const { peakHeight, peaksAtH } = forecast(stirred, later, hours - atH);
  return { atH, peakHeight, peaksAtH: peaksAtH === null ? null : atH + peaksAtH };
}

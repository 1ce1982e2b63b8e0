import { type Conditions, type Mix, forecast, simulate, stir } from '../ferment';

/** What stirring does to a mix that would climb out of its jar. */
export interface StirredDown {
  /** Hours from the feed at which it nears the rim, and is stirred. */
  readonly atH: readonly number[];
  /** How high it rises after the last of them, against the band: below the rim. */
  readonly peakHeight: number;
  /** When; null when it rises no more within the time looked at. */
  readonly peaksAtH: number | null;
}

/** Stirred a little before it reaches the rim, as a share of the height there. */
const BEFORE_THE_RIM = 0.92;
const STEP_H = 0.25;
/** Nobody stirs oftener for a jar that is too small. */
const MOST_STIRS = 2;

/**
 * Stirs a mix down whenever it nears the rim: its gas is gone, its food is not, so that it rises again, mostly lower.
 *
 * @param rimHeight height of the rim against the band
 * @param hours how far to look, from the feed
 * @returns null when it never comes near the rim, and when it climbs out all the same
 * @example stirDown(mix, conditions, 2.6, 24)?.atH
 */
export function stirDown(
  mix: Mix,
  conditions: Conditions,
  rimHeight: number,
  hours: number,
): StirredDown | null {
  const atH: number[] = [];
  let [now, fromH] = [mix, 0];
  for (;;) {
    const goneBy = fromH;
    const later = { ...conditions, air: (h: number) => conditions.air(goneBy + h) };
    const { curve, peakHeight, peaksAtH } = forecast(now, later, hours - goneBy);
    const near = curve.find(({ height }) => height >= BEFORE_THE_RIM * rimHeight);
    if (!near && atH.length === 0) return null;
    if (!near || (atH.length > 0 && peakHeight <= rimHeight))
      return { atH, peakHeight, peaksAtH: peaksAtH === null ? null : fromH + peaksAtH };
    if (atH.length === MOST_STIRS) return null;
    const restH = Math.max(STEP_H, Math.round(near.hours / STEP_H) * STEP_H);
    now = stir(simulate(now, later, restH));
    fromH += restH;
    atH.push(fromH);
  }
}

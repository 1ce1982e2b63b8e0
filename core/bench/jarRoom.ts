import { type Vessel } from '../ferment';
import { freshDensity } from '../measure';

/** How a mix fits its jar. */
export interface JarRoom {
  /** Volume of the fresh mix over the jar's. */
  readonly filled: number;
  /** The same at the expected peak. */
  readonly filledAtPeak: number;
  readonly verdict: 'fine' | 'tight' | 'overflows';
}

/** Fill at most a third; above a half, or if the peak passes the brim, it climbs out. */
export function jarRoom(
  vessel: Vessel,
  massG: number,
  hydrationPct: number,
  peakHeight: number,
): JarRoom {
  const filled = filledShare(vessel, massG, hydrationPct);
  const filledAtPeak = filledShare(vessel, massG, hydrationPct, Math.max(1, peakHeight));
  return {
    filled,
    filledAtPeak,
    verdict:
      filledAtPeak > 1 || filled > 0.5
        ? 'overflows'
        : filledAtPeak > 0.9 || filled > 0.4
          ? 'tight'
          : 'fine',
  };
}

/** Share of a jar that a mix takes, risen to a height against the band; above 1 it climbs out. */
export const filledShare = (
  vessel: Vessel,
  massG: number,
  hydrationPct: number,
  height = 1,
): number => (massG / freshDensity(hydrationPct) / vessel.capacityMl) * height;

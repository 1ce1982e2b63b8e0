import { type Vessel } from '../ferment';
import { freshDensity } from '../measure';

/** How a mix fits its jar. */
export interface JarRoom {
  /** Volume of the fresh mix over the jar's. */
  readonly filled: number;
  /** The same at the expected peak. */
  readonly filledAtPeak: number;
  /** `tight` may climb out, `overflows` will. */
  readonly verdict: 'fine' | 'tight' | 'overflows';
}

/** How near the rim an expected peak may come before it is said: no peak is foretold closer than that. */
const NEAR_THE_RIM = 0.88;
/** Fill at most a third. */
const MUCH = 0.4;

/**
 * Whether a jar holds a mix at its peak.
 *
 * @example jarRoom({ emptyG: 300, capacityMl: 750 }, 100, 100, 2.5).verdict // = 'fine'
 */
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
      filledAtPeak > 1
        ? 'overflows'
        : filledAtPeak > NEAR_THE_RIM || filled > MUCH
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

import { freshDensity } from '../measure';
import { MODEL } from './constants';
import { mixHeat } from './mix';

/**
 * A jar: what it weighs empty, in grams, and what it holds to the brim, in millilitres. `taper` is the width of its floor
 * over that of its mouth; straight when not given.
 */
export interface Vessel {
  readonly emptyG: number;
  readonly capacityMl: number;
  readonly taper?: number;
}

/**
 * A jar of the usual proportions in which a mix of this mass fills a quarter.
 *
 * @example usualVessel(100, 100).capacityMl > 300 // = true
 */
export function usualVessel(massG: number, hydrationPct: number): Vessel {
  const capacityMl = Math.max(200, (4 * massG) / freshDensity(hydrationPct));
  return { capacityMl, emptyG: 0.55 * capacityMl };
}

/**
 * Hours in which a jar closes all but 1/e of the gap to the temperature of its place (Newton's law of cooling): the heat
 * held by mix and glass over the flow through the wall of a cylinder as high as it is wide.
 *
 * @example jarTimeConstant({ emptyG: 300, capacityMl: 750 }, 200, 100) > jarTimeConstant({ emptyG: 300, capacityMl: 750 }, 100, 100) // = true
 */
export function jarTimeConstant(vessel: Vessel, massG: number, hydrationPct: number): number {
  const heat = massG * mixHeat(hydrationPct) + vessel.emptyG * MODEL.glassHeat;
  const wallM2 = 5.54e-4 * Math.cbrt(vessel.capacityMl) ** 2;
  return heat / (MODEL.jarHeatFlow * wallM2) / 3600;
}

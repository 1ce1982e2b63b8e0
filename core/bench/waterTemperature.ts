import { MODEL, mixHeat } from '../ferment';

/** Hotter water harms the cells it touches. */
const HOTTEST_WATER_CELSIUS = 40;

/** The parts of a mix and the temperatures they come with, grams and °C. */
export interface PartsToWarm {
  readonly keepG: number;
  readonly keepHydrationPct: number;
  readonly keepCelsius: number;
  readonly flourG: number;
  readonly flourCelsius: number;
  readonly waterG: number;
}

/**
 * Water temperature, °C, for a wanted temperature of the mix: the mix is the mean of its parts weighted by heat.
 * Held between 1 and 40 °C; `reached` is then the temperature the mix really comes to.
 *
 * @example waterFor({ keepG: 20, keepHydrationPct: 100, keepCelsius: 20, flourG: 40, flourCelsius: 20, waterG: 40 }, 20) // = { celsius: 20, reached: 20 }
 */
export function waterFor(
  parts: PartsToWarm,
  wantedCelsius: number,
): { readonly celsius: number; readonly reached: number } {
  const keep = parts.keepG * mixHeat(parts.keepHydrationPct);
  const flour = parts.flourG * MODEL.flourHeat;
  const water = parts.waterG * MODEL.waterHeat;
  const total = keep + flour + water;
  const others = keep * parts.keepCelsius + flour * parts.flourCelsius;
  if (water <= 0)
    return { celsius: wantedCelsius, reached: total > 0 ? others / total : wantedCelsius };
  const needed = (total * wantedCelsius - others) / water;
  const celsius = Math.min(HOTTEST_WATER_CELSIUS, Math.max(1, needed));
  return { celsius, reached: (others + water * celsius) / total };
}

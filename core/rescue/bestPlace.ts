import { type Place, celsiusAt } from '../ferment';
import { type Programme } from './programmes';

const HOURS = [0, 3, 6, 9, 12, 15, 18, 21];

/** Mean temperature of a place over the day, °C. */
const meanCelsius = ({ temperature }: Place): number =>
  HOURS.reduce((sum, hour) => sum + celsiusAt(temperature, hour), 0) / HOURS.length;

/** A few degrees below what is best is no reason to move, °C. */
const GOOD_ENOUGH = 2;

/**
 * The place where a programme should go on: where the jar stands if that is nearly warm enough, else the place nearest to
 * what is best. Undefined in a kitchen without places.
 *
 * @example bestPlace({ warmth: [24, 28] }, [], undefined) // = undefined
 */
export function bestPlace(
  { warmth: [low, high] }: Programme,
  places: readonly Place[],
  here: string | undefined,
): Place | undefined {
  const off = (place: Place) => {
    const mean = meanCelsius(place);
    return mean < low ? low - mean : Math.max(0, mean - high);
  };
  const standing = places.find(({ id }) => id === here);
  if (standing && off(standing) <= GOOD_ENOUGH) return standing;
  return [...places].sort((a, b) => off(a) - off(b))[0];
}

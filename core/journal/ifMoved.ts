import { type Forecast, forecast } from '../ferment';
import { type Instant } from '../measure';
import { type FoldContext, type Jar, conditionsOf } from './fold';

/**
 * What becomes of a jar's present feed if it is put into another place at an instant, and stays there.
 *
 * @param hours how far to look, from the setting of the band
 * @example ifMoved(jar, 'fridge', now, context, 72).ripeUntilH
 */
export function ifMoved(
  { coming: _, ...jar }: Jar,
  place: string,
  at: Instant,
  context: FoldContext,
  hours: number,
): Forecast {
  const stays = [...jar.stays.filter(({ from }) => from < at), { from: at, place }];
  return forecast(jar.fedMix, conditionsOf({ ...jar, stays }, context), hours);
}

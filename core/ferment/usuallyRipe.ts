import { type Blend } from '../measure';
import { starterIn } from './condition';
import { forecast } from './forecast';
import { feed } from './mix';
import { type Pace } from './pace';
import { usualVessel } from './vessel';

/** Hours that are looked at: a lean feed of a slow starter takes a day. */
const LOOK_AHEAD = 60;

/** A feed as a card has it, grams. */
export interface UsualFeed {
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly flour: Blend;
}

/**
 * Hours from a feed to the beginning of its ripe stretch, for a healthy starter that was fed the day before: what may be
 * promised of it, however it stands at the moment. Null where such a feed is not ripe within two days and a half.
 *
 * @param celsius of the place it stands in
 * @example usuallyRipeH({ keepG: 20, flourG: 80, waterG: 80, flour: { white: 1 } }, USUAL_PACE, 22) // about 10
 */
export function usuallyRipeH(usual: UsualFeed, pace: Pace, celsius: number): number | null {
  const hydrationPct = (100 * usual.waterG) / usual.flourG;
  const fed = feed(starterIn('hungry', usual.flour, hydrationPct, usual.keepG), usual);
  const vessel = usualVessel(fed.massG, hydrationPct);
  return forecast(fed, { air: () => celsius, vessel, pace }, LOOK_AHEAD).ripeFromH;
}

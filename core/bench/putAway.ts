import { growthRate } from '../ferment';

/** What most keepers say, hours, and the kitchen they say it of, °C. */
const USUAL_H = 1.5;
const USUAL_CELSIUS = 21.5;

/** Hours out in the kitchen that can be chosen before the cold; 0 is at once. */
export const OUT_BEFORE_COLD_H = [0, 1, 1.5, 2, 3] as const;

/**
 * How long a fed jar stands out before it goes into the cold, hours: an hour and a half in a usual kitchen, an hour in a warm
 * one, two where it is cool. It then goes to sleep neither hungry nor stone cold and just fed.
 *
 * @param celsius of the kitchen
 * @param school what the baker does always; null to go by the warmth
 * @example outBeforeCold(21, null) // 1.5
 */
export function outBeforeCold(celsius: number, school: number | null): number {
  if (school !== null) return school;
  const asWarm = USUAL_H * (growthRate('yeast', USUAL_CELSIUS) / growthRate('yeast', celsius));
  return Math.min(2, Math.max(1, Math.round(2 * asWarm) / 2));
}

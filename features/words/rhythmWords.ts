import { type Rhythm } from '@core/journal';

import { type KitchenWords } from './kitchenWords';

/** A sentence begins so. */
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** "every 12 h", "every Sunday about 10:00": a rhythm as it is said. */
export function rhythmWords({ everyH, at, on, buildUp = 0 }: Rhythm, words: KitchenWords): string {
  const often =
    everyH === null
      ? 'only before a bake'
      : everyH === 24
        ? 'every day'
        : everyH === 48
          ? 'every other day'
          : everyH === 7 * 24
            ? on === undefined
              ? 'every week'
              : `every ${WEEKDAYS[on]}`
            : everyH >= 28 * 24 && everyH <= 31 * 24
              ? 'every month'
              : everyH % 24 === 0
                ? `every ${everyH / 24} days`
                : `every ${everyH} h`;
  return [
    at === undefined || everyH === null ? often : `${often} about ${words.hour(at)}`,
    buildUp > 0 && `${buildUp} ${buildUp === 1 ? 'feed' : 'feeds'} in a row before a bake`,
  ]
    .filter(Boolean)
    .join(', ');
}

export const WEEKDAYS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

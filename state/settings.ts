import { type Settings } from '@core/journal';

import { deviceLanguage } from './platform';

/** Settings as the baker's own locale suggests them. */
export function usualSettings(locale: string): Settings {
  const american = /-(US|LR|MM)\b/.test(locale);
  const clock = new Intl.DateTimeFormat(locale, { hour: 'numeric' }).resolvedOptions().hour12;
  return {
    theme: 'system',
    temperature: american ? 'fahrenheit' : 'celsius',
    ounces: american,
    cups: false,
    clock: clock ? '12' : '24',
    dates: orderOf(locale),
    parts: 4,
    hydrationPct: 100,
    order: 'waterFirst',
    weighing: 'tare',
    levainIn: 'jar',
    outBeforeColdH: null,
    afterSlip: 'follows',
    water: 'tap',
    cleanJar: 'weeks',
    discardJarMl: 1000,
    reminders: 'ask',
    calendarAlarms: true,
    strongFeeds: 0,
    flourAtHandG: null,
    currency: '',
    copyFrom: null,
  };
}

/** The order that a locale writes a day in. */
function orderOf(locale: string): Settings['dates'] {
  const [first] = new Intl.DateTimeFormat(locale)
    .formatToParts(0)
    .filter(({ type }) => type !== 'literal');
  return first?.type === 'year' ? 'yearFirst' : first?.type === 'month' ? 'monthFirst' : 'dayFirst';
}

/** What a kitchen begins with that has settled nothing yet. */
export const USUAL_SETTINGS = usualSettings(deviceLanguage());

import { format, isValid, parse } from 'date-fns';

import { type DateStyle } from './dateStyle';

/** How days are typed, in each order; read strictly, so that a day that does not exist is none. */
const DAYS: Readonly<Record<DateStyle['order'], readonly string[]>> = {
  dayFirst: ['d/M/yyyy', 'd/M/yy', 'd/M', 'd MMM yyyy', 'd MMM', 'd MMMM yyyy', 'd MMMM'],
  monthFirst: [
    'M/d/yyyy',
    'M/d/yy',
    'M/d',
    'MMM d yyyy',
    'MMM d',
    'MMMM d yyyy',
    'MMMM d',
    'd MMM yyyy',
    'd MMM',
    'd MMMM yyyy',
    'd MMMM',
  ],
  yearFirst: ['yyyy/M/d', 'M/d', 'd MMM yyyy', 'd MMM', 'd MMMM yyyy', 'd MMMM'],
};
const TIMES = ['H:mm', 'h:mm a', 'h:mma', 'h a', 'ha', 'H'];
/** As it is kept, and as it comes from elsewhere: read in every kitchen. */
const KEPT = /^(\d{4}-\d{1,2}-\d{1,2})(?:[T\s]+(\d{1,2}:\d{2}))?$/;

/** What was typed, as it is kept; or why it is none. */
export type ReadDate =
  | { readonly text: string; readonly problem?: undefined }
  | { readonly text?: undefined; readonly problem: 'noSuchDay' | 'noTime' | 'unread' };

/**
 * Reads a day, with an hour where one is asked for, as a baker of this kitchen types it: `13/3/2026 18:20`, `13 Mar 6.20 pm`,
 * `today 7:00`. Without a year it is the one nearest to today.
 *
 * @returns `2026-03-13T18:20` or `2026-03-13`; a day that does not exist is refused, never moved to one that does
 */
export function readDate(typed: string, withTime: boolean, style: DateStyle): ReadDate {
  const clean = typed
    .trim()
    .replace(/\u202f|\u00a0/g, ' ')
    .replace(/,/g, ' ')
    .replace(/\s+/g, ' ');
  const kept = KEPT.exec(clean);
  const [dayText, timeText] = kept ? [kept[1]!, kept[2] ?? ''] : parted(clean, withTime);
  const day = kept ? valid(dayText, ['yyyy-M-d']) : readDay(dayText, style);
  if (!day) return { problem: looksLikeADay(dayText) ? 'noSuchDay' : 'unread' };
  const date = format(day, 'yyyy-MM-dd');
  if (!withTime) return { text: date };
  if (timeText === '') return { problem: 'noTime' };
  const time = valid(timeText.replace('.', ':'), TIMES);
  return time ? { text: `${date}T${format(time, 'HH:mm')}` } : { problem: 'unread' };
}

/** The day and the time of what was typed: the time is what comes last. */
function parted(text: string, withTime: boolean): readonly [string, string] {
  if (!withTime) return [text, ''];
  const found = /^(.*?)\s+(\d{1,2}(?:[:.]\d{2})?\s?(?:am|pm)?)$/i.exec(text);
  return found && readableDay(found[1]!) ? [found[1]!, found[2]!] : [text, ''];
}

/** "13 Mar" before "2026" would be a day, and so is "today". */
const readableDay = (text: string): boolean =>
  /^(today|tomorrow|yesterday)$/i.test(text) || looksLikeADay(text);

const looksLikeADay = (text: string): boolean =>
  /^\d{1,4}([/.-]\d{1,4}){1,2}\.?$/.test(text) ||
  /^(\d{1,2}\.? [a-z]{3,9}|[a-z]{3,9} \d{1,2})( \d{4})?$/i.test(text);

const AHEAD: Readonly<Record<string, number>> = { yesterday: -1, today: 0, tomorrow: 1 };

function readDay(text: string, style: DateStyle): Date | null {
  const today = parse(style.today, 'yyyy-MM-dd', new Date());
  const ahead = AHEAD[text.toLowerCase()];
  if (ahead !== undefined)
    return new Date(today.getFullYear(), today.getMonth(), today.getDate() + ahead);
  const plain = text.replace(/[.-]/g, '/').replace(/\/$/, '');
  const day = valid(plain, DAYS[style.order], today);
  if (!day || /\d{4}|\/\d+\//.test(plain)) return day;
  return nearest(day, today);
}

/** The year is left out for days around today: at Christmas, the third of January is the one to come. */
function nearest(day: Date, today: Date): Date {
  const years = [-1, 0, 1].map(
    (by) => new Date(today.getFullYear() + by, day.getMonth(), day.getDate()),
  );
  const far = (one: Date) => Math.abs(one.getTime() - today.getTime());
  return years
    .filter((one) => one.getDate() === day.getDate())
    .reduce((best, one) => (far(one) < far(best) ? one : best), day);
}

function valid(
  text: string,
  forms: readonly string[],
  around: Date = new Date(2000, 0, 1),
): Date | null {
  for (const form of forms) {
    const read = parse(text, form, around);
    if (isValid(read) && read.getFullYear() >= 1900) return read;
  }
  return null;
}

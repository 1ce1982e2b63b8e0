import { createContext, useContext } from 'react';

/** How a kitchen writes days and hours. */
export interface DateStyle {
  readonly order: 'dayFirst' | 'monthFirst' | 'yearFirst';
  readonly clock: '24' | '12';
  /** Its day today, `2026-03-13`. */
  readonly today: string;
}

export const DateStyleContext = createContext<DateStyle>({
  order: 'dayFirst',
  clock: '24',
  today: '2000-01-01',
});

export const useDateStyle = (): DateStyle => useContext(DateStyleContext);

const WRITTEN = /^(\d{4})-(\d\d)-(\d\d)(?:T(\d\d):(\d\d))?$/;

/**
 * A day, with its hour if there is one, as this kitchen writes it: `13/03/2026 18:20` for `2026-03-13T18:20`. What is no day
 * is left as it was typed.
 */
export function written(text: string, { order, clock }: DateStyle): string {
  const found = WRITTEN.exec(text);
  if (!found) return text;
  const [, year, month, day, hour, minute] = found;
  const date = {
    dayFirst: `${day}/${month}/${year}`,
    monthFirst: `${month}/${day}/${year}`,
    yearFirst: `${year}-${month}-${day}`,
  }[order];
  if (hour === undefined) return date;
  const hours = Number(hour);
  const time =
    clock === '24'
      ? `${hour}:${minute}`
      : `${hours % 12 || 12}:${minute} ${hours < 12 ? 'am' : 'pm'}`;
  return `${date} ${time}`;
}

/** Whether a text is a real day, or a day and a time, as it is kept. */
export function isKept(text: string, withTime: boolean): boolean {
  if (!WRITTEN.test(text) || text.includes('T') !== withTime) return false;
  const whole = withTime ? text : `${text}T00:00`;
  const instant = Date.parse(`${whole}Z`);
  return !Number.isNaN(instant) && new Date(instant).toISOString().startsWith(whole);
}

/** What a field shows that nothing stands in yet: the order of its parts, and nothing that looks like a day. */
export const dateParts = (withTime: boolean, { order }: DateStyle): string => {
  const date = {
    dayFirst: 'day/month/year',
    monthFirst: 'month/day/year',
    yearFirst: 'year-month-day',
  }[order];
  return withTime ? `${date} time` : date;
};

/** How a day is to be typed, said where one could not be read. */
export const dateExample = (withTime: boolean, style: DateStyle): string =>
  written(withTime ? '2026-01-31T07:30' : '2026-01-31', style);

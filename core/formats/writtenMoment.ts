import { isValid, parse } from 'date-fns';

/** In which order a file gives the parts of a day. */
export type DayOrder = 'dayFirst' | 'monthFirst' | 'yearFirst';
export const DAY_ORDERS: readonly DayOrder[] = ['dayFirst', 'monthFirst', 'yearFirst'];

/** An instant, or a time by the clock on the wall, as if that were UTC; milliseconds. */
export type WrittenMoment =
  | { readonly instant: number; readonly local?: undefined }
  | { readonly local: number; readonly instant?: undefined };

const NAMED = ['d MMM yyyy', 'd MMMM yyyy', 'MMM d yyyy', 'MMMM d yyyy', 'd MMM yy'];
const FORMS: Readonly<Record<DayOrder, readonly string[]>> = {
  dayFirst: ['d/M/yyyy', 'd/M/yy', 'yyyy/M/d', ...NAMED],
  monthFirst: ['M/d/yyyy', 'M/d/yy', 'yyyy/M/d', ...NAMED],
  yearFirst: ['yyyy/M/d', 'yy/M/d', ...NAMED],
};
const TIMES = ['H:mm', 'H:mm:ss', 'h:mm a', 'h:mm:ss a'];

/** What may stand before a time: `2026-03-13 18:20`, `2026-03-13T18:20:05.000`, `13/03/2026, 6:20 pm`. */
const PARTS = /^(.*?)[T\s,]+(\d{1,2}[:.]\d{2}(?:[:.]\d{2})?)(?:[.,]\d+)?\s*([ap])?\.?(?:m\.?)?$/i;
const WITH_OFFSET = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)$/;

/** Reads moments of one file; what was read once is remembered, for a log has few days and many lines. */
export interface MomentReader {
  /** Null for what is none. */
  read(day: string, time?: string): WrittenMoment | null;
}

/**
 * Moments as a file has them, in a given order of the parts of a day. A day that does not exist is none.
 *
 * @example momentReader('dayFirst').read('13.03.2026 18:20') // { local: Date.UTC(2026, 2, 13, 18, 20) }
 */
export function momentReader(order: DayOrder): MomentReader {
  const days = new Map<string, number>();
  const times = new Map<string, number>();
  const remembered = (known: Map<string, number>, text: string, read: () => number): number => {
    const before = known.get(text);
    if (before !== undefined) return before;
    const found = read();
    if (known.size < 100_000) known.set(text, found);
    return found;
  };
  const dayOf = (text: string) =>
    remembered(days, text, () => {
      const plain = text.replace(/[.,-]/g, '/').replace(/\/$/, '').replace(/\/\s/g, ' ').trim();
      const spaced = /[a-z]/i.test(plain) ? plain.replace(/[/\s]+/g, ' ') : plain;
      for (const form of FORMS[order]) {
        const day = parse(spaced, form, NOON);
        if (isValid(day) && day.getFullYear() >= 1970 && day.getFullYear() < 2200)
          return Date.UTC(day.getFullYear(), day.getMonth(), day.getDate());
      }
      return NaN;
    });
  const timeOf = (text: string) =>
    remembered(times, text, () => {
      for (const form of TIMES) {
        const time = parse(text, form, NOON);
        if (isValid(time))
          return ((time.getHours() * 60 + time.getMinutes()) * 60 + time.getSeconds()) * 1000;
      }
      return NaN;
    });
  return {
    read(day, time) {
      const whole = time === undefined ? day : `${day} ${time}`;
      if (/^\d{9,10}(\.\d+)?$/.test(whole)) return { instant: Number(whole) * 1000 };
      if (/^\d{12,13}$/.test(whole)) return { instant: Number(whole) };
      if (WITH_OFFSET.test(whole)) {
        const instant = Date.parse(whole.replace(/([+-]\d\d)(\d\d)$/, '$1:$2'));
        return Number.isNaN(instant) ? null : { instant };
      }
      const [, dayText, timeText, half] = PARTS.exec(whole) ?? [];
      if (dayText === undefined) {
        const only = dayOf(whole);
        return Number.isNaN(only) ? null : { local: only };
      }
      const clock = timeText!.replace(/\./g, ':');
      const local = dayOf(dayText) + timeOf(half ? `${clock} ${half.toLowerCase()}m` : clock);
      return Number.isNaN(local) ? null : { local };
    },
  };
}

/** Parts that are not given are those of a day without a clock change. */
const NOON = new Date(2000, 5, 15, 12);

/** The orders in which all, or nearly all, of some moments can be read, each to something else; the most likely first. */
export function likelyOrders(
  texts: readonly (readonly [day: string, time?: string])[],
  own: DayOrder,
): readonly DayOrder[] {
  const rated = DAY_ORDERS.map((order) => {
    const reader = momentReader(order);
    const read = texts.map(([day, time]) => reader.read(day, time));
    const known = read.flatMap((one) => (one ? [one.instant ?? one.local] : []));
    // A log goes on in time: with day and month mixed up it jumps by months.
    let jumps = 0;
    for (let i = 1; i < known.length; i++)
      if (Math.abs(known[i]! - known[i - 1]!) > LONG_STEP) jumps++;
    return { order, known: known.length, jumps, print: known.join() };
  });
  const most = Math.max(...rated.map(({ known }) => known));
  return (
    rated
      .filter(({ known }) => known > 0 && known >= NEARLY * most)
      .sort((a, b) => a.jumps - b.jumps || Number(b.order === own) - Number(a.order === own))
      .filter(({ jumps }, _, [first]) => jumps <= first!.jumps)
      // Where the order makes no difference there is nothing to be asked.
      .filter(({ print }, i, all) => all.findIndex((other) => other.print === print) === i)
      .map(({ order }) => order)
  );
}

const LONG_STEP = 20 * 86_400_000;
const NEARLY = 0.98;

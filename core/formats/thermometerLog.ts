import {
  CLOCKS_SET_SINCE,
  fahrenheitToCelsius,
  HOUR,
  type KitchenTime,
  MINUTE,
  instantAt,
  middle,
} from '../measure';
import { type CellProblem, MOST_PROBLEMS, numberIn, readTable } from './table';
import { type DayOrder, likelyOrders, momentReader } from './writtenMoment';

/** In which columns a log has what, counted from 0. */
export interface LogColumns {
  readonly when: number;
  /** The time of day, where it stands in a column of its own. */
  readonly time: number | null;
  readonly celsius: number;
}

export type TemperatureUnit = 'celsius' | 'fahrenheit';

/** How a log is to be read, as far as the baker says; what is not said is guessed. */
export interface LogAsked {
  readonly columns?: LogColumns;
  readonly order?: DayOrder;
  readonly unit?: TemperatureUnit;
  /** Hours that its clock was behind: added to all its times. */
  readonly clockBehindH?: number;
}

/** The mean of an hour. */
export interface HourMean {
  /** Hours since 1970 in UTC. */
  readonly hour: number;
  readonly celsius: number;
}

/** A thermometer's log as it was read, with what was guessed about it. */
export interface ThermometerLog {
  /** What the columns are called, or their numbers. */
  readonly names: readonly string[];
  readonly columns: LogColumns;
  readonly order: DayOrder;
  /** Other orders of day and month that would read as well. */
  readonly orders: readonly DayOrder[];
  readonly unit: TemperatureUnit;
  /** Whether the file itself says its unit. */
  readonly unitSaid: boolean;
  readonly readings: number;
  readonly everyMin: number;
  readonly from: number;
  readonly until: number;
  readonly low: number;
  readonly high: number;
  /** The first lines as they were understood. */
  readonly first: readonly {
    readonly text: string;
    readonly at: number;
    readonly celsius: number;
  }[];
  readonly hours: readonly HourMean[];
  readonly problems: readonly CellProblem[];
  readonly unread: number;
  /** What its clock seems to be behind, hours: it begins when clocks do that were never set, or ends in the future. */
  readonly seemsBehindH: number | null;
}

/** So many rows are looked at to guess what a column holds. */
const LOOKED_AT = 400;
/** A column is of a kind when so many of its cells are. */
const MOSTLY = 0.6;
/** No kitchen has more, °C: what is warmer is Fahrenheit, or no temperature. */
const HOTTEST = 60;
const COLDEST = -30;
/** A room of this many degrees is one in Fahrenheit. */
const FAHRENHEIT_FROM = 45;
/** Between readings that lie no further apart the hours are drawn through, hours. */
const BRIDGED_H = 3;
const SAYS_FAHRENHEIT = /°\s?f\b|\bfahrenheit\b|\bdeg ?f\b|[[(]\s*f\s*[\])]|_f\b|[\d.]\s?f$/i;
const SAYS_CELSIUS = /°\s?c\b|\bcelsius\b|\bdeg ?c\b|[[(]\s*c\s*[\])]|_c\b|[\d.]\s?c$/i;

/**
 * Reads what a thermometer has logged: rows of a time and a temperature, in whatever order, unit and style of date.
 *
 * @param kitchen its time, for times without a zone; the hour now; the order in which it writes days
 * @throws Error with a message for the baker when no column holds times, or none temperatures
 * @example readThermometerLog('time,temp\n2026-03-13 18:00,21.5\n2026-03-13 18:10,21.7', { time, now, order: 'dayFirst' })
 */
export function readThermometerLog(
  text: string,
  kitchen: { readonly time: KitchenTime; readonly now: number; readonly order: DayOrder },
  asked: LogAsked = {},
): ThermometerLog {
  const { rows } = readTable(text);
  const width = Math.max(...rows.slice(0, LOOKED_AT).map(({ cells }) => cells.length));
  const sample = rows.slice(1, LOOKED_AT).map(({ cells }) => cells);
  const columns = asked.columns ?? guessColumns(rows[0]!.cells, sample, width);
  const momentOf = ({ when, time }: LogColumns, cells: readonly string[]) =>
    [cells[when] ?? '', time === null ? undefined : (cells[time] ?? '')] as const;
  const orders = likelyOrders(
    sample.map((cells) => momentOf(columns, cells)),
    kitchen.order,
  );
  const order = asked.order ?? orders[0] ?? kitchen.order;
  const reader = momentReader(order);
  const headed = reader.read(...momentOf(columns, rows[0]!.cells)) === null;
  const names = Array.from({ length: width }, (_, i) =>
    headed && rows[0]!.cells[i] ? rows[0]!.cells[i] : `column ${i + 1}`,
  );
  const body = headed ? rows.slice(1) : rows;
  const said = saidUnit(names[columns.celsius]!, sample[0]?.[columns.celsius] ?? '');
  const numbers = sample.map((cells) => degreesIn(cells[columns.celsius] ?? '')).filter(isNumber);
  const unit =
    asked.unit ?? said ?? (middle(numbers) >= FAHRENHEIT_FROM ? 'fahrenheit' : 'celsius');

  const problems: CellProblem[] = [];
  let unread = 0;
  const object = (line: number, column: number, found: string, why: string) => {
    unread++;
    if (problems.length < MOST_PROBLEMS)
      problems.push({ line, column: column + 1, name: names[column]!, found, why });
  };
  const behind = (asked.clockBehindH ?? 0) * HOUR;
  const readings: { at: number; celsius: number; text: string }[] = [];
  for (const { line, cells } of body) {
    const [dayText, timeText] = momentOf(columns, cells);
    const written = reader.read(dayText, timeText);
    const shown = timeText === undefined ? dayText : `${dayText} ${timeText}`;
    if (!written) {
      object(
        line,
        columns.when,
        shown,
        shown === '' ? 'There is no time.' : 'No such day or time.',
      );
      continue;
    }
    const cell = cells[columns.celsius] ?? '';
    const degrees = degreesIn(cell);
    if (Number.isNaN(degrees)) {
      object(line, columns.celsius, cell, cell === '' ? 'There is no value.' : 'No temperature.');
      continue;
    }
    const celsius = unit === 'fahrenheit' ? fahrenheitToCelsius(degrees) : degrees;
    if (celsius < COLDEST || celsius > HOTTEST) {
      object(line, columns.celsius, cell, 'No place in a house is as cold or as warm.');
      continue;
    }
    const at = (written.instant ?? instantAt(written.local, kitchen.time)) + behind;
    readings.push({ at, celsius, text: shown });
  }
  if (readings.length === 0)
    throw new Error(
      'No line of this file has both a time and a temperature that can be read. Nothing was changed.',
    );
  const first = readings
    .slice(0, 3)
    .map(({ at, celsius, text: shown }) => ({ text: shown, at, celsius }));
  readings.sort((a, b) => a.at - b.at);
  const from = readings[0]!.at;
  const until = readings[readings.length - 1]!.at;
  const warmths = readings.map(({ celsius }) => celsius);
  const steps = readings.slice(1, LOOKED_AT).map(({ at }, i) => at - readings[i]!.at);
  return {
    names,
    columns,
    order,
    orders,
    unit,
    unitSaid: said !== null,
    readings: readings.length,
    everyMin: steps.length === 0 ? 0 : middle(steps) / MINUTE,
    from,
    until,
    low: warmths.reduce((a, b) => Math.min(a, b)),
    high: warmths.reduce((a, b) => Math.max(a, b)),
    first,
    hours: byTheHour(readings),
    problems,
    unread,
    seemsBehindH: seemsBehind(from, until, kitchen.now),
  };
}

/** `18:20` somewhere, seconds since 1970, or `18.20` behind a day. */
const HAS_TIME = /\d:\d{2}|^\d{9,13}(\.\d+)?$|\s\d{1,2}\.\d{2}(\.\d{2})?$/;

const isNumber = (one: number) => !Number.isNaN(one);

/** `21.4 °C`, `70,5F`, `21.4` */
const degreesIn = (cell: string): number => numberIn(cell.replace(/\s?(°|º)?\s?[cf]?$/i, ''));

function saidUnit(name: string, cell: string): TemperatureUnit | null {
  for (const text of [name, cell]) {
    if (SAYS_FAHRENHEIT.test(text)) return 'fahrenheit';
    if (SAYS_CELSIUS.test(text)) return 'celsius';
  }
  return null;
}

function guessColumns(
  head: readonly string[],
  sample: readonly (readonly string[])[],
  width: number,
): LogColumns {
  const all = Array.from({ length: width }, (_, i) => i);
  const share = (i: number, is: (cell: string) => boolean) =>
    sample.filter((cells) => is(cells[i] ?? '')).length / sample.length;
  const readers = [momentReader('dayFirst'), momentReader('monthFirst')];
  const isMoment = (cell: string) => readers.some((reader) => reader.read(cell) !== null);
  const isTime = (cell: string) => /^\d{1,2}:\d{2}(:\d{2})?\s*([ap]\.?m\.?)?$/i.test(cell);
  const when = all.find((i) => share(i, isMoment) >= MOSTLY);
  if (when === undefined)
    throw new Error(
      'No column of this file holds days and times, as far as can be seen. Nothing was changed.',
    );
  const hasTime = share(when, (cell) => HAS_TIME.test(cell));
  const time =
    hasTime >= MOSTLY ? null : (all.find((i) => i !== when && share(i, isTime) >= MOSTLY) ?? null);
  const isWarmth = (cell: string) => {
    const degrees = degreesIn(cell);
    return degrees > COLDEST && degrees < 140;
  };
  const warm = all.filter((i) => i !== when && i !== time && share(i, isWarmth) >= MOSTLY);
  const named = warm.find((i) => /temp|°|celsius|fahrenheit|warm/i.test(head[i] ?? ''));
  const celsius = named ?? warm.find((i) => !/humid|rh|%|id|no\.?$|index|#/i.test(head[i] ?? ''));
  if (celsius === undefined)
    throw new Error(
      'No column of this file holds temperatures, as far as can be seen. Nothing was changed.',
    );
  return { when, time, celsius };
}

/** The mean of every hour that has readings, and of those between two that lie near each other. */
function byTheHour(readings: readonly { readonly at: number; readonly celsius: number }[]) {
  const sums = new Map<number, { sum: number; count: number }>();
  for (const { at, celsius } of readings) {
    const hour = Math.floor(at / HOUR);
    const known = sums.get(hour);
    if (known) {
      known.sum += celsius;
      known.count++;
    } else sums.set(hour, { sum: celsius, count: 1 });
  }
  const means: HourMean[] = [];
  for (const [hour, { sum, count }] of [...sums].sort(([a], [b]) => a - b)) {
    const celsius = sum / count;
    const before = means[means.length - 1];
    const gap = before ? hour - before.hour : 1;
    if (before && gap <= BRIDGED_H)
      for (let i = 1; i < gap; i++)
        means.push({
          hour: before.hour + i,
          celsius: before.celsius + ((celsius - before.celsius) * i) / gap,
        });
    means.push({ hour, celsius });
  }
  return means;
}

/** Hours that a clock seems to be behind, where its log cannot be true: it was read just now, so that is when it ended. */
function seemsBehind(from: number, until: number, now: number): number | null {
  if (from >= CLOCKS_SET_SINCE && until <= now + HOUR) return null;
  return Math.round((now - until) / MINUTE) / 60;
}

import { type FeedAmounts } from '@core/bench';
import { type Settings } from '@core/journal';
import {
  DAY,
  HOUR,
  type Instant,
  type KitchenTime,
  celsiusToFahrenheit,
  instantAt,
  kitchenTime,
  ouncesText,
} from '@core/measure';

/** How instants, durations and amounts read in this kitchen. */
export interface KitchenWords {
  /** "18:20" */
  time(at: Instant): string;
  /** A whole hour of the day: "06:00", "6 am". */
  hour(hour: number): string;
  /** The time, with the day when it is not today: "tomorrow 07:00", "Mon 16 Mar 07:00". */
  moment(at: Instant): string;
  /** When something is to be done, in a sentence: "at 18:20", "tomorrow 18:20". */
  at(at: Instant): string;
  /** A forecast's time: to a quarter of an hour, and to the day when it is more than a day and a half away. */
  hourOrDay(at: Instant): string;
  /** The same where nothing else is said of it: "about 23:30", "tomorrow about 03:00", "about Mon 16 Mar". */
  about(at: Instant): string;
  /** Two forecast times, the day said once: "tomorrow 03:20 to 10:35". */
  stretch(from: Instant, until: Instant): string;
  /** How sure a forecast's hour is: "between 22:00 and tomorrow 01:00", or "some time that day" when it is far away. */
  between(low: Instant, high: Instant): string;
  /** Day and time that are true whenever they are read: "Fri 13 Mar 18:20", with the year as `day` has it. */
  dated(at: Instant): string;
  /** The time of what follows something else: with its day where that is another. */
  after(first: Instant, at: Instant): string;
  /** "Mon 16", for the days of a week under a chart. */
  weekday(at: Instant): string;
  /** A day as short as it can be told: "24 Jan", "24 Jan 2025" when that is half a year away or more. */
  date(at: Instant): string;
  /** The same with its year, for what is read years later: "24 Jan 2026". */
  datedForGood(at: Instant): string;
  /** The same for a chart, whose other days tell the year. */
  chartDate(at: Instant): string;
  /** The day alone: "today", "tomorrow", "Mon 16 Mar"; half a year away or more with its year instead of its weekday. */
  day(at: Instant): string;
  /** A day whatever day it is read on: "Fri 13 Mar", with its year where that is another. */
  fullDay(at: Instant): string;
  /** "40 min", "7½ hours", "3 days" */
  span(hours: number): string;
  /** "21 °C" */
  celsius(celsius: number): string;
  /** A text in the units chosen: `{24}` and `{22-27}` in it are °C, `{15g}` are grams. */
  inUnits(text: string): string;
  /** "110 g", with ounces when wanted. */
  readonly grams: (this: void, grams: number) => string;
  /** Grams that are worked out and not weighed, to stand after "about": to five grams, large ones to ten. */
  roughly(grams: number): string;
  /** "3.9 oz" to stand beside grams; nothing where ounces are not wanted. */
  readonly ounces: (this: void, grams: number) => string;
  /** "€3.20"; a bare number where the kitchen has no currency. */
  readonly money: (this: void, amount: number) => string;
  /** The amounts of a feed, always in this order: "keep 20, water 80, flour 80 g". */
  feed(amounts: FeedAmounts): string;
  /** Hour of the kitchen's day, 0 up to 24. */
  hourOf(at: Instant): number;
  /** What stands in a date and time field for an instant: the kitchen's own time, `2026-03-13T18:20`. */
  fieldText(at: Instant): string;
  /** The instant that a date and time field stands for, in the kitchen's own time; NaN where it stands for none. */
  instantOf(text: string): Instant;
}

/** A forecast is not worth more than this, ms: the best known starter is an hour off now and then. */
const QUARTER = HOUR / 4;
const FIVE_MINUTES = HOUR / 12;
const FAR = 36 * HOUR;
/** From here on the same day and month could be meant of another year. */
const HALF_A_YEAR = 183 * DAY;

/**
 * Words for one kitchen at one moment.
 *
 * @param zone IANA zone of the kitchen
 */
export function kitchenWords(settings: Settings, zone: string, now: Instant): KitchenWords {
  const { times, days, dates, numbers, hours, local } = formats(zone, settings.clock);
  const dayNumber = (at: Instant) => Date.parse(`${numbers.format(at)}T00:00:00Z`) / DAY;
  const time = (at: Instant) => times.format(at).replace(/\u202f/g, ' ');
  const datedForGood = (at: Instant) => `${dates.format(at)} ${numbers.format(at).slice(0, 4)}`;
  const date = (at: Instant) =>
    Math.abs(at - now) < HALF_A_YEAR ? dates.format(at) : datedForGood(at);
  const someDay = (at: Instant) =>
    Math.abs(at - now) < HALF_A_YEAR ? days.format(at).replace(',', '') : date(at);
  const day = (at: Instant) => {
    const ahead = dayNumber(at) - dayNumber(now);
    if (ahead === 0) return 'today';
    if (ahead === 1) return 'tomorrow';
    if (ahead === -1) return 'yesterday';
    return someDay(at);
  };
  const dated = (at: Instant) => `${someDay(at)} ${time(at)}`;
  const moment = (at: Instant) => {
    const which = day(at);
    return which === 'today' ? time(at) : `${which} ${time(at)}`;
  };
  const toStep = (at: Instant, step: number) => Math.round(at / step) * step;
  /** What is to come is not told as past, nor the other way round. */
  const rounded = (at: Instant, step = QUARTER) =>
    toStep(at, at > now === toStep(at, step) > now ? step : FIVE_MINUTES);
  const hourOrDay = (at: Instant, step?: number) =>
    Math.abs(at - now) > FAR ? day(at) : moment(rounded(at, step));
  const about = (at: Instant) => {
    const then = rounded(at);
    const which = day(then);
    return Math.abs(at - now) > FAR || which === 'today'
      ? `about ${hourOrDay(at)}`
      : `${which} about ${time(then)}`;
  };
  /** Both ends of a stretch; null when they are one and the same day, and too far away for hours. */
  const both = (from: Instant, until: Instant, joint: string) => {
    // What is shorter than a quarter would begin and end at once.
    const step = rounded(from) === rounded(until) ? FIVE_MINUTES : undefined;
    // Five to midnight may be told as midnight, which is the next day's.
    const [first, last] = [rounded(from, step), rounded(until, step)];
    if (day(first) !== day(last))
      return `${hourOrDay(from, step)} ${joint} ${hourOrDay(until, step)}`;
    if (Math.abs(from - now) > FAR) return null;
    return `${moment(first)} ${joint} ${time(last)}`;
  };
  const fahrenheit = settings.temperature === 'fahrenheit';
  const degrees = (celsius: number) =>
    Math.round(fahrenheit ? celsiusToFahrenheit(celsius) : celsius);
  const unit = fahrenheit ? '°F' : '°C';
  const grams = (of: number) => {
    const whole = `${Math.round(of)} g`;
    return settings.ounces ? `${whole} (${ouncesText(of)})` : whole;
  };
  return {
    time,
    hour: (hour) => {
      const minutes = Math.round((hour % 1) * 60);
      const past = String(minutes).padStart(2, '0');
      const whole = Math.floor(hour);
      if (settings.clock === '24') return `${String(whole).padStart(2, '0')}:${past}`;
      return `${whole % 12 || 12}${minutes > 0 ? `:${past}` : ''} ${whole % 24 < 12 ? 'am' : 'pm'}`;
    },
    day,
    moment,
    at: (at) => (day(at) === 'today' ? `at ${time(at)}` : moment(at)),
    hourOrDay: (at) => hourOrDay(at),
    about,
    stretch: (from, until) => both(from, until, 'to') ?? hourOrDay(from),
    between: (low, high) => {
      if (day(low) === day(high)) {
        const told = both(low, high, 'and');
        return told === null ? 'some time that day' : `between ${told}`;
      }
      // Of what is only known to the day at one end, the other has no hour either.
      const far = [low, high].some((at) => Math.abs(at - now) > FAR);
      const end = far ? day : hourOrDay;
      return `between ${end(low)} and ${end(high)}`;
    },
    weekday: (at) => days.format(at).replace(',', '').replace(/ \w+$/, ''),
    date,
    datedForGood,
    chartDate: (at) => dates.format(at),
    dated,
    fullDay: (at) => {
      const year = numbers.format(at).slice(0, 4);
      const said = days.format(at).replace(',', '');
      return year === numbers.format(now).slice(0, 4) ? said : `${said} ${year}`;
    },
    after: (first, at) => (dayNumber(first) === dayNumber(at) ? time(at) : dated(at)),
    span,
    celsius: (celsius) => `${degrees(celsius)} ${unit}`,
    inUnits: (text) =>
      text.replace(
        /\{(\d+)(?:-(\d+))?(g?)\}/g,
        (_, from: string, until: string | undefined, inGrams: string) => {
          if (inGrams) return grams(Number(from));
          const low = degrees(Number(from));
          return until ? `${low} to ${degrees(Number(until))} ${unit}` : `${low} ${unit}`;
        },
      ),
    grams,
    roughly: (of) => {
      const to = of < 50 ? 1 : of < 300 ? 5 : 10;
      return grams(Math.round(of / to) * to);
    },
    ounces: (of) => (settings.ounces ? ouncesText(of) : ''),
    money: (amount) => moneyText(amount, settings.currency),
    feed: ({ keepG, waterG, flourG }) => {
      const all = [keepG, waterG, flourG];
      const [keep, water, flour] = all.map((of) => Math.round(of * 10) / 10);
      return `keep ${keep}, water ${water}, flour ${flour} g${settings.ounces ? ` (${all.map(ouncesText).join(', ')})` : ''}`;
    },
    hourOf: (at) => Number(hours.format(at)),
    fieldText: (at) =>
      Number.isNaN(at) ? '' : new Date(at + local.offset(at)).toISOString().slice(0, 16),
    instantOf: (text) => instantFrom(text, local),
  };
}

/** No sharper than a forecast is: five minutes within the hour, half hours within ten, then hours, days, weeks and years. */
function span(hours: number): string {
  const minutes = Math.round(Math.abs(hours) * 12) * 5;
  if (minutes < 60) return `${minutes} min`;
  const halves = Math.round(minutes / 30);
  if (halves < 20) {
    const whole = Math.floor(halves / 2);
    return `${whole}${halves % 2 === 1 ? '½' : ''} ${halves === 2 ? 'hour' : 'hours'}`;
  }
  if (minutes < 48 * 60) return `${Math.round(minutes / 60)} hours`;
  const days = Math.round(minutes / 60 / 24);
  if (days < 21) return `${days} days`;
  return days < 2 * 365 ? `${Math.round(days / 7)} weeks` : `${Math.round(days / 365.25)} years`;
}

/** A price; a code that no list knows is written before it as it stands. */
function moneyText(amount: number, currency: string): string {
  if (currency === '') return amount.toFixed(2);
  return new Intl.NumberFormat('en-GB', { style: 'currency', currency }).format(amount);
}

interface Formats {
  readonly times: Intl.DateTimeFormat;
  readonly days: Intl.DateTimeFormat;
  readonly dates: Intl.DateTimeFormat;
  readonly numbers: Intl.DateTimeFormat;
  readonly hours: Intl.DateTimeFormat;
  readonly local: KitchenTime;
}

const known = new Map<string, Formats>();

/** Making a formatter costs more than a screen; there are only a few. */
function formats(zone: string, clock: Settings['clock']): Formats {
  const key = `${zone} ${clock}`;
  let found = known.get(key);
  if (!found) {
    found = {
      times: new Intl.DateTimeFormat('en-GB', {
        timeZone: zone,
        hour: clock === '12' ? 'numeric' : '2-digit',
        minute: '2-digit',
        hour12: clock === '12',
      }),
      days: new Intl.DateTimeFormat('en-GB', {
        timeZone: zone,
        weekday: 'short',
        day: 'numeric',
        month: 'short',
      }),
      dates: new Intl.DateTimeFormat('en-GB', { timeZone: zone, day: 'numeric', month: 'short' }),
      hours: new Intl.DateTimeFormat('en-GB', {
        timeZone: zone,
        hour: 'numeric',
        hourCycle: 'h23',
      }),
      numbers: new Intl.DateTimeFormat('en-CA', { timeZone: zone }),
      local: kitchenTime(zone),
    };
    known.set(key, found);
  }
  return found;
}

const FIELD = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?$/;

/** An instant from the text of a field. A day that no calendar has is none. */
function instantFrom(text: string, time: KitchenTime): Instant {
  const local = FIELD.test(text) ? Date.parse(`${text}Z`) : NaN;
  const real =
    !Number.isNaN(local) && new Date(local).toISOString().slice(0, 16) === text.slice(0, 16);
  return real ? instantAt(local, time) : NaN;
}

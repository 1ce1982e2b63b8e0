import { DAY, HOUR, type Instant, type KitchenTime } from '../measure';

/** Clocks change on a half hour somewhere, and nowhere between. */
const HALF = HOUR / 2;

/**
 * The VTIMEZONE block (RFC 5545, 3.6.5) of a kitchen's zone for some time: the offset it begins with, and each change of
 * the clocks. Calendars that know the zone by its name do not need it; the others would take hours for UTC.
 */
export function calendarZone(time: KitchenTime, from: Instant, until: Instant): string {
  const begins = Math.floor((from - DAY) / DAY) * DAY;
  const parts = [observance(time, begins, time.offset(begins))];
  for (let at = begins; at < until; at += HALF)
    if (time.offset(at + HALF) !== time.offset(at))
      parts.push(observance(time, at + HALF, time.offset(at)));
  return ['BEGIN:VTIMEZONE', `TZID:${time.zone}`, ...parts.flat(), 'END:VTIMEZONE'].join('\r\n');
}

/** From an instant on the zone has the offset it has then; `before` is the one it had, ms. */
function observance(time: KitchenTime, at: Instant, before: number): readonly string[] {
  const kind = time.offset(at) > before ? 'DAYLIGHT' : 'STANDARD';
  // The hour at which it begins is told by the clock that was right until then.
  return [
    `BEGIN:${kind}`,
    `DTSTART:${compact(at + before)}`,
    `TZOFFSETFROM:${offsetText(before)}`,
    `TZOFFSETTO:${offsetText(time.offset(at))}`,
    `END:${kind}`,
  ];
}

/** A time as calendars write it: `20260328T020000`. */
export const compact = (at: Instant): string =>
  new Date(at).toISOString().replace(/[-:]|\.\d+Z/g, '');

function offsetText(offset: number): string {
  const minutes = Math.abs(offset) / 60_000;
  const two = (n: number) => String(Math.floor(n)).padStart(2, '0');
  return `${offset < 0 ? '-' : '+'}${two(minutes / 60)}${two(minutes % 60)}`;
}

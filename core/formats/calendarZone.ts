import { DAY, HOUR, type Instant, type KitchenTime } from '../measure';

/**
 * The VTIMEZONE block (RFC 5545, 3.6.5) of a kitchen's zone for some time: the offset it begins with, and each change of
 * the clocks. Calendars that know the zone by its name do not need it; the others would take hours for UTC.
 */
export function calendarZone(time: KitchenTime, from: Instant, until: Instant): string {
  const parts = [observance(time, from - DAY, time.offset(from - DAY))];
  for (let at = from - DAY; at < until; at += HOUR)
    if (time.offset(at + HOUR) !== time.offset(at))
      parts.push(observance(time, at + HOUR, time.offset(at)));
  return ['BEGIN:VTIMEZONE', `TZID:${time.zone}`, ...parts.flat(), 'END:VTIMEZONE'].join('\r\n');
}

/** From an instant on the zone has the offset it has then; `before` is the one it had, ms. */
function observance(time: KitchenTime, at: Instant, before: number): readonly string[] {
  const kind = time.offset(at) > before ? 'DAYLIGHT' : 'STANDARD';
  // The hour at which it begins is told by the clock that was right until then.
  const local = new Date(at + before).toISOString().replace(/[-:]|\.\d+Z/g, '');
  return [
    `BEGIN:${kind}`,
    `DTSTART:${local}`,
    `TZOFFSETFROM:${offsetText(before)}`,
    `TZOFFSETTO:${offsetText(time.offset(at))}`,
    `END:${kind}`,
  ];
}

function offsetText(offset: number): string {
  const minutes = Math.abs(offset) / 60_000;
  const two = (n: number) => String(Math.floor(n)).padStart(2, '0');
  return `${offset < 0 ? '-' : '+'}${two(minutes / 60)}${two(minutes % 60)}`;
}

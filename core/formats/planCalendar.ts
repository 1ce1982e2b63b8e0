import { TZDate } from '@date-fns/tz';
import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';

import { DAY, type Instant, kitchenTime } from '../measure';
import { type Step } from '../plan';
import { calendarZone } from './calendarZone';

/** A step as a calendar shows it. */
export interface CalendarStep {
  readonly step: Step;
  /** What is to be done, in a line, and what else to know. */
  readonly title: string;
  readonly note: string;
}

/** A step takes about so long, ms; and the alarm comes so long before it, s. */
const TAKES = 15 * 60_000;
const ALARM_BEFORE = 5 * 60;

/**
 * The steps of a plan as an iCalendar (RFC 5545) with an alarm each. The ids follow the step and not its hour, so that a
 * mended plan taken in again moves its steps instead of doubling them.
 *
 * @param zone IANA zone of the kitchen
 * @param stamp when it was made
 * @param alarms whether calendars should ring
 */
export function planCalendar(
  steps: readonly CalendarStep[],
  zone: string,
  stamp: Instant,
  alarms = true,
): string {
  const last = Math.max(stamp, ...steps.map(({ step }) => step.at));
  const first = Math.min(stamp, ...steps.map(({ step }) => step.at));
  const calendar = ical({
    name: 'Ombrello',
    prodId: { company: 'ombrello', product: 'plan', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    timezone: { name: zone, generator: () => calendarZone(kitchenTime(zone), first, last + DAY) },
  });
  const seen = new Map<string, number>();
  for (const { step, title, note } of steps) {
    const stem = `${step.jar}-${step.kind}-${step.wanted ?? 'keep'}`;
    const count = (seen.get(stem) ?? 0) + 1;
    seen.set(stem, count);
    const event = calendar.createEvent({
      id: `${stem}-${count}@ombrello`,
      // The library writes a date's own hours: these are the kitchen's, whatever the device's zone is.
      start: new TZDate(step.at, zone),
      end: new TZDate(step.at + TAKES, zone),
      stamp: new Date(stamp),
      timezone: zone,
      summary: title,
      description: note,
    });
    if (alarms)
      event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_BEFORE, description: title });
  }
  return calendar.toString();
}

import { TZDate } from '@date-fns/tz';
import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventStatus } from 'ical-generator';

import { type SentStep } from '../journal';
import { DAY, type Instant, MINUTE, fingerprint, kitchenTime } from '../measure';
import { type Step, inTurn } from '../plan';
import { calendarZone, compact } from './calendarZone';

/** A step as a calendar shows it. */
export interface CalendarStep {
  readonly step: Step;
  /** What is to be done, in a line, and what else to know: true on whatever day it is read. */
  readonly title: string;
  readonly note: string;
}

export interface PlanCalendar {
  /** In the order in which they are done. */
  readonly steps: readonly CalendarStep[];
  /** What sets its steps apart from those of other calendars of this kitchen: `plan`, or a jar. */
  readonly calendar: string;
  /** IANA zone of the kitchen. */
  readonly zone: string;
  /** When it is made. */
  readonly now: Instant;
  /** Whether calendars should ring. */
  readonly alarms: boolean;
  /** What the last file of this calendar brought. */
  readonly sent: readonly SentStep[];
}

/** A step takes about so long, ms; and the alarm comes so long before it, s. */
const TAKES = 15 * MINUTE;
const ALARM_BEFORE = 5 * 60;
/** Of two things that are done in one visit, the second stands so much later: calendars sort by minutes. */
const APART = 5 * MINUTE;

/**
 * The steps of a plan as an iCalendar (RFC 5545) with an alarm each. A step keeps its id while a mended plan moves it within
 * its day, and what changed in it counts up; steps that are not wanted any more are sent as cancelled until their time has
 * passed.
 *
 * @returns the text of the file, and what it brought, to be handed in with the next one
 * @example planCalendar({ steps, calendar: 'plan', zone: 'Europe/Lisbon', now, alarms: true, sent: [] }).text
 */
export function planCalendar({ steps: told, calendar, zone, now, alarms, sent }: PlanCalendar): {
  readonly text: string;
  readonly sent: readonly SentStep[];
} {
  const before = new Map(sent.map((step) => [step.uid, step]));
  const time = kitchenTime(zone);
  const named = withIds(inOrder(told), calendar, (at) => compact(at + time.offset(at)).slice(0, 8));
  const wanted = named.map((event): SentStep & { readonly note: string } => {
    const { uid, at, title, note } = event;
    const print = fingerprint([String(at), title, note, String(alarms)]);
    const known = before.get(uid);
    const changed = known !== undefined && (known.print !== print || known.dropped === true);
    const sequence = (known?.sequence ?? 0) + (changed ? 1 : 0);
    return { uid, at: new Date(at).toISOString(), title, note, sequence, print };
  });
  const dropped = sent
    .filter(({ uid, at }) => Date.parse(at) > now && !wanted.some((event) => event.uid === uid))
    .map((step): SentStep => ({
      ...step,
      sequence: step.sequence + (step.dropped ? 0 : 1),
      dropped: true,
    }));
  const all = [...wanted, ...dropped.map((step) => ({ ...step, note: '' }))];
  const instants = all.map(({ at }) => Date.parse(at));
  const file = ical({
    name: 'Ombrello',
    prodId: { company: 'ombrello', product: 'plan', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    timezone: {
      name: zone,
      generator: () =>
        calendarZone(time, Math.min(now, ...instants), Math.max(now, ...instants) + DAY),
    },
  });
  for (const { uid, at, title, note, sequence, dropped: gone } of all) {
    const start = Date.parse(at);
    const event = file.createEvent({
      id: `${uid.replace(/[^\w.-]+/g, '-')}@ombrello`,
      sequence,
      // The library writes a date's own hours: these are the kitchen's, whatever the device's zone is.
      start: new TZDate(start, zone),
      end: new TZDate(start + TAKES, zone),
      stamp: new Date(now),
      timezone: zone,
      summary: title,
      description: note,
      ...(gone && { status: ICalEventStatus.CANCELLED }),
    });
    if (alarms && !gone)
      event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_BEFORE, description: title });
  }
  return {
    // The stamp is always UTC (3.8.7.2); the library writes it in the calendar's zone.
    text: file.toString().replace(/^DTSTAMP:.*$/gm, `DTSTAMP:${compact(now)}Z`),
    sent: [...wanted.map(({ note: _, ...step }) => step), ...dropped],
  };
}

/** Steps at hours that keep their order: what is done in one visit stands one after the other. */
function inOrder(steps: readonly CalendarStep[]): readonly (CalendarStep & { at: Instant })[] {
  let free = -Infinity;
  return [...steps]
    .sort((a, b) => inTurn(a.step, b.step))
    .map((told) => {
      const at = Math.max(Math.round(told.step.at / MINUTE) * MINUTE, free);
      free = at + APART;
      return { ...told, at };
    });
}

/**
 * Each step under an id of its own: what is done for a bake under the bake's, anything else under its day, so that next
 * week's feed is another one.
 */
function withIds<T extends { readonly at: Instant; readonly step: Step }>(
  events: readonly T[],
  calendar: string,
  dayOf: (at: Instant) => string,
): readonly (T & { readonly uid: string })[] {
  const seen = new Map<string, number>();
  return events.map((event) => {
    const { jar, kind, wanted, at } = event.step;
    const stem = [calendar, jar, kind, wanted ?? dayOf(at)].join(' ');
    const count = (seen.get(stem) ?? 0) + 1;
    seen.set(stem, count);
    return { ...event, uid: count === 1 ? stem : `${stem} ${count}` };
  });
}

import ICAL from 'ical.js';

import { DAY, HOUR } from '../measure';
import { type Step } from '../plan';
import { type CalendarStep, type PlanCalendar, planCalendar } from './planCalendar';

const at = (iso: string) => Date.parse(iso);
const step = (over: Partial<Step>): Step => ({
  at: at('2026-03-28T20:00:00Z'),
  earliest: at('2026-03-28T19:00:00Z'),
  latest: at('2026-03-28T21:00:00Z'),
  kind: 'feed',
  jar: 'grebe',
  keepG: 20,
  flourG: 80,
  waterG: 80,
  discardG: 100,
  ...over,
});

const STEPS = [
  step({}),
  step({ kind: 'build', wanted: 'loaves', at: at('2026-03-29T05:30:00Z') }),
  step({ at: at('2026-03-30T20:00:00Z') }),
].map((s) => ({ step: s, title: `Feed, say; "well"`, note: 'keep 20\nwater 80' }));

const ASKED: PlanCalendar = {
  steps: STEPS,
  calendar: 'plan',
  zone: 'Europe/Lisbon',
  now: at('2026-03-28T12:20:00Z'),
  alarms: true,
  sent: [],
};
const calendar = (over: Partial<PlanCalendar> = {}) => planCalendar({ ...ASKED, ...over });

const parsed = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((event) => ({
    event: new ICAL.Event(event),
    alarms: event.getAllSubcomponents('valarm'),
    zone: event.getFirstProperty('dtstart')?.getParameter('tzid'),
    status: event.getFirstPropertyValue('status'),
    stamp: String(event.getFirstPropertyValue('dtstamp')),
  }));

it('another parser finds every step, with its words, its alarm and the kitchen’s own hour', () => {
  const events = parsed(calendar().text);
  expect(events).toHaveLength(3);
  for (const { event, alarms, zone, stamp } of events) {
    expect(event.summary).toBe('Feed, say; "well"');
    expect(event.description).toBe('keep 20\nwater 80');
    expect(alarms).toHaveLength(1);
    expect(zone).toBe('Europe/Lisbon');
    expect(stamp).toBe('2026-03-28T12:20:00Z');
  }
  // The clocks go forward in the night between the first and the second.
  expect(events.map(({ event }) => event.startDate.toString())).toEqual([
    '2026-03-28T20:00:00',
    '2026-03-29T06:30:00',
    '2026-03-30T21:00:00',
  ]);
});

const moved = (hours: number): readonly CalendarStep[] =>
  STEPS.map((told) => ({ ...told, step: { ...told.step, at: told.step.at + hours * HOUR } }));

it('ends every line as calendars want it, and once', () => {
  const { text } = calendar();
  expect(text).not.toMatch(/\r\r|[^\r]\n/);
});

it('a step that a mended plan moves within its day keeps its id and counts up; one that stays as it is does not', () => {
  const first = calendar();
  const [one, ...others] = first.sent;
  const second = calendar({
    steps: [moved(0.5)[0]!, ...STEPS.slice(1)],
    sent: first.sent,
  });
  expect(second.sent.map(({ uid, sequence }) => [uid, sequence])).toEqual([
    [one!.uid, 1],
    ...others.map(({ uid }) => [uid, 0]),
  ]);
  expect(parsed(second.text).map(({ event }) => event.sequence)).toEqual([1, 0, 0]);
});

it('a step that is dropped is sent as cancelled, and again until its time has passed', () => {
  const first = calendar();
  const later = (hours: number, sent: PlanCalendar['sent']) =>
    calendar({ steps: STEPS.slice(0, 1), now: ASKED.now + hours * HOUR, sent });
  const second = later(1, first.sent);
  expect(parsed(second.text).map(({ status }) => status)).toEqual([null, 'CANCELLED', 'CANCELLED']);
  expect(
    parsed(second.text)
      .slice(1)
      .every(({ alarms }) => alarms.length === 0),
  ).toBe(true);
  const third = later(30, second.sent);
  expect(third.sent.filter(({ dropped }) => dropped)).toHaveLength(1);
  // Wanted again, it stands again, and calendars that had it cancelled hear so.
  const again = calendar({ sent: second.sent });
  expect(parsed(again.text).map(({ status }) => status)).toEqual([null, null, null]);
  expect(again.sent.map(({ sequence }) => sequence)).toEqual([0, 2, 2]);
});

it('next week’s steps are others than this week’s', () => {
  const week = calendar();
  const next = calendar({
    steps: moved(7 * 24).map((told) => ({
      ...told,
      step: { ...told.step, ...(told.step.wanted && { wanted: 'loaves 2026-04-05' }) },
    })),
    now: ASKED.now + 7 * DAY,
    sent: week.sent,
  });
  const ids = [...week.sent, ...next.sent].map(({ uid }) => uid);
  expect(new Set(ids).size).toBe(6);
  expect(next.sent.every(({ sequence, dropped }) => sequence === 0 && !dropped)).toBe(true);
});

it('what is taken for a bake stands before the feed of the same minute, a few minutes apart', () => {
  const when = at('2026-03-29T09:00:00Z');
  const feed = step({ at: when });
  const take = step({ at: when, kind: 'take', wanted: 'loaves', takeG: 200 });
  const told = [feed, take].map((s) => ({ step: s, title: s.kind, note: '' }));
  const events = parsed(calendar({ steps: told }).text);
  expect(events.map(({ event }) => event.summary)).toEqual(['take', 'feed']);
  const [first, second] = events.map(({ event }) => event.startDate.toJSDate().getTime());
  expect(second! - first!).toBeGreaterThanOrEqual(60_000);
});

it.each(['Europe/Lisbon', 'America/St_Johns', 'Australia/Lord_Howe', 'Asia/Kathmandu'])(
  'says itself what the clocks of %s do, on the minute they do it, for calendars that do not know its name',
  (zone) => {
    const steps = [STEPS[0]!, ...moved(24 * 10)];
    const { text } = calendar({ zone, steps });
    const read = new ICAL.Component(ICAL.parse(text) as unknown[]);
    const own = new ICAL.Timezone(read.getFirstSubcomponent('vtimezone')!);
    const instants = read.getAllSubcomponents('vevent').map((component) => {
      const start = new ICAL.Event(component).startDate;
      start.zone = own;
      return start.toJSDate().toISOString();
    });
    expect(instants).toEqual(steps.map(({ step: { at: when } }) => new Date(when).toISOString()));
    const begins = [...text.matchAll(/^DTSTART:\d{8}T\d\d(\d\d)/gm)].map((found) => found[1]);
    for (const minutes of begins) expect(['00', '30', '15', '45']).toContain(minutes);
  },
);

it('rings no alarm when none is wanted', () => {
  const quiet = parsed(calendar({ alarms: false }).text);
  expect(quiet.flatMap(({ alarms }) => alarms)).toEqual([]);
});

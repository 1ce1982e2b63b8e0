import ICAL from 'ical.js';

import { type Step } from '../plan';
import { planCalendar } from './planCalendar';

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

const parsed = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((event) => ({
    event: new ICAL.Event(event),
    alarms: event.getAllSubcomponents('valarm'),
    zone: event.getFirstProperty('dtstart')?.getParameter('tzid'),
  }));

it('another parser finds every step, with its words, its alarm and the kitchen’s own hour', () => {
  const events = parsed(planCalendar(STEPS, 'Europe/Lisbon', at('2026-03-28T12:00:00Z')));
  expect(events).toHaveLength(3);
  for (const { event, alarms, zone } of events) {
    expect(event.summary).toBe('Feed, say; "well"');
    expect(event.description).toBe('keep 20\nwater 80');
    expect(alarms).toHaveLength(1);
    expect(zone).toBe('Europe/Lisbon');
  }
  // The clocks go forward in the night between the first and the second.
  expect(events.map(({ event }) => event.startDate.toString())).toEqual([
    '2026-03-28T20:00:00',
    '2026-03-29T06:30:00',
    '2026-03-30T21:00:00',
  ]);
});

it('a step keeps its id when a mended plan moves it', () => {
  const ids = (shift: number) =>
    parsed(
      planCalendar(
        STEPS.map((s) => ({ ...s, step: { ...s.step, at: s.step.at + shift } })),
        'Europe/Lisbon',
        0,
      ),
    ).map(({ event }) => event.uid);
  expect(ids(0)).toEqual(ids(1_800_000));
  expect(new Set(ids(0)).size).toBe(3);
});

it('says itself what the zone’s clocks do, for calendars that do not know its name', () => {
  const calendar = new ICAL.Component(
    ICAL.parse(planCalendar(STEPS, 'Europe/Lisbon', at('2026-03-28T12:00:00Z'))) as unknown[],
  );
  const zone = new ICAL.Timezone(calendar.getFirstSubcomponent('vtimezone')!);
  const instants = calendar.getAllSubcomponents('vevent').map((component) => {
    const start = new ICAL.Event(component).startDate;
    start.zone = zone;
    return start.toJSDate().toISOString();
  });
  expect(instants).toEqual(STEPS.map(({ step: { at: when } }) => new Date(when).toISOString()));
});

it('rings no alarm when none is wanted', () => {
  const quiet = parsed(planCalendar(STEPS, 'Europe/Lisbon', 0, false));
  expect(quiet.flatMap(({ alarms }) => alarms)).toEqual([]);
});

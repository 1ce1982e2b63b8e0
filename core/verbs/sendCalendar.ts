import { type Answer, MOST_SENT_STEPS, type SentStep, answer, isoOf } from '../journal';
import { type Instant } from '../measure';

/**
 * Steps were written into a file for calendars: what it brought, so that the next one can move and cancel it.
 *
 * @param asked `calendar`: `plan`, or the jar whose programme it is; of its steps the nearest, as many as an entry holds
 * @example sendCalendar({ calendar: 'plan', steps: planCalendar(asked).sent }, now)
 */
export const sendCalendar = (
  { calendar, steps }: { readonly calendar: string; readonly steps: readonly SentStep[] },
  now: Instant,
): Answer =>
  answer([
    { kind: 'calendarSent', at: isoOf(now), calendar, steps: steps.slice(0, MOST_SENT_STEPS) },
  ]);

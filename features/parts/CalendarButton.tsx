import { type Step } from '@core/plan';
import { sendCalendar } from '@core/verbs';
import { Button, saveFile } from '@kit';
import {
  done,
  selectLog,
  selectNow,
  selectSettings,
  selectZone,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { calendarNote, useKitchenWords } from '../words';
import { useStepWords } from '../words/useStepWords';

/**
 * Steps as a file that calendars take in. What it brought is written down: the next file moves and cancels it.
 *
 * @param calendar `plan`, or the jar whose programme it is
 * @param name of the file, without its ending
 */
export function CalendarButton({
  steps,
  calendar,
  name,
  children,
}: {
  readonly steps: readonly Step[];
  readonly calendar: string;
  readonly name: string;
  readonly children: string;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const zone = useAppSelector(selectZone);
  const stepWords = useStepWords();
  const { calendarAlarms: alarms } = useAppSelector(selectSettings);
  const sent = useAppSelector((state) =>
    selectLog(state)
      .of('calendarSent')
      .findLast((entry) => entry.calendar === calendar),
  );
  const save = async () => {
    // Fetched when it is asked for: two places have this button, and the first page would carry it.
    const { planCalendar } = await import('@core/formats');
    const told = steps.map((step, i) => ({
      step,
      title: stepWords(step),
      note: calendarNote(step, steps.slice(0, i), words),
    }));
    const file = planCalendar({
      steps: told,
      calendar,
      zone,
      now,
      alarms,
      sent: sent?.steps ?? [],
    });
    saveFile(`${name}.ics`, file.text, 'text/calendar');
    dispatch(done((at) => sendCalendar({ calendar, steps: file.sent }, at)));
  };
  return <Button onPress={() => void save()}>{children}</Button>;
}

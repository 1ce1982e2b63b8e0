import { type Step } from '@core/plan';
import { Button, saveFile } from '@kit';
import { selectNow, selectSettings, selectZone, useAppSelector } from '@state';

import { slackWords, stepWords, useKitchenWords, usePlaceName } from '../words';
import { useJarName } from '../words/useJarName';

/**
 * Steps as a file that calendars take in.
 *
 * @param name of the file, without its ending
 */
export function CalendarButton({
  steps,
  name,
  children,
}: {
  readonly steps: readonly Step[];
  readonly name: string;
  readonly children: string;
}) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const zone = useAppSelector(selectZone);
  const nameOf = useJarName();
  const placeName = usePlaceName();
  const { calendarAlarms } = useAppSelector(selectSettings);
  const save = async () => {
    // Fetched when it is asked for: two places have this button, and the first page would carry it.
    const { planCalendar } = await import('@core/formats');
    const told = steps.map((step) => {
      return {
        step,
        title: stepWords(step, nameOf(step.jar), placeName, words),
        note: slackWords(step, words),
      };
    });
    saveFile(`${name}.ics`, planCalendar(told, zone, now, calendarAlarms), 'text/calendar');
  };
  return <Button onPress={() => void save()}>{children}</Button>;
}

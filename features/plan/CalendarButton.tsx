import { planCalendar } from '@core/formats';
import { type Plan } from '@core/plan';
import { Press } from '@kit';
import { selectJars, selectKitchen, selectNow, selectSettings, useAppSelector } from '@state';

import { saveFile } from '../shell';
import { slackWords, stepWords, useKitchenWords, usePlaceName } from '../words';

/** The plan's steps as a file that calendars take in. */
export function CalendarButton({ plan }: { readonly plan: Plan }) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const { zone } = useAppSelector(selectKitchen);
  const jars = useAppSelector(selectJars);
  const placeName = usePlaceName();
  const { calendarAlarms } = useAppSelector(selectSettings);
  const save = () => {
    const steps = plan.steps.map((step) => {
      const name = jars.find(({ id }) => id === step.jar)?.card.name ?? step.jar;
      return {
        step,
        title: stepWords(step, name, placeName, words),
        note: slackWords(step, words),
      };
    });
    saveFile('ombrello-plan.ics', planCalendar(steps, zone, now, calendarAlarms), 'text/calendar');
  };
  return <Press onPress={save}>Steps to my calendar</Press>;
}

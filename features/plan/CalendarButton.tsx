import { planCalendar } from '@core/formats';
import { type Plan } from '@core/plan';
import { Press } from '@kit';
import { selectJars, selectKitchen, selectNow, selectPlaces, useAppSelector } from '@state';

import { saveFile } from '../shell';
import { slackWords, stepWords, useKitchenWords } from '../words';

/** The plan's steps as a file that calendars take in. */
export function CalendarButton({ plan }: { readonly plan: Plan }) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const { zone } = useAppSelector(selectKitchen);
  const jars = useAppSelector(selectJars);
  const places = useAppSelector(selectPlaces);
  const save = () => {
    const placeName = (id: string) =>
      places.find((place) => place.id === id)?.name.toLowerCase() ?? id;
    const steps = plan.steps.map((step) => {
      const name = jars.find(({ id }) => id === step.jar)?.card.name ?? step.jar;
      return {
        step,
        title: stepWords(step, name, placeName, words),
        note: slackWords(step, words),
      };
    });
    saveFile('ombrello-plan.ics', planCalendar(steps, zone, now), 'text/calendar');
  };
  return <Press onPress={save}>Steps to my calendar</Press>;
}

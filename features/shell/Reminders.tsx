import { useEffect, useRef } from 'react';

import { HOUR } from '@core/measure';
import {
  followedPlan,
  selectDrying,
  selectJars,
  selectNow,
  selectSettings,
  useAppSelector,
} from '@state';

import { plannedName, slackWords, stepWords, useKitchenWords, usePlaceName } from '../words';
import { remind, reminderLeave } from './reminders';

/** A step that was due longer ago is seen on the page; no need to call for it. */
const FRESH = HOUR / 2;

/** While the application is open, the browser says when a step of the followed plan is due, or flakes may snap, if that is wanted. */
export function Reminders(): null {
  const words = useKitchenWords();
  const placeName = usePlaceName();
  const now = useAppSelector(selectNow);
  const jars = useAppSelector(selectJars);
  const { reminders } = useAppSelector(selectSettings);
  const plan = useAppSelector((state) => followedPlan(state.plan));
  const drying = useAppSelector(selectDrying);
  const told = useRef(new Set<string>());
  useEffect(() => {
    if (reminders !== 'on' || reminderLeave() !== 'granted') return;
    for (const { id, jar, snapsFrom } of drying) {
      if (snapsFrom > now || snapsFrom < now - FRESH || told.current.has(id)) continue;
      told.current.add(id);
      const name = jars.find((one) => one.id === jar)?.card.name ?? jar;
      remind(`${name} lies drying`, 'Try whether a piece snaps; if it bends, give it a day.', id);
    }
    for (const step of plan?.steps ?? []) {
      if (step.at > now || step.at < now - FRESH) continue;
      const tag = `${step.jar} ${step.kind} ${step.at}`;
      if (told.current.has(tag)) continue;
      told.current.add(tag);
      const name = jars.find(({ id }) => id === step.jar)?.card.name ?? step.jar;
      const slack = slackWords(step, words);
      remind(
        plannedName(step, name),
        `${stepWords(step, name, placeName, words)}${slack ? `, ${slack}` : ''}`,
        tag,
      );
    }
  }, [now, plan, drying, reminders, jars, words, placeName]);
  return null;
}

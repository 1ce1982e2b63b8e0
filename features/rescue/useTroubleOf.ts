import { type Backup } from '@core/rescue';
import { selectEventsByJar, useAppSelector } from '@state';

import { useKitchenWords } from '../words';

/** How a backup's date stands to the trouble of its jar, as the end of a sentence; empty where its jar had none. */
export function useTroubleOf(): (backup: Backup) => string {
  const words = useKitchenWords();
  const byJar = useAppSelector(selectEventsByJar);
  return ({ jar, madeAt }) => {
    const out = byJar.get(jar)?.findLast((event) => event.kind === 'thrownOut');
    if (out?.kind !== 'thrownOut' || out.why === 'heat') return '';
    const since = Date.parse(out.since);
    return madeAt < since
      ? `. Made before its jar’s trouble, which began ${words.date(since)} at the earliest`
      : '. Made after the trouble may have begun; it was looked at and kept';
  };
}

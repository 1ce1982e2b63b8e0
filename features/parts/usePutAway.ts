import { outBeforeCold } from '@core/bench';
import { celsiusAt } from '@core/ferment';
import { type Standing, homeOf } from '@core/journal';
import { type PutAway, goesBackTo, putAwayTo } from '@core/verbs';
import {
  selectJarEvents,
  selectNow,
  selectPlaces,
  selectSettings,
  selectTime,
  useAppSelector,
} from '@state';

/** Where a jar goes after its feed as always: back where it lives, after its time out. */
export function usePutAway({ jar, place }: Standing): {
  readonly putAway: PutAway;
  readonly here: string;
} {
  const places = useAppSelector(selectPlaces);
  const now = useAppSelector(selectNow);
  const time = useAppSelector(selectTime);
  const { outBeforeColdH } = useAppSelector(selectSettings);
  const events = useAppSelector((state) => selectJarEvents(state, jar.id));
  const here = place?.id ?? places[0]!.id;
  const goesTo = goesBackTo(places, jar, homeOf(events, now), now);
  const counter = places.find(({ kind }) => kind === 'counter');
  const hours = counter
    ? outBeforeCold(celsiusAt(counter.temperature, time.hourOfDay(now)), outBeforeColdH)
    : (outBeforeColdH ?? 0);
  return {
    putAway: putAwayTo(
      places,
      places.find(({ id }) => id === goesTo)!,
      here,
      hours,
    ),
    here,
  };
}

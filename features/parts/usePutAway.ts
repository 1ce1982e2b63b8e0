import { outBeforeCold } from '@core/bench';
import { type Standing, homeOf } from '@core/journal';
import { type PutAway, goesBackTo, putAwayTo } from '@core/verbs';
import { selectJarEvents, selectNow, selectPlaces, selectSettings, useAppSelector } from '@state';

import { useWarmth } from './useWarmth';
/** Where a jar goes after its feed as always: back where it lives, after its time out. */
export function usePutAway({ jar, place }: Standing): {
  readonly putAway: PutAway;
  readonly here: string;
} {
  const places = useAppSelector(selectPlaces);
  const now = useAppSelector(selectNow);
  const warmth = useWarmth();
  const { outBeforeColdH } = useAppSelector(selectSettings);
  const events = useAppSelector((state) => selectJarEvents(state, jar.id));
  const here = place?.id ?? places[0]!.id;
  const goesTo = goesBackTo(places, jar, homeOf(events, now), now);
  const counter = places.find(({ kind }) => kind === 'counter');
  const hours = counter
    ? outBeforeCold(warmth(counter.id, now), outBeforeColdH)
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

import { useCallback } from 'react';

import { celsiusOf } from '@core/journal';
import { type Instant } from '@core/measure';
import { selectPlaceHistory, selectTime, useAppSelector } from '@state';

/** How warm a place of the kitchen is at an instant, °C: by its thermometer where one was read, else by its card. */
export function useWarmth(): (place: string, at: Instant) => number {
  const places = useAppSelector(selectPlaceHistory);
  const time = useAppSelector(selectTime);
  return useCallback((place, at) => celsiusOf(places, place, at, time), [places, time]);
}

import { useCallback } from 'react';

import { type JarEvent } from '@core/journal';
import { selectPlaces, useAppSelector } from '@state';

import { eventWords } from './eventWords';
import { useKitchenWords } from './useKitchenWords';

/** An entry of the journal in a line. */
export function useEntryWords(): (event: JarEvent) => string {
  const words = useKitchenWords();
  const places = useAppSelector(selectPlaces);
  return useCallback(
    (event) =>
      eventWords(
        event,
        words,
        (id) => places.find((place) => place.id === id)?.name ?? 'a place since removed',
      ),
    [words, places],
  );
}

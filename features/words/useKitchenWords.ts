import { useCallback, useMemo } from 'react';

import { selectNow, selectPlaces, selectSettings, selectZone, useAppSelector } from '@state';

import { type KitchenWords, kitchenWords } from './kitchenWords';

/** The words of the open kitchen, now. */
export function useKitchenWords(): KitchenWords {
  const settings = useAppSelector(selectSettings);
  const zone = useAppSelector(selectZone);
  const now = useAppSelector(selectNow);
  return useMemo(() => kitchenWords(settings, zone, now), [settings, zone, now]);
}

/** Names of places as they stand in a sentence. */
export function usePlaceName(): (id: string) => string {
  const places = useAppSelector(selectPlaces);
  return useCallback(
    (id) => places.find((place) => place.id === id)?.name.toLowerCase() ?? id,
    [places],
  );
}

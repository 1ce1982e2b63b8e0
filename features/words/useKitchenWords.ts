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

/** Where a jar is put, as it is said: "into the fridge", "onto the counter"; a place with a name of its own keeps it. */
export function useIntoPlace(): (id: string) => string {
  const places = useAppSelector(selectPlaces);
  return useCallback(
    (id) => {
      const place = places.find((known) => known.id === id);
      const name = place?.name.toLowerCase();
      if (name === 'fridge') return 'into the fridge';
      if (name === 'counter') return 'onto the counter';
      return `to “${place?.name ?? id}”`;
    },
    [places],
  );
}

import { useMemo } from 'react';

import { selectKitchen, selectNow, selectSettings, useAppSelector } from '@state';

import { type KitchenWords, kitchenWords } from './kitchenWords';

/** The words of the open kitchen, now. */
export function useKitchenWords(): KitchenWords {
  const settings = useAppSelector(selectSettings);
  const { zone } = useAppSelector(selectKitchen);
  const now = useAppSelector(selectNow);
  return useMemo(() => kitchenWords(settings, zone, now), [settings, zone, now]);
}

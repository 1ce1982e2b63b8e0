import { nanoid } from '@reduxjs/toolkit';

import { type Standing } from '@core/journal';
import { type NewBowl } from '@core/verbs';
import { selectPlaces, useAppSelector } from '@state';

/** A bowl for what comes out of a jar: named after it, and on the counter. */
export function useBowlBeside({ jar, place }: Standing): () => NewBowl {
  const places = useAppSelector(selectPlaces);
  const room = places.find(({ kind }) => kind === 'counter')?.id ?? place?.id ?? '';
  return () => ({ id: nanoid(), name: `Levain of ${jar.card.name}`, place: room });
}

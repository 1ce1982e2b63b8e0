import { nanoid } from '@reduxjs/toolkit';

import { type Standing, stageThen } from '@core/journal';
import { type Instant } from '@core/measure';
import { type NewBowl } from '@core/verbs';
import { selectPlaces, useAppSelector } from '@state';

/** A bowl for what comes out of a jar at an hour: named after it, and on the counter. */
export function useBowlBeside(standing: Standing): (at: Instant) => NewBowl {
  const { jar, place } = standing;
  const places = useAppSelector(selectPlaces);
  const room = places.find(({ kind }) => kind === 'counter')?.id ?? place?.id ?? '';
  return (at) => ({
    id: nanoid(),
    name: `Levain of ${jar.card.name}`,
    place: room,
    stage: stageThen(standing, at),
  });
}

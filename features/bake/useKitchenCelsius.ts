import { selectNow, selectPlaces, useAppSelector } from '@state';

import { useWarmth } from '../parts/useWarmth';

/** A kitchen without a room on its list has this, °C. */
const USUAL_ROOM = 22;

/** How warm the kitchen is at this hour, °C. */
export function useKitchenCelsius(): number {
  const now = useAppSelector(selectNow);
  const warmth = useWarmth();
  const room = useAppSelector(selectPlaces).find(({ kind }) => kind === 'counter');
  return room ? warmth(room.id, now) : USUAL_ROOM;
}

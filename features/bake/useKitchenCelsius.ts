import { celsiusAt } from '@core/ferment';
import { selectNow, selectPlaces, selectTime, useAppSelector } from '@state';

/** A kitchen without a room on its list has this, °C. */
const USUAL_ROOM = 22;

/** How warm the kitchen is at this hour, °C. */
export function useKitchenCelsius(): number {
  const now = useAppSelector(selectNow);
  const time = useAppSelector(selectTime);
  const room = useAppSelector(selectPlaces).find(({ kind }) => kind === 'counter');
  return room ? celsiusAt(room.temperature, time.hourOfDay(now)) : USUAL_ROOM;
}

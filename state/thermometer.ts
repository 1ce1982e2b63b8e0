import { type LogAsked, type ThermometerLog } from '@core/formats/thermometerLog';
import { answer, isoOf, together, trackIn } from '@core/journal';
import { type MeasuredHours, layOver, usualDay } from '@core/verbs/thermometer';

import { done } from './actions';
import { readClock } from './clock';
import { selectSettings } from './decided';
import { selectPlaceHistory, selectPlaces, selectTime, selectZones } from './selectors';
import { type Dispatch, type RootState } from './store';

/**
 * Reads a thermometer's log, off the page.
 * @throws Error with a message for the baker
 */
export async function readThermometer(
  text: string,
  state: RootState,
  asked: LogAsked,
): Promise<ThermometerLog> {
  const { readThermometerInWorker } = await import('../workers/read');
  const order = selectSettings(state).dates;
  return readThermometerInWorker(
    text,
    { zones: selectZones(state), now: readClock(), order },
    asked,
  );
}

/**
 * Lays a thermometer's hours over a place; with `usually`, the place has their usual day from now on.
 *
 * @returns objections to `hours`
 */
export const laidOver =
  (place: string, hours: MeasuredHours, usually: boolean, text?: string) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const state = getState();
    const time = selectTime(state);
    const known = trackIn(selectPlaceHistory(state), place, time);
    const card = selectPlaces(state).find(({ id }) => id === place);
    const usual = usually && card ? usualDay(card, hours, time) : null;
    return dispatch(
      done((now) => {
        const over = layOver(place, hours, known, now);
        const from = answer(usual ? [{ kind: 'arranged', at: isoOf(now), place: usual }] : []);
        return over.objections ? over : together([over, from]);
      }, text),
    );
  };

import { kitchenFileText } from '@core/formats/kitchenFile';
import { type NewEntry } from '@core/journal';
import { DAY } from '@core/measure';

import { isoNow, logEntries } from './actions';
import { readClock } from './clock';
import { selectSettings } from './decided';
import { selectLiveEvents, selectZone } from './selectors';
import { type Dispatch, type RootState } from './store';

/** The open kitchen as the text of a file: all that was entered, and what was set aside. */
export const kitchenToFile = (state: RootState): string =>
  kitchenFileText({
    exportedAt: isoNow(),
    zone: selectZone(state),
    events: state.kitchen.events,
    setAside: state.kitchen.setAside.map(({ id, at, because, lines }) => ({
      id,
      at,
      because,
      lines,
    })),
  });

/** A copy is asked for so long after the first entry, and after the last copy; days. */
const FIRST_COPY = 14;
const NEXT_COPY = 30;
/** How long the baker's "later" lasts, days. */
const LATER = 7;
/** A kitchen with fewer entries is soon entered again. */
const WORTH_COPYING = 25;

/** Whether it is time to make a copy of the kitchen: a browser's store goes with the browser. */
export function selectCopyDue(state: RootState): boolean {
  if (state.kitchen.name !== 'own') return false;
  const live = selectLiveEvents(state);
  if (live.length < WORTH_COPYING) return false;
  const { copyFrom } = selectSettings(state);
  const from = copyFrom ?? live[0]!.at;
  return state.time.now >= Date.parse(from) + (copyFrom === null ? FIRST_COPY * DAY : 0);
}

const copyIn = (days: number): NewEntry => ({
  kind: 'settled',
  at: isoNow(),
  settings: { copyFrom: new Date(readClock() + days * DAY).toISOString() },
});

/** A copy was made. */
export const copyMade = () => (dispatch: Dispatch) => {
  dispatch(logEntries([{ kind: 'copied', at: isoNow() }, copyIn(NEXT_COPY)]));
};

/** Not now. */
export const copyLater = () => (dispatch: Dispatch) => {
  dispatch(logEntries([copyIn(LATER)], 'You will be asked again in a week'));
};

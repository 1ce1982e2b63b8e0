import {
  type Dough,
  bakesOf,
  followedChoice,
  handsOf,
  leftAloneOf,
  settingsOf,
  tripsOf,
} from '@core/journal';
import { DAY } from '@core/measure';
import { type Plan } from '@core/plan';

import { USUAL_DOUGH_CARD } from './dough';
import { createSelector, unchanged } from './memo';
import { selectLog, selectNow, selectTime } from './selectors';
import { USUAL_SETTINGS } from './settings';
import { type RootState } from './store';

// What was decided stays the same object until it changes: plans are made anew when one of these does.

/** How the kitchen likes things shown and done. */
export const selectSettings = createSelector(
  [(state: RootState) => selectLog(state).of('settled'), selectLog],
  (_, log) => settingsOf(log, USUAL_SETTINGS),
  unchanged,
);

/** The bakes that are wanted. */
export const selectBakes = createSelector(
  [
    (state: RootState) => selectLog(state).of('wished'),
    (state: RootState) => selectLog(state).of('wishDropped'),
    selectLog,
    (state: RootState) => Math.floor(selectNow(state) / DAY) * DAY,
    selectTime,
  ],
  (_, __, log, today, time) => bakesOf(log, today, time),
  unchanged,
);

/** When hands are there. */
export const selectHands = createSelector(
  [(state: RootState) => selectLog(state).of('handsAre'), selectLog],
  (_, log) => handsOf(log),
  unchanged,
);

/** Whether anybody has said yet when hands are there. */
export const selectHandsGiven = (state: RootState): boolean =>
  selectLog(state).of('handsAre').length > 0;

export const selectTrips = createSelector(
  [(state: RootState) => selectLog(state).of('away'), selectLog],
  (_, log) => tripsOf(log),
  unchanged,
);

/** Steps skipped or put off: so long their jars are left alone. */
export const selectLeftAlone = createSelector(
  [
    (state: RootState) => selectLog(state).of('letBe'),
    selectLog,
    (state: RootState) => Math.floor(selectNow(state) / DAY) * DAY,
  ],
  (_, log, today) => leftAloneOf(log, today),
  unchanged,
);

/** Which of the plans offered is followed; null while none is. */
export const selectChosen = (state: RootState) => followedChoice(selectLog(state));

/** The plan that is followed. */
export function selectFollowed(state: RootState): Plan | null {
  const chosen = selectChosen(state);
  const { plans } = state.plan;
  return chosen === null ? null : (plans.find(({ name }) => name === chosen) ?? plans[0] ?? null);
}

/** Whether the plan that is followed cannot be had any more, nor any other. */
export const selectPlanLost = (state: RootState): boolean =>
  selectChosen(state) !== null &&
  state.plan.searching === null &&
  state.plan.plans.length === 0 &&
  state.plan.impossible.length > 0;

/** The dough on the card: as it is being worked out, or as it was kept. */
export const selectDough = (state: RootState): Dough =>
  state.dough ?? selectLog(state).of('doughKept').at(-1)?.dough ?? USUAL_DOUGH_CARD;

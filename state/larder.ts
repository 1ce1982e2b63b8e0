import { createSelector } from './memo';

import { USUAL_BELIEF, middlePace } from '@core/ferment';
import { DAY } from '@core/measure';
import { lotsOf, originsOf } from '@core/larder';

import { ofJar } from './learntBook';
import { selectEventsByJar, selectKitchenContext, selectLiveEvents, selectNow } from './selectors';
import { type RootState } from './store';

/** Frozen discard is not kept for longer. */
const LOOKED_BACK = 240 * DAY;

/** What the lots were when they left their jars. */
const selectOrigins = createSelector(
  [
    selectEventsByJar,
    selectKitchenContext,
    (state: RootState) => state.learnt,
    (state: RootState) => Math.floor(selectNow(state) / DAY),
  ],
  (byJar, context, learnt, today) =>
    new Map(
      [...byJar].flatMap(([jar, events]) => {
        const pace = middlePace(ofJar(learnt, jar)?.learnt.belief ?? USUAL_BELIEF);
        return [...originsOf(events, { ...context, pace }, today * DAY - LOOKED_BACK)];
      }),
    ),
);

/** Discard that is here, the oldest first. */
export const selectLots = createSelector([selectLiveEvents, selectOrigins, selectNow], lotsOf);

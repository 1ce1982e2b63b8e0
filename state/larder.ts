import { createSelector, unchanged } from './memo';

import { USUAL_BELIEF, middlePace } from '@core/ferment';
import { DAY } from '@core/measure';
import { lotsOf, originsOf } from '@core/larder';

import { ofJar } from './learntBook';
import { selectEventsByJar, selectKitchenContext, selectLiveEvents, selectNow } from './selectors';
import { type RootState } from './store';

/** Frozen discard is not kept for longer. */
const LOOKED_BACK = 240 * DAY;

const NOTHING_KNOWN: Parameters<typeof lotsOf>[1] = new Map();

/** The lots that are still here, whatever they were when they left their jars. */
const selectHere = createSelector(
  [selectLiveEvents, selectNow],
  (live, now) =>
    lotsOf(live, NOTHING_KNOWN, now)
      .filter(({ takenAt }) => takenAt >= now - LOOKED_BACK)
      .map(({ id }) => id),
  unchanged,
);

/** What the lots that are here were when they left their jars. */
const selectOrigins = createSelector(
  [selectEventsByJar, selectKitchenContext, (state: RootState) => state.learnt, selectHere],
  (byJar, context, learnt, here) => {
    const lots = new Set(here);
    return new Map(
      [...byJar].flatMap(([jar, events]) => {
        const pace = middlePace(ofJar(learnt, jar)?.learnt.belief ?? USUAL_BELIEF);
        return [...originsOf(events, { ...context, pace }, lots)];
      }),
    );
  },
);

/** Discard that is here, the oldest first. */
export const selectLots = createSelector([selectLiveEvents, selectOrigins, selectNow], lotsOf);

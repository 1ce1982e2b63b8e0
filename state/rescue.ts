import { createSelector } from './memo';

import { airWhere, contentOf } from '@core/journal';
import { DAY, HOUR } from '@core/measure';
import { handsFrom } from '@core/plan';
import {
  backupsOf,
  begunProgramme,
  dryingBatches,
  nextFeed,
  runOf,
  withoutBackup,
} from '@core/rescue';

import { selectHands, selectTrips } from './decided';
import { weekPattern } from './hands';
import {
  selectEventsByJar,
  selectJars,
  selectKitchenContext,
  selectLiveEvents,
  selectNow,
  selectTime,
} from './selectors';
import { type RootState } from './store';

/** The backups on the shelf, the newest first. */
export const selectBackups = createSelector(selectEventsByJar, backupsOf);

/** What lies drying; what was thrown out after a trouble does not. */
export const selectDrying = createSelector([selectEventsByJar, selectLiveEvents], (byJar, live) =>
  dryingBatches(byJar).filter(
    ({ id }) =>
      !live.some((event) => event.kind === 'lookedOver' && event.of === id && !event.keep),
  ),
);

/** Jars that have no backup and were not said to go without. */
export const selectWithoutBackup = createSelector(
  [selectEventsByJar, selectJars, selectDrying],
  withoutBackup,
);

/** No programme is longer, days. */
const LONGEST_PROGRAMME = 35;

/** When somebody is there, from this hour to the end of the longest programme. */
export const selectHandsAhead = createSelector(
  [
    selectHands,
    selectTrips,
    (state: RootState) => Math.floor(selectNow(state) / HOUR) * HOUR,
    selectTime,
  ],
  (hands, trips, hour, time) => [
    // Whoever looks is there, whatever the pattern says.
    { from: hour, until: hour + HOUR },
    ...handsFrom(weekPattern(hands), trips, hour, hour + LONGEST_PROGRAMME * DAY, time),
  ],
);

/** Jars in a programme, with how it goes and what it asks for next, in the order they joined. */
export const selectRuns = createSelector(
  [selectEventsByJar, selectJars, selectKitchenContext, selectNow, selectHandsAhead],
  (byJar, jars, context, now, hands) =>
    jars.flatMap((jar) => {
      const events = byJar.get(jar.id) ?? [];
      const begun = begunProgramme(events);
      if (!begun) return [];
      const run = runOf(begun, events, now, airWhere(events, context));
      return [{ jar, begun, run, next: nextFeed(run, contentOf(jar).massG, now, hands) }];
    }),
);

/** A jar's programme under way. */
export type JarRun = ReturnType<typeof selectRuns>[number];

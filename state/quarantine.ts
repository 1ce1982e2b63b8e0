import { createSelector, unchanged } from './memo';

import { spokenFor } from '@core/larder';
import { type Quarantine, type Reached, quarantinesOf } from '@core/rescue';
import { lookOver } from '@core/verbs';

import { done } from './actions';
import { selectBakes } from './decided';
import { selectLots } from './larder';
import { selectBackups, selectDrying } from './rescue';
import {
  selectBowls,
  selectEventsByJar,
  selectJars,
  selectLiveEvents,
  selectLog,
  selectNow,
  selectTubs,
} from './selectors';
import { type Dispatch, type RootState } from './store';

/** A levain in a bowl may have the trouble of its jar. */
const selectAllInUse = createSelector([selectJars, selectBowls], (jars, bowls) => [
  ...jars,
  ...bowls,
]);

const selectReached = createSelector(
  [
    selectEventsByJar,
    selectLiveEvents,
    selectLots,
    selectBackups,
    selectDrying,
    selectAllInUse,
    selectTubs,
  ],
  (byJar, live, lots, backups, drying, jars, tubs) =>
    quarantinesOf(byJar, live, { lots, backups, drying, jars, tubs }),
  unchanged,
);

const NONE: readonly Quarantine[] = [];

/**
 * Jars that were thrown out, with what came from each and is still to be looked over. Where none ever was, as in most
 * kitchens, nothing of the larder is worked out for it: the first page asks.
 */
export const selectQuarantines = (state: RootState): readonly Quarantine[] =>
  selectLog(state).of('thrownOut').length === 0 ? NONE : selectReached(state);

/** The ids of all that is to be looked over before it is used. */
export const selectQuarantined = createSelector(
  selectQuarantines,
  (quarantines): ReadonlySet<string> =>
    new Set(quarantines.flatMap(({ reached }) => reached.map(({ of }) => of))),
);

/** Discard that may be used: none of it waits to be looked over. */
export const selectGoodLots = createSelector([selectLots, selectQuarantined], (lots, held) =>
  lots.filter(({ id }) => !held.has(id)),
);

/** What of it is kept for wishes that take anything, and what is free. */
export const selectSpokenFor = createSelector([selectGoodLots, selectBakes, selectNow], spokenFor);

/** Something that came from a jar that was thrown out is kept, for it was looked at; or it goes too. */
export const lookedOver =
  (reached: readonly Reached[], keep: boolean, text: string) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const state = getState();
    const here = {
      lots: selectLots(state),
      backups: selectBackups(state),
      jars: selectAllInUse(state),
    };
    return dispatch(done((now) => lookOver(reached, keep, here, now), text));
  };

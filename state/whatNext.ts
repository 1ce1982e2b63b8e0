import { type JarAhead, nextInOrder } from '@core/next';

import { selectBakes, selectFollowed } from './decided';
import { createSelector } from './memo';
import { selectWishesInBowls } from './planProblem';
import { selectPromises } from './promises';
import { selectQuarantined } from './quarantine';
import { selectRuns } from './rescue';
import { selectBowlStandings, selectStandings } from './selectors';
import { type RootState } from './store';

/** Bakes that want levain of a jar and have none building. */
const selectWishesAhead = createSelector([selectBakes, selectWishesInBowls], (bakes, inBowls) =>
  bakes.filter(({ id, anything }) => !anything && !inBowls.has(id)).sort((a, b) => a.from - b.from),
);

/** Moves that are to be made now, or were to be made and nobody has said whether they were. */
const selectPressingMoves = createSelector([selectPromises], (promises) =>
  promises.filter(({ state }) => state !== 'waits'),
);

/** While plans are being sought for a new bake, it is not one that nobody sees to. */
const selectSeeking = (state: RootState): boolean =>
  state.plan.searching !== null && selectFollowed(state) !== null;

/** What is next for every jar and every levain in a bowl, the most pressing first: the one answer that all that speaks of a jar takes it from. */
export const selectWhatNext = createSelector(
  [
    selectStandings,
    selectBowlStandings,
    selectBakes,
    selectQuarantined,
    selectRuns,
    selectFollowed,
    selectWishesAhead,
    selectPressingMoves,
    selectSeeking,
  ],
  (standings, bowls, bakes, quarantined, runs, plan, wishes, promises, seeking) =>
    nextInOrder(
      [...standings, ...bowls].map((standing): JarAhead => {
        const { id, card } = standing.jar;
        return {
          standing,
          quarantined: quarantined.has(id),
          programme: runs.find(({ jar }) => jar.id === id) ?? null,
          plan,
          wishes: seeking ? [] : wishes.filter(({ jar }) => jar === id),
          promise: promises.find(({ jar }) => jar === id) ?? null,
          doughFor: bakes.find((bake) => bake.id === card.bowl?.wish) ?? null,
        };
      }),
    ),
);

/** What is next for one jar; null for one that is archived or not there. */
export const selectNextOf = (state: RootState, jar: string) =>
  selectWhatNext(state).find((next) => next.jar === jar) ?? null;

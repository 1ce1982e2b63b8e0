import { createSelector } from './memo';

import { contentOf } from '@core/journal';
import { type Quarantine, type Reached, quarantinesOf } from '@core/rescue';

import { type NewEvent, isoNow, logEntries } from './actions';
import { selectLots } from './larder';
import { selectBackups, selectDrying } from './rescue';
import {
  selectEventsByJar,
  selectJars,
  selectLiveEvents,
  selectLog,
  selectTubs,
} from './selectors';
import { type Dispatch, type RootState } from './store';

const selectReached = createSelector(
  [
    selectEventsByJar,
    selectLiveEvents,
    selectLots,
    selectBackups,
    selectDrying,
    selectJars,
    selectTubs,
  ],
  (byJar, live, lots, backups, drying, jars, tubs) =>
    quarantinesOf(byJar, live, { lots, backups, drying, jars, tubs }),
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

/** Something that came from a jar that was thrown out is kept, for it was looked at; or it goes too. */
export const lookOver =
  (reached: readonly Reached[], keep: boolean, text: string) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const state = getState();
    const at = isoNow();
    const over = reached.map(({ what, of }): NewEvent => ({
      kind: 'lookedOver',
      at,
      what,
      of,
      keep,
    }));
    dispatch(
      logEntries([...over, ...(keep ? [] : reached.flatMap((one) => gone(state, one, at)))], text),
    );
  };

/** The entries by which something leaves the kitchen. */
function gone(state: RootState, { what, of }: Reached, at: string): readonly NewEvent[] {
  switch (what) {
    case 'lot': {
      const lot = selectLots(state).find(({ id }) => id === of);
      return lot
        ? [{ kind: 'lotsUsed', at, lots: [{ lot: of, grams: lot.grams }], to: 'bin' }]
        : [];
    }
    case 'backup': {
      const backup = selectBackups(state).find(({ id }) => id === of);
      return backup
        ? [{ kind: 'backupUsed', at, jar: backup.jar, backup: of, grams: backup.gramsLeft }]
        : [];
    }
    case 'jar': {
      const jar = selectJars(state).find(({ id }) => id === of);
      if (!jar) return [];
      const grams = Math.round(contentOf(jar).massG);
      return [
        ...(grams > 0 ? [{ kind: 'discarded', at, jar: of, grams, to: 'bin' } as const] : []),
        { kind: 'described', at, jar: of, card: { ...jar.card, archived: true } },
      ];
    }
    case 'tub':
      return [{ kind: 'tubGone', at, tub: of }];
    case 'drying':
      return [];
  }
}

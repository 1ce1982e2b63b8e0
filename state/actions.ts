import { nanoid } from '@reduxjs/toolkit';

import { type Place } from '@core/ferment';
import { type JournalEvent } from '@core/journal';

import { readClock } from './clock';
import { logged } from './kitchen';
import { noticeClosed, noticed } from './notice';
import { type Dispatch, type RootState } from './store';
import { ticked } from './time';

/** An event that has no id yet: it gets one when it is logged. */
export type NewEvent = JournalEvent extends infer E
  ? E extends JournalEvent
    ? Omit<E, 'id'>
    : never
  : never;

/** Writes entries into the journal and offers to undo them together. */
export const logEntries = (entries: readonly NewEvent[], text: string) => (dispatch: Dispatch) => {
  const events = entries.map((entry) => ({ ...entry, id: nanoid() }));
  dispatch(logged(events));
  dispatch(ticked(readClock()));
  dispatch(noticed({ text, undo: events.map((event) => event.id) }));
};

/** Withdraws what the bar at the bottom offers to undo. */
export const undoNotice = () => (dispatch: Dispatch, getState: () => RootState) => {
  const { notice } = getState();
  dispatch(noticeClosed());
  if (notice && notice.undo.length > 0) dispatch(withdraw(notice.undo));
};

/** Entries that no longer count. They stay in the journal, as a correction should; this too can be undone. */
export const withdrawEntries =
  (entries: readonly string[], text: string) => (dispatch: Dispatch) => {
    const id = dispatch(withdraw(entries));
    dispatch(noticed({ text, undo: [id] }));
  };

const withdraw = (entries: readonly string[]) => (dispatch: Dispatch) => {
  const id = nanoid();
  dispatch(logged([{ kind: 'withdrew', id, at: new Date(readClock()).toISOString(), entries }]));
  dispatch(ticked(readClock()));
  return id;
};

/**
 * A place as it is from now on, or as it has been all along; the second withdraws what was said of it before.
 */
export const arrangePlace =
  (place: Place, since: 'now' | 'always') => (dispatch: Dispatch, getState: () => RootState) => {
    const earlier = getState().kitchen.events.filter(
      (event) => event.kind === 'arranged' && event.place.id === place.id,
    );
    const rewrite = since === 'always' && earlier.length > 0;
    const at = rewrite ? earlier[0]!.at : new Date(readClock()).toISOString();
    dispatch(
      logEntries(
        [
          { kind: 'arranged', at, place },
          ...(rewrite
            ? [{ kind: 'withdrew' as const, at, entries: earlier.map((event) => event.id) }]
            : []),
        ],
        `${place.name} is changed`,
      ),
    );
  };

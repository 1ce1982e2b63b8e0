import { type UnknownAction, nanoid } from '@reduxjs/toolkit';

import { type Place } from '@core/ferment';
import { type JournalEvent } from '@core/journal';
import { type OtherFlour } from '@core/larder';

import { draftChanged } from './bench';
import { readClock } from './clock';
import { logged } from './kitchen';
import { noticeClosed, noticed } from './notice';
import { wishesOf, wishesRestored } from './plan';
import { type Dispatch, type RootState } from './store';
import { ticked } from './time';

/** An event that has no id yet: it gets one when it is logged. */
export type NewEvent = JournalEvent extends infer E
  ? E extends JournalEvent
    ? Omit<E, 'id'>
    : never
  : never;

/** Writes entries into the journal, changes a wish with them if need be, and offers to undo it all together. */
export const logEntries =
  (entries: readonly NewEvent[], text: string, wish?: UnknownAction) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const events = entries.map((entry) => ({ ...entry, id: nanoid() }));
    const wishes = wishesOf(getState().plan);
    dispatch(logged(events));
    if (wish) dispatch(wish);
    dispatch(ticked(readClock()));
    dispatch(noticed({ text, undo: events.map((event) => event.id), ...(wish && { wishes }) }));
  };

/** Changes what is wished for, and offers to undo it. */
export const changeWish =
  (wish: UnknownAction, text: string) => (dispatch: Dispatch, getState: () => RootState) => {
    const wishes = wishesOf(getState().plan);
    dispatch(wish);
    dispatch(noticed({ text, undo: [], wishes }));
  };

/** Takes back what the bar at the bottom offers to undo. */
export const undoNotice = () => (dispatch: Dispatch, getState: () => RootState) => {
  const { notice } = getState();
  dispatch(noticeClosed());
  if (notice?.wishes) dispatch(wishesRestored(notice.wishes));
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

/** Fills the bench with a feed's grams, for the baker to weigh out; what was under way for that jar gives way. */
export const fillBench =
  (
    jar: string,
    grams: { readonly keepG: number; readonly flourG: number; readonly waterG: number },
    place: string | null,
    other: OtherFlour | null = null,
  ) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const { order, weighing } = getState().settings;
    dispatch(
      draftChanged({
        jar,
        draft: {
          step: 0,
          keepG: grams.keepG,
          parts: grams.flourG / grams.keepG,
          waterParts: grams.waterG / grams.keepG,
          order,
          weighing,
          landed: {},
          to: 'discardJar',
          wantedAt: null,
          fedAt: null,
          place,
          other,
        },
      }),
    );
  };

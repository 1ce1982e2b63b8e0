import { nanoid } from '@reduxjs/toolkit';

import { type Place } from '@core/ferment';
import {
  type Answer,
  type JarAtHand,
  type NewEntry,
  type Objection,
  isEntry,
  together,
} from '@core/journal';
import { type Instant } from '@core/measure';
import { type OtherFlour } from '@core/larder';

import { draftChanged } from './bench';
import { readClock } from './clock';
import { selectSettings } from './decided';
import { logged } from './kitchen';
import { noticeClosed, noticed } from './notice';
import { selectArranged, selectJar, selectJarEvents, selectLog } from './selectors';
import { type Dispatch, type RootState } from './store';
import { ticked } from './time';

/** The moment, as an entry has it. */
export const isoNow = (): string => new Date(readClock()).toISOString();

const NOT_AN_ENTRY =
  'This cannot be written down: a date, a weight or a name is not possible. Nothing was changed.';

/**
 * Writes entries into the journal and offers to undo them. This is the last door before the journal: what is no entry is
 * not let in, whatever screen it comes from.
 *
 * @param text what the bar at the bottom says; without it nothing is said
 * @returns the ids of the entries; none when they were not let in
 */
export const logEntries =
  (entries: readonly NewEntry[], text?: string) =>
  (dispatch: Dispatch): readonly string[] => {
    const said = readClock();
    const events = entries.map((entry) => ({ ...entry, id: entry.id ?? nanoid() }));
    if (!events.every((event) => isEntry(event, said))) {
      dispatch(noticed({ text: NOT_AN_ENTRY, undo: [] }));
      return [];
    }
    const ids = events.map(({ id }) => id);
    dispatch(logged(events));
    dispatch(ticked(said));
    if (text !== undefined) dispatch(noticed({ text, undo: ids }));
    return ids;
  };

/** What the bar at the bottom says; put into words once it is done, where it could not be before. */
type Said = string | (() => string);

/**
 * Does what a verb of core answers: writes its entries down, and offers to undo them.
 *
 * @returns what stands against it, by field; empty when it is done
 */
export const done =
  (verb: (now: Instant) => Answer, text?: Said) =>
  (dispatch: Dispatch): readonly Objection[] => {
    const { entries, objections } = verb(readClock());
    if (objections) return objections;
    if (entries.length === 0) return [];
    const ids = dispatch(logEntries(entries, typeof text === 'function' ? text() : text));
    // What was not let in was said already; whoever asked keeps what was typed.
    return ids.length > 0 ? [] : [{ field: 'entry', message: NOT_AN_ENTRY }];
  };

/** For a deed of one touch, which has no field to say it beside: what stands against it is said in the bar. */
export const orSaid =
  (deed: (dispatch: Dispatch, getState: () => RootState) => readonly Objection[]) =>
  (dispatch: Dispatch): void => {
    const [objection] = dispatch(deed);
    if (objection) dispatch(noticed({ text: objection.message, undo: [] }));
  };

/** Does something to a jar: {@link done}, with the jar at hand. One that is gone meanwhile is said to be. */
export const doneTo = (id: string, verb: (atHand: JarAtHand) => Answer, text?: Said) =>
  doneToEach([id], verb, text);

const NO_SUCH_JAR = 'This jar is not in the kitchen any more. Nothing was changed.';

/** Does the same to several jars at once, or to none. */
export const doneToEach =
  (ids: readonly string[], verb: (atHand: JarAtHand) => Answer, text?: Said) =>
  (dispatch: Dispatch, getState: () => RootState): readonly Objection[] => {
    const state = getState();
    const jars = ids.map((id) => selectJar(state, id)).filter((jar) => jar !== null);
    if (jars.length < ids.length) {
      dispatch(noticed({ text: NO_SUCH_JAR, undo: [] }));
      return [{ field: 'jar', message: NO_SUCH_JAR }];
    }
    return dispatch(
      done(
        (now) => together(jars.map((jar) => verb({ ...saidOf(state, jar.id), jar, now }))),
        text,
      ),
    );
  };

const saidOf = (state: RootState, jar: string) => ({
  earlier: selectJarEvents(state, jar),
  coming: selectLog(state).coming.get(jar) ?? [],
});

/** The first thing that stands against each field. */
export const byField = (objections: readonly Objection[]): Readonly<Record<string, string>> =>
  Object.fromEntries(objections.toReversed().map(({ field, message }) => [field, message]));

/** Takes back what the bar at the bottom offers to undo. */
export const undoNotice = () => (dispatch: Dispatch, getState: () => RootState) => {
  const { notice } = getState();
  dispatch(noticeClosed());
  if (notice && notice.undo.length > 0) dispatch(withdraw(notice.undo));
};

/** Entries that no longer count. They stay in the journal, as a correction should; this too can be undone. */
export const withdrawEntries =
  (entries: readonly string[], text: string) => (dispatch: Dispatch) => {
    dispatch(noticed({ text, undo: dispatch(withdraw(entries)) }));
  };

const withdraw = (entries: readonly string[]) =>
  logEntries([{ kind: 'withdrew', at: isoNow(), entries }]);

/**
 * A place as it is from now on, or as it has been all along; the second withdraws what was said of it before.
 */
export const arrangePlace =
  (place: Place, since: 'now' | 'always') => (dispatch: Dispatch, getState: () => RootState) => {
    const earlier = selectArranged(getState()).filter((event) => event.place.id === place.id);
    const rewrite = since === 'always' && earlier.length > 0;
    const at = rewrite ? earlier[0]!.at : isoNow();
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

/**
 * Fills the bench with a feed's grams, for the baker to weigh out; what was under way for that jar gives way.
 *
 * @param outBeforeColdH hours it stands out where it goes into the cold; by the school when not given
 */
export const fillBench =
  (
    jar: string,
    grams: { readonly keepG: number; readonly flourG: number; readonly waterG: number },
    place: string | null,
    other: OtherFlour | null = null,
    outBeforeColdH?: number,
  ) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const { order, weighing } = selectSettings(getState());
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
          ...(outBeforeColdH === undefined ? {} : { outBeforeColdH }),
        },
      }),
    );
  };

import { nanoid } from '@reduxjs/toolkit';

import { type JournalTable, type NamedJar } from '@core/formats/journalTable';
import { type TableAsked } from '@core/formats/tableSense';
import { type Started } from '@core/journal';
import { type FlourKind } from '@core/measure';
import { type NotesTo, takeInNotes } from '@core/verbs/takeInNotes';

import { done } from './actions';
import { readClock } from './clock';
import { selectSettings } from './decided';
import {
  selectArchived,
  selectEventsByJar,
  selectJar,
  selectJars,
  selectPlaces,
  selectZones,
} from './selectors';
import { type Dispatch, type RootState } from './store';

/**
 * Reads notes that somebody kept in a table, off the page.
 * @throws Error with a message for the baker
 */
export async function readNotes(
  text: string,
  state: RootState,
  asked: TableAsked,
): Promise<JournalTable> {
  const { readJournalInWorker } = await import('../workers/read');
  const jars = [...selectJars(state), ...selectArchived(state)];
  return readJournalInWorker(
    text,
    { zones: selectZones(state), now: readClock(), order: selectSettings(state).dates },
    {
      jars: jars.map(({ id, card }) => ({ id, name: card.name })),
      places: selectPlaces(state).map(({ id, name }) => ({ id, name })),
      known: [...selectEventsByJar(state).values()].flat(),
    },
    asked,
  );
}

/** Where the notes of a jar are to go, as it is chosen: a jar of the kitchen, a new one of a name, or nowhere. */
export type NotesChoice =
  | { readonly is: 'jar'; readonly jar: string }
  | { readonly is: 'new'; readonly name: string; readonly flour: FlourKind }
  | { readonly is: 'nowhere' };

/**
 * Notes that were read are written down; one undo takes all of them back.
 *
 * @returns objections to `jars`
 */
export const notesTaken =
  (all: readonly (readonly [NamedJar, NotesChoice])[], text: string) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const state = getState();
    const place = selectPlaces(state).find(({ kind }) => kind === 'counter')?.id ?? '';
    const to = (choice: NotesChoice): NotesTo => {
      if (choice.is === 'new')
        return { is: 'new', id: nanoid(), name: choice.name, place, flour: { [choice.flour]: 1 } };
      if (choice.is === 'nowhere') return choice;
      const start = selectEventsByJar(state)
        .get(choice.jar)
        ?.find((event): event is Started => event.kind === 'started');
      const flour = selectJar(state, choice.jar)?.card.flour;
      return start && flour ? { is: 'jar', start, flour } : { is: 'nowhere' };
    };
    return dispatch(
      done(
        (now) =>
          takeInNotes(
            all.map(([notes, choice]) => [notes, to(choice)]),
            now,
          ),
        text,
      ),
    );
  };

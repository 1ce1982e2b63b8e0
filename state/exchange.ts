import { nanoid } from '@reduxjs/toolkit';

import { type FileRead, isUntouched } from '@core/formats/kitchenFile';
import { type NamedPicture } from '@core/formats/kitchenZip';
import { type JournalEvent } from '@core/journal';
import { isZone } from '@core/measure';

import { isoNow } from './actions';
import { kitchenToFile } from './copies';
import { readClock } from './clock';
import { setAsideInto } from './door';
import { keepPending, writerOf } from './keeping';
import { arrived, setAsideAdded } from './kitchen';
import { selectLog } from './selectors';
import { type RootState, type Store } from './store';

/** The open kitchen with its pictures as one zip. Those that are not on this device are left out. */
export async function kitchenToZip(state: RootState): Promise<Uint8Array> {
  const { readPicture } = await import('./door/pictures');
  const { name } = state.kitchen;
  const ids = new Set(
    selectLog(state)
      .of('pictured')
      .map(({ picture }) => picture),
  );
  const found = await Promise.all(
    [...ids].map(async (id): Promise<readonly NamedPicture[]> => {
      const picture = await readPicture(name, id);
      if (!picture) return [];
      return [{ name: id, bytes: new Uint8Array(await picture.arrayBuffer()) }];
    }),
  );
  const { packInWorker } = await import('../workers/read');
  return packInWorker(kitchenToFile(state), found.flat());
}

/** Whether the kitchen has pictures that a file alone would leave behind. */
export const selectHasPictures = (state: RootState): boolean =>
  selectLog(state).of('pictured').length > 0;

/** What a file would bring, before anything changes. */
export interface Brought {
  readonly fresh: readonly JournalEvent[];
  readonly known: number;
  readonly repeated: number;
  readonly refused: readonly string[];
  readonly file: FileRead;
  readonly pictures: readonly NamedPicture[];
}

/** A file that was read, with the pictures that came with it. */
export interface ReadKitchen {
  readonly read: FileRead;
  readonly pictures: readonly NamedPicture[];
}

/**
 * Reads a file somebody chose, off the page.
 * @throws Error with a message for the baker when it is no kitchen at all
 */
export async function readFile(
  file: Pick<File, 'name' | 'text' | 'arrayBuffer'>,
): Promise<ReadKitchen> {
  const { readInWorker, unpackInWorker } = await import('../workers/read');
  if (file.name.toLowerCase().endsWith('.zip'))
    return unpackInWorker(new Uint8Array(await file.arrayBuffer()), readClock());
  return { read: await readInWorker(await file.text(), readClock()), pictures: [] };
}

/** What a file that was read would bring to the open kitchen. */
export function arrivalOf({ read: file, pictures }: ReadKitchen, state: RootState): Brought {
  const here = new Set(state.kitchen.events.map((event) => event.id));
  const fresh = file.events.filter((event) => !here.has(event.id));
  return {
    fresh,
    known: file.events.length - fresh.length,
    repeated: file.repeated,
    refused: file.refused,
    file,
    pictures,
  };
}

/**
 * Takes a file in: entries are added by id, nothing is overwritten. They are written into the store first; when there is no
 * room, nothing changes. A kitchen that is as it began takes the file's zone and places.
 *
 * @returns the ids of what came, to be withdrawn when it was a mistake
 * @throws when it could not be written
 */
export async function takeIn(
  store: Store,
  { fresh, file, pictures }: Brought,
): Promise<readonly string[]> {
  await keepPending(store);
  const state = store.getState();
  const { name, kept, setAside } = state.kitchen;
  const events = [...fresh, ...insteadOfUsual(file, state)];
  const known = new Set(setAside.map(({ id }) => id));
  const aside = file.setAside
    .filter(({ id }) => !known.has(id))
    .map((item) => ({ ...item, byHand: false, quiet: false }));
  // Before the entries that name them.
  if (pictures.length > 0) {
    const { keepPicture } = await import('./door/pictures');
    for (const { name: id, bytes } of pictures)
      await keepPicture(name, id, new Blob([bytes.slice()], { type: 'image/jpeg' }));
  }
  if (kept) {
    if (events.length > 0) await writerOf(store, name).write(events);
    await setAsideInto(name, aside);
  }
  store.dispatch(arrived({ kitchen: name, events }));
  if (aside.length > 0) store.dispatch(setAsideAdded(aside));
  return events.map(({ id }) => id);
}

/**
 * A kitchen that is as it began has only usual places and the device's zone, which nobody gave it: those of the file count
 * instead, though they were said earlier.
 */
function insteadOfUsual({ zone, events }: FileRead, state: RootState): readonly JournalEvent[] {
  const log = selectLog(state);
  if (!isUntouched(log)) return [];
  const at = isoNow();
  const places = new Set(events.flatMap((e) => (e.kind === 'arranged' ? [e.place.id] : [])));
  const usual = log.of('arranged').filter(({ place }) => places.has(place.id));
  const said = [...log.of('zoned'), ...usual].map(({ id }) => id);
  const withdrawn: readonly JournalEvent[] =
    said.length > 0 ? [{ kind: 'withdrew', id: nanoid(), at, entries: said }] : [];
  if (events.some(({ kind }) => kind === 'zoned')) return withdrawn;
  return zone !== null && isZone(zone)
    ? [...withdrawn, { kind: 'zoned', id: nanoid(), at, zone, always: true }]
    : [];
}

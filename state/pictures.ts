import { nanoid } from '@reduxjs/toolkit';

import { CLOCKS_SET_SINCE, instantAt } from '@core/measure';
import { type Proposal } from '@core/picture';
import { addPicture, lookByPictures } from '@core/verbs/pictures';

import { done, doneTo } from './actions';
import { readClock } from './clock';
import { selectTime } from './selectors';
import { type Dispatch, type RootState } from './store';

/** A picture of a camera is no larger, bytes. */
const LARGEST_PICTURE = 80_000_000;
const TOO_LARGE = 'This file is larger than any picture. Nothing was changed.';
const NO_ROOM = 'There is no room in the browser for this picture. Nothing was changed.';

/** What a picture is put to. */
export interface PictureOf {
  readonly jar: string;
  /** The entry, by the id that it first had. */
  readonly of?: string;
}

/**
 * Makes a picture small enough to be kept, keeps it, and writes it down.
 *
 * @returns what keeps it out, in words for the baker; null when it is kept
 */
export const pictureAdded =
  (file: Blob, to: PictureOf, text: string) =>
  async (dispatch: Dispatch, getState: () => RootState): Promise<string | null> => {
    if (file.size > LARGEST_PICTURE) return TOO_LARGE;
    const { shrinkInWorker } = await import('../workers/picture');
    const shrunk = await shrinkInWorker(file);
    if ('problem' in shrunk) return shrunk.problem;
    const { dropPicture, keepPicture } = await import('./door/pictures');
    const { name } = getState().kitchen;
    const id = nanoid();
    try {
      await keepPicture(name, id, shrunk.picture);
    } catch {
      return NO_ROOM;
    }
    const { width, height, takenAt } = shrunk;
    const [objection] = dispatch(
      done((now) => addPicture({ id, width, height }, to, takenBy(takenAt, now, getState())), text),
    );
    if (!objection) return null;
    await dropPicture(name, id);
    return objection.message;
  };

/** A picture that was read: as it is kept, and where its marks may stand. */
export interface ReadPicture {
  readonly picture: Blob;
  readonly width: number;
  readonly height: number;
  /** Null where the file does not say, or says what cannot be. */
  readonly takenAt: number | null;
  readonly proposal: Proposal | null;
}

/** Reads a picture of a jar, off the page. Nothing is kept yet. */
export const pictureRead =
  (file: Blob) =>
  async (
    _: Dispatch,
    getState: () => RootState,
  ): Promise<ReadPicture | { readonly problem: string }> => {
    if (file.size > LARGEST_PICTURE) return { problem: TOO_LARGE };
    const { readPictureInWorker } = await import('../workers/picture');
    const read = await readPictureInWorker(file);
    if ('problem' in read) return read;
    const now = readClock();
    const at = takenBy(read.takenAt, now, getState());
    return { ...read, takenAt: at === now ? null : at };
  };

/** A picture with the look that was read off it; without an hour it is just now. */
export interface PictureLook extends Pick<ReadPicture, 'picture' | 'width' | 'height'> {
  readonly at: number | null;
  /** By volume, 1 at the band. */
  readonly rise: number;
}

/**
 * Looks that were read off pictures are written down, each with its picture; one undo takes all of them back.
 *
 * @returns what keeps them out, in words for the baker; null when they are logged
 */
export const picturesLogged =
  (jar: string, looks: readonly PictureLook[], text: string) =>
  async (dispatch: Dispatch, getState: () => RootState): Promise<string | null> => {
    const { dropPicture, keepPicture } = await import('./door/pictures');
    const { name } = getState().kitchen;
    const named = looks.map((one) => ({ ...one, id: nanoid(), pictureId: nanoid() }));
    try {
      for (const { pictureId, picture } of named) await keepPicture(name, pictureId, picture);
    } catch {
      return NO_ROOM;
    }
    const [objection] = dispatch(
      doneTo(
        jar,
        (atHand) =>
          lookByPictures(
            atHand,
            named.map(({ id, at, rise, pictureId, width, height }) => ({
              id,
              at: at ?? atHand.now,
              rise,
              picture: { id: pictureId, width, height },
            })),
          ),
        text,
      ),
    );
    if (!objection) return null;
    for (const { pictureId } of named) await dropPicture(name, pictureId);
    return objection.message;
  };

/** When a picture was taken: as its camera says, unless that is still to come or its clock was never set. */
function takenBy(takenAt: string | null, now: number, state: RootState): number {
  if (takenAt === null) return now;
  const at = instantAt(Date.parse(`${takenAt}Z`), selectTime(state));
  return at <= now && at >= CLOCKS_SET_SINCE ? at : now;
}

/** A picture of the open kitchen; null where it is not on this device. */
export const pictureOf =
  (id: string) =>
  async (_: Dispatch, getState: () => RootState): Promise<Blob | null> => {
    const { readPicture } = await import('./door/pictures');
    return readPicture(getState().kitchen.name, id);
  };

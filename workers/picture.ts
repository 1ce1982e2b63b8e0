import { type Remote, wrap } from 'comlink';

import { FALLEN_OVER, fallenOver } from './fallenOver';
import type { PictureWork, ReadShrunk, Shrunk } from './picture.worker';

/** Works on a picture in a worker, which is started for it and ended after it. One that falls over says so as of any picture. */
async function inWorker<Done>(
  act: (work: Remote<PictureWork>) => Promise<Done>,
): Promise<Done | { readonly problem: string }> {
  const thread = new Worker(new URL('./picture.worker', window.location.href));
  try {
    return await Promise.race([act(wrap<PictureWork>(thread)), fallenOver(thread)]);
  } catch {
    return { problem: FALLEN_OVER };
  } finally {
    thread.terminate();
  }
}

/** Turns a picture upright and makes it small enough to be kept, in a worker that is started for it and ended after it. */
export const shrinkInWorker = (file: Blob): Promise<Shrunk> =>
  inWorker(async (work) => work.shrink(file));

/** The same, with where floor, band and surface of a jar may be in it. */
export const readPictureInWorker = (file: Blob): Promise<ReadShrunk> =>
  inWorker(async (work) => work.read(file));

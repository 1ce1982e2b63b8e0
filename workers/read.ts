import { wrap } from 'comlink';

import { type FileRead } from '@core/formats/kitchenFile';

import type { ReadWork } from './read.worker';

/**
 * Reads a file in a worker, which is started for it and ended after it.
 * @throws Error with a message for the baker
 */
export async function readInWorker(text: string, now: number): Promise<FileRead> {
  const thread = new Worker(new URL('./read.worker', window.location.href));
  try {
    const outcome = await wrap<ReadWork>(thread).read(text, now);
    if ('problem' in outcome) throw new Error(outcome.problem);
    return outcome.read;
  } finally {
    thread.terminate();
  }
}

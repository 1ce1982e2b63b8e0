import { type Remote, wrap } from 'comlink';

import { type FileRead } from '@core/formats/kitchenFile';
import { type JournalTable, type TableKitchen } from '@core/formats/journalTable';
import { type TableAsked } from '@core/formats/tableSense';
import { type NamedPicture } from '@core/formats/kitchenZip';
import { type LogAsked, type ThermometerLog } from '@core/formats/thermometerLog';

import { fallenOver } from './fallenOver';
import type { Outcome, ReadWork, ReaderOf } from './read.worker';

/** Works on a file in a worker, which is started for it and ended after it. */
async function workOn<Done>(act: (work: Remote<ReadWork>) => Promise<Done>): Promise<Done> {
  const thread = new Worker(new URL('./read.worker', window.location.href));
  try {
    return await Promise.race([act(wrap<ReadWork>(thread)), fallenOver(thread)]);
  } finally {
    thread.terminate();
  }
}

/**
 * What was read of a file.
 * @throws Error with a message for the baker
 */
const inWorker = <Read>(read: (work: Remote<ReadWork>) => Promise<Outcome<Read>>): Promise<Read> =>
  workOn(async (work) => {
    const outcome = await read(work);
    if ('problem' in outcome) throw new Error(outcome.problem);
    return outcome.read;
  });

/** A kitchen's text and its pictures, packed into one zip. */
export const packInWorker = (
  text: string,
  pictures: readonly NamedPicture[],
): Promise<Uint8Array> => workOn((work) => work.pack(text, pictures));

/** What a zip holds of a kitchen. */
export const unpackInWorker = (zip: Uint8Array, now: number) =>
  inWorker((work) => work.unpack(zip, now));

/** A kitchen's own file. */
export const readInWorker = (text: string, now: number): Promise<FileRead> =>
  inWorker((work) => work.kitchen(text, now));

/** The log of a thermometer. */
export const readThermometerInWorker = (
  text: string,
  reader: ReaderOf,
  asked: LogAsked,
): Promise<ThermometerLog> => inWorker((work) => work.thermometer(text, reader, asked));

/** Notes that somebody kept in a table. */
export const readJournalInWorker = (
  text: string,
  reader: ReaderOf,
  kitchen: Pick<TableKitchen, 'jars' | 'places' | 'known'>,
  asked: TableAsked,
): Promise<JournalTable> => inWorker((work) => work.journal(text, reader, kitchen, asked));

import { expose } from 'comlink';

import { type FileRead } from '@core/formats/kitchenFile';
import { type JournalTable, type TableKitchen, readJournalTable } from '@core/formats/journalTable';
import { type NamedPicture, kitchenZip, readKitchenZip } from '@core/formats/kitchenZip';
import { type TableAsked } from '@core/formats/tableSense';
import { readKitchenFile } from '@core/formats/readKitchenFile';
import {
  type LogAsked,
  type ThermometerLog,
  readThermometerLog,
} from '@core/formats/thermometerLog';
import { type DayOrder } from '@core/formats/writtenMoment';
import { type ZoneSince, kitchenTime } from '@core/measure';

/** What came of reading a file; an error's message is for the baker. */
export type Outcome<Read> = { readonly read: Read } | { readonly problem: string };

/** What a file of another program needs to know of the kitchen: its zones, the hour, and the order in which it writes days. */
export interface ReaderOf {
  readonly zones: readonly ZoneSince[];
  readonly now: number;
  readonly order: DayOrder;
}

function outcomeOf<Read>(read: () => Read): Outcome<Read> {
  try {
    return { read: read() };
  } catch (error) {
    return { problem: (error as Error).message };
  }
}

const work = {
  kitchen: (text: string, now: number): Outcome<FileRead> =>
    outcomeOf(() => readKitchenFile(text, now)),
  /** A kitchen's text and its pictures as one zip. */
  pack: (text: string, pictures: readonly NamedPicture[]): Uint8Array => kitchenZip(text, pictures),
  unpack: (
    zip: Uint8Array,
    now: number,
  ): Outcome<{ readonly read: FileRead; readonly pictures: readonly NamedPicture[] }> =>
    outcomeOf(() => {
      const { text, pictures } = readKitchenZip(zip);
      return { read: readKitchenFile(text, now), pictures };
    }),
  journal: (
    text: string,
    { zones, now, order }: ReaderOf,
    kitchen: Pick<TableKitchen, 'jars' | 'places' | 'known'>,
    asked: TableAsked,
  ): Outcome<JournalTable> =>
    outcomeOf(() =>
      readJournalTable(text, { time: kitchenTime(zones), now, order, ...kitchen }, asked),
    ),
  thermometer: (
    text: string,
    { zones, now, order }: ReaderOf,
    asked: LogAsked,
  ): Outcome<ThermometerLog> =>
    outcomeOf(() => readThermometerLog(text, { time: kitchenTime(zones), now, order }, asked)),
};

export type ReadWork = typeof work;

expose(work);

import { type TableKitchen, readJournalTable } from '@core/formats/journalTable';
import { kitchenZip, readKitchenZip } from '@core/formats/kitchenZip';
import { readKitchenFile } from '@core/formats/readKitchenFile';
import { type TableAsked } from '@core/formats/tableSense';
import { type LogAsked, readThermometerLog } from '@core/formats/thermometerLog';
import { kitchenTime } from '@core/measure';

import { type ReaderOf } from '../workers/read.worker';

/** What reads files in a worker, read on the spot: there are no workers here. */
const onTheSpot =
  <Asked extends readonly unknown[], Read>(read: (...asked: Asked) => Read) =>
  (...asked: Asked): Promise<Read> =>
    Promise.resolve().then(() => read(...asked));

export const readInWorker = onTheSpot(readKitchenFile);
export const packInWorker = onTheSpot(kitchenZip);
export const unpackInWorker = onTheSpot((zip: Uint8Array, now: number) => {
  const { text, pictures } = readKitchenZip(zip);
  return { read: readKitchenFile(text, now), pictures };
});
export const readThermometerInWorker = onTheSpot(
  (text: string, { zones, now, order }: ReaderOf, asked: LogAsked) =>
    readThermometerLog(text, { time: kitchenTime(zones), now, order }, asked),
);

export const readJournalInWorker = onTheSpot(
  (
    text: string,
    { zones, now, order }: ReaderOf,
    kitchen: Pick<TableKitchen, 'jars' | 'places' | 'known'>,
    asked: TableAsked,
  ) => readJournalTable(text, { time: kitchenTime(zones), now, order, ...kitchen }, asked),
);

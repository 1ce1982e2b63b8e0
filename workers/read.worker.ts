import { expose } from 'comlink';

import { type FileRead } from '@core/formats/kitchenFile';
import { readKitchenFile } from '@core/formats/readKitchenFile';

/** What came of reading a file; an error's message is for the baker. */
export type Outcome = { readonly read: FileRead } | { readonly problem: string };

const work = {
  read(text: string, now: number): Outcome {
    try {
      return { read: readKitchenFile(text, now) };
    } catch (error) {
      return { problem: (error as Error).message };
    }
  },
};

export type ReadWork = typeof work;

expose(work);

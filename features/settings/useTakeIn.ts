import { useState } from 'react';
import { useStore } from 'react-redux';

import { LONGEST_FILE } from '@core/formats/kitchenFile';
import { type Store, noticed } from '@state';
import { type Brought, arrivalOf, readFile, takeIn } from '@state/exchange';

import { chooseFile } from '../parts/chooseFile';

const TOO_LARGE = 'This file is larger than any kitchen can be. Nothing was changed.';
/** A film of pictures, bytes. */
const LONGEST_ZIP = 2_000_000_000;
const NO_ROOM =
  'There is no room in the browser to take this in. Nothing was changed. Free some room on the disk and try again.';

/** A file chosen, looked at and taken in: nothing changes before the last word, and nothing when it cannot be stored. */
export function useTakeIn() {
  const store = useStore() as Store;
  const [reading, setReading] = useState(false);
  const [arrival, setArrival] = useState<Brought | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const choose = async () => {
    setProblem(null);
    setArrival(null);
    const file = await chooseFile(['application/json', '.json', 'application/zip', '.zip']);
    if (!file) return;
    if (file.size > (file.name.toLowerCase().endsWith('.zip') ? LONGEST_ZIP : LONGEST_FILE))
      return setProblem(TOO_LARGE);
    setReading(true);
    try {
      setArrival(arrivalOf(await readFile(file), store.getState()));
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setReading(false);
    }
  };
  const accept = async (found: Brought) => {
    setReading(true);
    try {
      const undo = await takeIn(store, found);
      setArrival(null);
      store.dispatch(noticed({ text: `${entriesText(found.fresh.length)} taken in`, undo }));
    } catch {
      setProblem(NO_ROOM);
    } finally {
      setReading(false);
    }
  };
  return { reading, arrival, problem, choose, accept, leave: () => setArrival(null) };
}

export const entriesText = (count: number) => (count === 1 ? '1 entry' : `${count} entries`);

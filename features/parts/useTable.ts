import { useRef, useState } from 'react';
import { useStore } from 'react-redux';

import { type RootState, type Store } from '@state';

import { TABLES, chooseFile } from './chooseFile';

/** Larger ones are no table of a kitchen, bytes. */
const LARGEST = 40_000_000;
const TOO_LARGE = 'This file is larger than any table of a kitchen. Nothing was changed.';

/**
 * A table that somebody chooses, read as it is guessed, and again otherwise when asked. What was understood of it stays while
 * another way of reading it fails.
 *
 * @param read reads the text of the file; throws with words for the baker
 */
export function useTable<Read, Asked extends object>(
  read: (text: string, state: RootState, asked: Asked) => Promise<Read>,
  asGuessed: Asked,
) {
  const store = useStore() as Store;
  const [chosen, setChosen] = useState<{
    readonly name: string;
    readonly text: string;
    readonly table: Read;
  } | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  // What is wanted by now. Whoever asks again while a table is read gets what was asked last, with all that was asked before.
  const wanted = useRef(asGuessed);
  const open = async (name: string, text: string, asked: Asked) => {
    wanted.current = asked;
    const stillWanted = () => wanted.current === asked;
    setBusy(true);
    setProblem(null);
    try {
      const table = await read(text, store.getState(), asked);
      if (stillWanted()) setChosen({ name, text, table });
    } catch (error) {
      if (stillWanted()) setProblem((error as Error).message);
    } finally {
      if (stillWanted()) setBusy(false);
    }
  };
  return {
    table: chosen?.table ?? null,
    /** Tells one file from another. */
    name: chosen?.name ?? '',
    busy,
    problem,
    choose: async () => {
      setProblem(null);
      const file = await chooseFile(TABLES);
      if (!file) return;
      if (file.size > LARGEST) return setProblem(TOO_LARGE);
      await open(`${file.name} ${file.size}`, await file.text(), { ...asGuessed });
    },
    ask: async (change: Partial<Asked>) => {
      if (chosen) await open(chosen.name, chosen.text, { ...wanted.current, ...change });
    },
    fail: setProblem,
    leave: () => {
      wanted.current = { ...asGuessed };
      setBusy(false);
      setChosen(null);
      setProblem(null);
    },
  };
}

import { useState } from 'react';
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
    readonly asked: Asked;
    readonly table: Read;
  } | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const open = async (name: string, text: string, asked: Asked) => {
    setBusy(true);
    setProblem(null);
    try {
      setChosen({ name, text, asked, table: await read(text, store.getState(), asked) });
    } catch (error) {
      setProblem((error as Error).message);
    } finally {
      setBusy(false);
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
      await open(`${file.name} ${file.size}`, await file.text(), asGuessed);
    },
    ask: async (change: Partial<Asked>) => {
      if (chosen) await open(chosen.name, chosen.text, { ...chosen.asked, ...change });
    },
    fail: setProblem,
    leave: () => {
      setChosen(null);
      setProblem(null);
    },
  };
}

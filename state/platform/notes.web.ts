/**
 * Small notes that are written at once, without being waited for: those of the device, and those of a tab, which end with it.
 * Where a browser keeps none, none is found.
 */
export interface Notes {
  /** @throws when there is no room, or the browser keeps no notes */
  put(key: string, text: string): void;
  read(key: string): string | null;
  remove(key: string): void;
  /** All keys that begin so, in order. */
  keys(prefix: string): readonly string[];
}

const notesIn = (drawer: () => Storage): Notes => {
  const asked = <T>(ask: (notes: Storage) => T, otherwise: T): T => {
    try {
      return ask(drawer());
    } catch {
      return otherwise;
    }
  };
  return {
    put: (key, text) => drawer().setItem(key, text),
    read: (key) => asked((notes) => notes.getItem(key), null),
    remove: (key) => asked((notes) => notes.removeItem(key), undefined),
    keys: (prefix) =>
      asked(
        (notes) =>
          Object.keys(notes)
            .filter((key) => key.startsWith(prefix))
            .sort(),
        [],
      ),
  };
};

/** Calls whenever another tab puts a note of the device whose key begins so. @returns a function that stops it */
export function whenNoteIsPut(prefix: string, then: () => void): () => void {
  if (typeof window === 'undefined' || !window.addEventListener) return () => undefined;
  const put = ({ key, newValue }: StorageEvent) => {
    if (key?.startsWith(prefix) && newValue !== null) then();
  };
  window.addEventListener('storage', put);
  return () => window.removeEventListener('storage', put);
}

export const deviceNotes = notesIn(() => localStorage);
export const tabNotes = notesIn(() => sessionStorage);

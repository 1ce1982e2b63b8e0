import { WHAT_IF_KEY, shelf } from './shelf';

export const readPairsText = (): Promise<string | null> =>
  shelf.getItem(WHAT_IF_KEY).catch(() => null);

/** @returns whether there was room */
export const keepPairsText = (text: string): Promise<boolean> =>
  shelf.setItem(WHAT_IF_KEY, text).then(
    () => true,
    () => false,
  );

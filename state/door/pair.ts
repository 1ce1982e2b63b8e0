import { type KitchenName, pairKey, shelf } from './shelf';

export const readPairCode = (kitchen: KitchenName): Promise<string | null> =>
  shelf.getItem(pairKey(kitchen)).catch(() => null);

/** @returns whether there was room */
export const keepPairCode = (kitchen: KitchenName, code: string | null): Promise<boolean> =>
  (code === null ? shelf.removeItem(pairKey(kitchen)) : shelf.setItem(pairKey(kitchen), code)).then(
    () => true,
    () => false,
  );

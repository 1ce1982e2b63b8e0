import { createStore, del, get, keys, set } from 'idb-keyval';

import { type KitchenName, STORE_NAME } from './shelf';

/** Pictures lie in a store of their own: the journal stays small, and opens as quickly as without them. */
const store = createStore(`${STORE_NAME}.pictures`, 'pictures');

const keyOf = (kitchen: KitchenName, id: string) => `${kitchen}/${id}`;

/**
 * Keeps a picture. It is there before its entry is.
 * @throws when there is no room
 */
export const keepPicture = (kitchen: KitchenName, id: string, picture: Blob): Promise<void> =>
  set(keyOf(kitchen, id), picture, store);

/** A picture by its name; null where it is not on this device. */
export const readPicture = async (kitchen: KitchenName, id: string): Promise<Blob | null> =>
  (await get<Blob>(keyOf(kitchen, id), store).catch(() => undefined)) ?? null;

/** A picture whose entry could not be written. */
export const dropPicture = (kitchen: KitchenName, id: string): Promise<void> =>
  del(keyOf(kitchen, id), store).catch(() => undefined);

/** The names of all pictures of a kitchen that are on this device. */
export const picturesHere = async (kitchen: KitchenName): Promise<ReadonlySet<string>> => {
  const [begin, all] = [keyOf(kitchen, ''), await keys<string>(store).catch(() => [])];
  return new Set(all.filter((key) => key.startsWith(begin)).map((key) => key.slice(begin.length)));
};

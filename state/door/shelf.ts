import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/** Two kitchens live side by side: the baker's own, and the demo household. */
export type KitchenName = 'own' | 'demo';

/** Two copies of the application on one host, under different paths, are two applications. */
const PATH = (process.env.EXPO_BASE_URL ?? '').replaceAll('/', '.');
export const STORE_NAME = `ombrello${PATH}`;

/** The browser's store. Nothing but this folder touches it. */
export const shelf = createAsyncStorage(STORE_NAME);

/** Which kitchen is open. */
export const OPEN_KEY = 'open';
/** The first page as it last stood. */
export const FIRST_PICTURE_KEY = 'first-picture';
/** Pages of a kitchen's journal; a key ends in the page's name, and names stand in order of time. */
export const logPrefix = (kitchen: KitchenName) => `${kitchen}/log/`;
/** What was set aside. */
export const asidePrefix = (kitchen: KitchenName) => `${kitchen}/aside/`;
/** Half-finished forms, by tab. */
export const draftPrefix = (kitchen: KitchenName) => `${kitchen}/draft/`;
/** What can be worked out anew at any time. */
export const cacheKey = (kitchen: KitchenName, of: 'learnt' | 'folds' | 'plan') =>
  `${kitchen}/cache/${of}`;
/** How reading jars for practice went on this device. */
export const PRACTICE_KEY = 'practice';
/** Pairs of set-ups that were kept in the what-if room. */
export const WHAT_IF_KEY = 'what-if';
/** The key that this device shows to the hub of its kitchen. */
export const HUB_KEY = 'hub-key';
/** Where the devices of a kitchen hang and stand. */
export const devicesKey = (kitchen: KitchenName) => `${kitchen}/devices`;
/** The other device of a kitchen: the box they share, and the key to it. */
export const pairKey = (kitchen: KitchenName) => `${kitchen}/pair`;
/** Says that the data of the first version was brought over. */
export const movedKey = (kitchen: KitchenName) => `${kitchen}/moved`;

/** A name for something new in the store, unlike any other; names stand in the order in which they were made. */
export function freshName(): string {
  const time = Date.now().toString(36).padStart(9, '0');
  return `${time}-${Math.random().toString(36).slice(2, 10)}`;
}

/** What is under some keys, those that are there. A store of many pages is asked for some at a time. */
export async function read(keys: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const found = new Map<string, string>();
  for (let i = 0; i < keys.length; i += AT_ONCE) {
    const some = await shelf.getMany(keys.slice(i, i + AT_ONCE));
    for (const [key, text] of Object.entries(some)) if (text !== null) found.set(key, text);
  }
  return found;
}

const AT_ONCE = 64;

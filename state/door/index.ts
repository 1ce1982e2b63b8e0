/**
 * The one doorkeeper: opens, reads and writes kitchens on AsyncStorage, which on the web is IndexedDB. Nothing else touches
 * the store. A kitchen's journal lies on pages; each page is written by one tab and checked whenever it is read. What
 * fails is set aside, where it can always be found and exported, and is never erased.
 */
export * from './aside';
export * from './caches';
export * from './drafts';
export { readHubKey } from './hubKey';
export * from './leaving';
export * from './opening';
export * from './raw';

export { FIRST_PICTURE_KEY, type KitchenName, shelf } from './shelf';
export { OPEN_PAGE, FULL_PAGE, pageText, readPage } from './pages';
export * from './tabs';
export * from './writing';

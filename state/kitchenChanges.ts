import { type Store } from './store';

/** Calls when another kitchen is opened in this page. @returns a function that stops it */
export function whenKitchenChanges(store: Store, changed: () => void): () => void {
  let { name } = store.getState().kitchen;
  return store.subscribe(() => {
    const now = store.getState().kitchen.name;
    if (now === name) return;
    name = now;
    changed();
  });
}

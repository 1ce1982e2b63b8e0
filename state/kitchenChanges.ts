import { type Store } from './store';

/** Calls whenever another kitchen is opened in this page. */
export function whenKitchenChanges(store: Store, changed: () => void): void {
  let { name } = store.getState().kitchen;
  store.subscribe(() => {
    const now = store.getState().kitchen.name;
    if (now === name) return;
    name = now;
    changed();
  });
}

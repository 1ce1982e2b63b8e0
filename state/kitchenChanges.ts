import { inOneTab } from './door/tabs';
import { type KitchenName } from './door/shelf';
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

/** Runs something in one of the tabs that have a kitchen open, for as long as it is open there. What it returns ends it. */
export function inOneTabOfKitchen(
  store: Store,
  what: string,
  run: (kitchen: KitchenName) => () => void,
): void {
  const begin = () => {
    const { name } = store.getState().kitchen;
    return inOneTab(`${what} ${name}`, () => run(name));
  };
  let end = begin();
  whenKitchenChanges(store, () => {
    end();
    end = begin();
  });
}

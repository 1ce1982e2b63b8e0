import { keepDevices } from './deviceKeeper';
import { keepPaired } from './pairing';
import { type Store } from './store';

let keeping: Store | null = null;

/** Listens to the devices of the kitchen and to its other device, from now until the page is left; once. */
export function keepHub(store: Store): void {
  if (keeping === store) return;
  keeping = store;
  keepDevices(store);
  keepPaired(store);
}

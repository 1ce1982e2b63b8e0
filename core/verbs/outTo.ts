import { DESTINATIONS, type Destination } from '../journal/vocabulary';

/** Where what comes out of a jar can go: as it is written down, or into a bowl that is begun with it. */
export type OutTo = Destination | 'bowl';
export const OUT_TO: readonly OutTo[] = ['bake', 'bowl', ...DESTINATIONS.slice(1)];

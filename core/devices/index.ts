/** Devices of a kitchen: what they post, how it is put in order, what a scale's numbers mean at the bench, and played ones. */
export * from './arrivals';
export * from './contract';
export * from './onTheScale';
export * from './played';
export * from './hourMeans';
export * from './lidLooks';
export * from './playedOthers';

/** How the kitchen talks: times, amounts, stages and reasons in words. */
export * from './bakeWords';
export * from './flourWords';
export * from './jarWords';
export * from './kitchenWords';
export * from './useEntryWords';
export * from './useKitchenWords';
export * from './eventWords';
export * from './larderWords';
export * from './learntWords';
export * from './planWords';
export * from './lotWords';
export * from './nextWords';
export * from './paperWords';
export * from './rescueWords';
export * from './rhythmWords';
export * from './compareWords';
export * from './zoneWords';

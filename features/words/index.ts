/** How the kitchen talks: times, amounts, stages and reasons in words. */
export * from './bakeWords';
export * from './jarWords';
export * from './kitchenWords';
export * from './useKitchenWords';
export * from './eventWords';
export * from './learntWords';
export * from './planWords';
export * from './paperWords';
export * from './compareWords';

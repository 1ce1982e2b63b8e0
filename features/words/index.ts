/** How the kitchen talks: times, amounts, stages and reasons in words. */
export * from './jarWords';
export * from './kitchenWords';
export * from './useKitchenWords';
export * from './eventWords';
export * from './learntWords';
export * from './planWords';

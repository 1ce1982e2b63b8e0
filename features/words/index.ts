/**
 * How the kitchen talks: times, amounts, stages and reasons in words. What one page alone says is taken from its own file, so
 * that the first page need not load it.
 */
export * from './bakedWords';
export * from './dayOrderWords';
export * from './fileName';
export * from './flourWords';
export * from './jarWords';
export * from './kitchenWords';
export * from './useEntryWords';
export * from './useKitchenWords';
export * from './eventWords';
export * from './learntWords';
export * from './planWords';
export * from './lotWords';
export * from './guessedFeed';
export * from './nextReason';
export * from './nextTitle';
export * from './shelfWords';
export * from './rescueWords';
export * from './rhythmWords';
export * from './zoneWords';

/**
 * What stands in the larder: discard and what it can become, tubs of flour, what is used and saved. What discard can make is
 * named by its own file (`@core/larder/formulas`): here it would come with the first page.
 */
export * from './discardLevain';
export * from './feedFlour';
export * from './tubs';
export * from './ledger';
export * from './saved';
export * from './shopping';
export * from './spokenFor';

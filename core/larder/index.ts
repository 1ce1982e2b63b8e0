/** What stands in the larder: discard and what it can become, tubs of flour, what is used and saved. */
export * from './discardLevain';
export * from './feedFlour';
export * from './tubs';
export * from './formulas';
export * from './ledger';
export * from './saved';
export * from './shopping';
export * from './spokenFor';

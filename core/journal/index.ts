/**
 * The one truth: what happened, as an append-only list of events, and the jars folded from it.
 * `schema.ts` is not re-exported: it brings Joi along, and only doors where somebody is told what is wrong need it.
 */
export * from './air';
export * from './answer';
export * from './bakes';
export * from './bowl';
export * from './compare';
export * from './content';
export * from './decided';
export * from './doubledBefore';
export { firstIdOf } from './entry';
export * from './events';
export * from './fedHow';
export * from './fold';
export { isAnybodysGuess } from './guess';
export * from './hands';
export * from './homeOf';
export * from './ifFed';
export * from './ifMoved';
export * from './limits';
export * from './lineage';
export * from './log';
export * from './nextFlour';
export * from './objections';
export * from './peaks';
export * from './promise';
export * from './rekeyed';
export * from './rhythm';
export * from './settings';
export { isTimely, EARLIEST, ENTRY_AHEAD, WISH_AHEAD } from './shape';
export { MOST_HOURS_AT_ONCE, isEntry } from './shapes';
export * from './standing';
export * from './story';
export * from './doubt';
export * from './track';
export * from './vocabulary';

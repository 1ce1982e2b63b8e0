/**
 * The one truth: what happened, as an append-only list of events, and the jars folded from it.
 * `schema.ts` is not re-exported: it brings Joi along, and only doors need it.
 */
export * from './air';
export * from './compare';
export * from './doubledBefore';
export * from './events';
export * from './fold';
export * from './homeOf';
export * from './ifFed';
export * from './lineage';
export * from './nextFlour';
export * from './objections';
export * from './peaks';
export * from './standing';
export * from './vocabulary';

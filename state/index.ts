/** The store: the journal, settings, feeds under way, and what is computed from them. */
export * from './actions';
export * from './bench';
export * from './clock';
export * from './exchange';
export * from './hands';
export * from './kitchen';
export * from './learning';
export * from './learnt';
export * from './notice';
export * from './persistence';
export * from './plan';
export * from './planning';
export * from './selectors';
export * from './settings';
export * from './store';
export * from './time';

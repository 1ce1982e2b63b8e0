/**
 * Plans for a week of bakes. The search itself has its own door, `makePlans`: it runs in a worker, and no page has to load
 * it. What a jar asks for next, planned or not, is in `core/next`.
 */
export * from './problem';
export * from './slots';
export * from './unsure';

/**
 * What to do next and when: one jar's next step, and plans for a week of bakes. The search itself has its own door,
 * `makePlans`: it runs in a worker, and no page has to load it.
 */
export * from './nextStep';
export * from './problem';
export * from './slots';

/** What to do next and when: one jar's next step, and plans for a week of bakes. */
export * from './amounts';
export * from './makePlans';
export * from './nextStep';
export * from './planCurve';
export * from './problem';
export * from './slots';

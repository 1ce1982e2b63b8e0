/** What to do next and when. */
export * from './nextStep';

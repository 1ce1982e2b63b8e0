/** Practice, apart from the store: no kitchen depends on it. */
export { keepPractice, readPractice } from './door/practice';
export * from './practiceKept';

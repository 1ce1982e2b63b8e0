import { createSelectorCreator, lruMemoize } from '@reduxjs/toolkit';

/** A selector that remembers its last answer only: the hour is asked for again and again, and old ones never. */
export const createSelector = createSelectorCreator(lruMemoize);

/** Keeps an answer the same object while it says the same. */
export const unchanged = {
  memoizeOptions: {
    resultEqualityCheck: (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b),
  },
};

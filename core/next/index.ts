/** What next, from when, by when and why: one answer for each jar, for everything that speaks of it. */
export * from './need';
export * from './whatNext';

/** A levain in a bowl: built beside its jar, followed, and in the dough. */
export * from './BowlActions';
export * from './IntoTheDough';

/** A levain in a second vessel: built beside its jar, followed, and in the dough. */
export * from './BowlActions';
export * from './Bowls';

/** The what-if room: ways of keeping a starter, followed over days and compared. */
export * from './course';
export * from './setup';

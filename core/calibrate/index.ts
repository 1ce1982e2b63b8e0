/** The pace of a starter from its log: what watched feeds teach, and how well each was foretold. Meant for a worker. */
export * from './calibrateJar';
export * from './change';
export * from './watchedFeed';
export * from './reading';
export * from './watch';

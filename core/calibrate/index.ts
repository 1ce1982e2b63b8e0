/**
 * The pace of a starter from its log: what each watched feed teaches, and how well it was foretold. Brings a
 * least-squares library along: meant for a worker.
 */
export * from './calibrateJar';
export * from './change';
export * from './reading';
export * from './update';
export * from './watch';

/** Two devices of one kitchen: what each has, and how it is sealed on its way. */
export * from './buckets';
export * from './pieces';
export * from './seal';

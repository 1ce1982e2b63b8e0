/** The larder: backups, and tubs of flour with what they cost. */
export * from './LarderScreen';
export * from './MakeScreen';

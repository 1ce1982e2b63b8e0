/**
 * The fermentation model: from what is in a jar, where it stands and for how long, to height, ripeness, hunger and
 * vigour. Pure functions; time is passed in as hours.
 */
export { progress } from './bend';
export * from './condition';
export * from './draws';
export * from './constants';
export * from './forecast';
export * from './mix';
export * from './moment';
export * from './pace';
export * from './rates';
export * from './simulate';
export * from './stage';
export * from './vessel';
export * from './place';

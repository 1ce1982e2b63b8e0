/**
 * What a baker does, as pure functions: each takes what is at hand and what is asked, and answers with the entries that
 * write it down, or with what stands against it, naming the field. Screens ask and show; the command line asks likewise.
 */
export { pourOff, stirIn } from '../rescue';
export * from './addJar';
export * from './backup';
export * from './bake';
export * from './benchTrial';
export * from './bowl';
export * from './correct';
export * from './feedJar';
export * from './jarBook';
export * from './larder';
export * from './look';
export * from './lookOver';
export * from './move';
export * from './programme';
export * from './putAway';
export * from './sendCalendar';
export * from './splitOff';
export * from './takeOut';
export * from './usualFeed';
export * from './weigh';

/**
 * What a baker does, as pure functions: each takes what is at hand and what is asked, and answers with the entries that
 * write it down, or with what stands against it, naming the field. Screens ask and show; the command line asks likewise.
 * What only pages need that are fetched late is named by its own file there (`@core/verbs/thermometer`): correct, judgeBake,
 * pictures, takeInNotes, thermometer.
 */
export { pourOff, stirIn } from '../rescue';
export * from './addJar';
export * from './backup';
export * from './bake';
export * from './benchTrial';
export * from './bowl';
export { type NewBowl } from './bowlBegun';
export * from './feedJar';
export * from './jarBook';
export * from './larder';
export * from './look';
export * from './lookOver';
export * from './move';
export * from './outTo';
export * from './programme';
export * from './putAway';
export * from './sendCalendar';
export * from './splitOff';
export * from './takeOut';
export * from './usualFeed';
export * from './weigh';

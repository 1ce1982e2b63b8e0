/** When something is wrong: signs, verdicts, and programmes that bring a starter back, wake one, or begin anew. */
export * from './promise';
export * from './backups';
export * from './bestPlace';
export * from './foretell';
export * from './nextFeed';
export * from './pourOff';
export * from './programmes';
export * from './programmeFlour';
export * from './programmeSteps';
export * from './run';
export * from './away';
export * from './judge';
export * from './questions';
export * from './reach';
export * from './spoilage';
export { VERDICTS, type Certainty, type VerdictKind } from './rules';
export * from './knownSigns';
export * from './signs';

/** Something is wrong, and what brings it back: questions, verdicts, programmes, and beginnings. */
export { QuarantinePanel } from './QuarantinePanel';
export * from './ProgrammeScreen';
export * from './StartScreen';
export * from './TroubleScreen';

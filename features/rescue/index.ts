/** Something is wrong, and what brings it back: questions, verdicts, programmes, and beginnings. */
export * from './ProgrammeScreen';
export * from './StartScreen';
export * from './TroubleScreen';

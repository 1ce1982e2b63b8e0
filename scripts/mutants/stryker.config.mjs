import path from 'node:path';

/** Small changes to a folder of core or state, or one of its files, each tried against its tests. */
const asked = process.env.MUTANTS_OF ?? 'core/bench';
const oneFile = asked.endsWith('.ts');
const folder = oneFile ? path.dirname(asked) : asked;

export default {
  testRunner: 'bundled',
  plugins: ['@stryker-mutator/*', './scripts/mutants/bundledRunner.mjs'],
  coverageAnalysis: 'perTest',
  concurrency: Number(process.env.MUTANTS_AT_ONCE ?? 2),
  // What runs while a module is read cannot be tied to a test, and would be tried with all of them.
  ignoreStatic: true,
  dryRunTimeoutMinutes: 20,
  // No mutant is tried for longer than a second, but beside other work.
  timeoutMS: 12_000,
  timeoutFactor: 0,
  // What was tried before and has changed neither itself nor its tests keeps its result.
  incremental: !oneFile,
  incrementalFile: `.mutants/tried/${folder.replace('/', '-')}.json`,
  mutate: oneFile
    ? [asked]
    : [`${folder}/**/*.ts`, '!**/*.test.ts', '!**/*.testing.ts', '!**/index.ts'],
  ignorePatterns: ['dist', '.e2e', 'docs/screenshots', 'public', 'e2e', 'app', 'features'],
  // Of one file what survives is told; a folder's are many, and kept.
  reporters: oneFile ? ['clear-text'] : ['json', 'progress-append-only'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  jsonReporter: { fileName: `.mutants/${folder.replace('/', '-')}.json` },
  tempDirName: '.stryker-tmp',
  allowEmpty: true,
};

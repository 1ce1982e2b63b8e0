/** Small changes to one folder of core or state, each tried against its tests: `npm run mutants -- core/bench`. */
const folder = process.env.MUTANTS_FOLDER ?? 'core/bench';

export default {
  // The tests of core need nothing of Jest but its words.
  testRunner: folder.startsWith('core') ? 'bundled' : 'jest',
  plugins: ['@stryker-mutator/*', './scripts/bundledRunner.mjs'],
  coverageAnalysis: 'perTest',
  concurrency: Number(process.env.MUTANTS_AT_ONCE ?? 2),
  // What runs while a module is read cannot be tied to a test, and would be tried with all of them.
  ignoreStatic: true,
  dryRunTimeoutMinutes: 20,
  // Other work on the machine must not look like a loop without an end.
  timeoutMS: 20_000,
  // What was tried before and has changed neither itself nor its tests keeps its result.
  incremental: true,
  incrementalFile: `.mutants/tried/${folder.replace('/', '-')}.json`,
  mutate: [`${folder}/**/*.ts`, '!**/*.test.ts', '!**/*.testing.ts', '!**/index.ts'],
  jest: {
    projectType: 'custom',
    configFile: 'jest.mutants.config.js',
    enableFindRelatedTests: false,
  },
  ignorePatterns: ['dist', '.e2e', 'docs/screenshots', 'public', 'e2e', 'app', 'kit', 'features'],
  reporters: ['json', 'progress-append-only'],
  jsonReporter: { fileName: `.mutants/${folder.replace('/', '-')}.json` },
  tempDirName: '.stryker-tmp',
  allowEmpty: true,
};

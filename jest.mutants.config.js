// The tests of one folder as one flat project: what Stryker adds to see which test runs which line cannot be put into `projects`.
// Module by module, not bundled: a bundle would be made anew for every mutant.
const { displayName: _, transform, ...core } = require('./jest.config.js').projects[0];

const folder = process.env.MUTANTS_OF ?? 'core/bench';

module.exports = {
  ...core,
  transform: Object.fromEntries(
    Object.entries(transform).filter(([files]) => files.startsWith('^')),
  ),
  testMatch: [`<rootDir>/${folder}/**/*.test.ts`],
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
};

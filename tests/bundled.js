/**
 * Transforms a test into one bundle with all of our sources it needs. Calls between modules are then plain calls, and the
 * globals of arithmetic plain constants: the searches and fits run some ten times faster than module by module.
 */
const { createHash } = require('node:crypto');
const { buildSync } = require('esbuild');

const constants = require('./constants.js');
const modules = require('./modules.js');

/** What a test says that has to do with modules as such: of these nothing is left in a bundle. */
const ABOUT_MODULES = /jest\.(mock|isolateModules|resetModules)/;

/** How esbuild makes a bundle of one test file. */
const bundling = (filename) => ({
  entryPoints: [filename],
  bundle: true,
  write: false,
  platform: 'node',
  format: 'cjs',
  target: 'node20',
  banner: { js: constants },
  // of the first a stand-in is given to tests, of the second the seed is set once (properties.js)
  external: ['@react-native-async-storage/async-storage', 'fast-check'],
});

module.exports = {
  bundling,
  // A bundle changes with any source it holds, which the name and text of the test do not show.
  getCacheKey: () => createHash('md5').update(`${process.hrtime.bigint()}`).digest('hex'),
  process: (source, filename, options) =>
    ABOUT_MODULES.test(source)
      ? modules.process(source, filename, options)
      : { code: buildSync({ ...bundling(filename), sourcemap: 'inline' }).outputFiles[0].text },
};

/**
 * Transforms one of our own sources into what Jest can load, sooner than Babel does. Left to Babel are tests, whose calls of
 * `jest.mock` must come before what they import. What React's compiler makes of a source is tried in browsers.
 */
const { transformSync } = require('esbuild');

module.exports = {
  process: (source, sourcefile) =>
    transformSync(source, {
      format: 'cjs',
      loader: sourcefile.endsWith('x') ? 'tsx' : 'ts',
      jsx: 'automatic',
      target: 'node20',
      sourcefile,
      sourcemap: 'inline',
      supported: { 'dynamic-import': false },
    }),
};

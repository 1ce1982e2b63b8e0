/**
 * Transforms a test into one bundle with all of our sources it needs. Calls between modules are then plain calls, and the
 * globals of arithmetic plain constants: the searches and fits run some ten times faster than module by module.
 */
const { createHash } = require('node:crypto');
const { buildSync } = require('esbuild');

const banner = {
  js: 'const { Math, Float64Array, Number, Array, Map, Set, Object } = globalThis;',
};

module.exports = {
  // A bundle changes with any source it holds, which the name and text of the test do not show.
  getCacheKey: () => createHash('md5').update(`${process.hrtime.bigint()}`).digest('hex'),
  process(_source, filename) {
    const { outputFiles } = buildSync({
      entryPoints: [filename],
      bundle: true,
      write: false,
      platform: 'node',
      format: 'cjs',
      target: 'node20',
      sourcemap: 'inline',
      banner,
    });
    return { code: outputFiles[0].text };
  },
};

/** Transforms a package's module, which is plain JavaScript already, into what Jest can load: much sooner than Babel does. */
const { transformSync } = require('esbuild');

module.exports = {
  process: (source, sourcefile) =>
    transformSync(source, { format: 'cjs', loader: 'jsx', target: 'node20', sourcefile }),
};

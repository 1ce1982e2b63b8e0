// What makes each module of the export small, for Metro (docs/decisions/3-start-up.md).
const { minifySync } = require('oxc-minify');

const OPTIONS = {
  module: false,
  compress: { target: 'es2022' },
  mangle: true,
  codegen: { removeWhitespace: true, legalComments: 'none' },
};

/** Throws where a module is not JavaScript. The export has no source maps, so none are made. */
module.exports = ({ code, filename }) => {
  // Metro hands over JavaScript whatever the file was; the kind is told by the name.
  const made = minifySync(`${filename}.js`, code, OPTIONS);
  if (made.errors.length > 0) throw new Error(`${filename}: ${made.errors[0].message}`);
  return { code: made.code };
};

/** Transforms a source file by itself: the types go, modules become what Jest can replace. */
const babel = require('babel-jest').default.createTransformer({
  configFile: false,
  babelrc: false,
  presets: ['@babel/preset-typescript'],
  plugins: ['@babel/plugin-transform-modules-commonjs', '@babel/plugin-transform-dynamic-import'],
});
const constants = require('./constants.js');

const IN_CORE = /\/core\/[^/]+\/[^/]+\.ts$/;

module.exports = {
  ...babel,
  getCacheKey: (...given) => `${babel.getCacheKey(...given)} ${constants}`,
  process(source, filename, options) {
    const made = babel.process(source, filename, options);
    // On its first line, so that all lines keep their numbers.
    return IN_CORE.test(filename) ? { ...made, code: `${constants} ${made.code}` } : made;
  },
};

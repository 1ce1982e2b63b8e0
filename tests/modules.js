/** Transforms a source file for Node, by itself: the types go, modules become what Jest can replace. */
module.exports = require('babel-jest').default.createTransformer({
  configFile: false,
  babelrc: false,
  presets: ['@babel/preset-typescript'],
  plugins: ['@babel/plugin-transform-modules-commonjs', '@babel/plugin-transform-dynamic-import'],
});

module.exports = function (api) {
  const test = api.env('test');
  return {
    presets: ['babel-preset-expo'],
    plugins: [
      // Takes each Paper component from its own file: what is not used stays out of the bundle.
      'react-native-paper/babel',
      // Jest runs CommonJS: without this, import() fails there with "dynamic import callback was invoked".
      ...(test ? ['@babel/plugin-transform-dynamic-import'] : []),
    ],
  };
};

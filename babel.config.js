/**
 * What is typed into, and is fetched after the first page: React's compiler makes a key draw the field that it changes
 * and not the sheet around it. The first load stays as it is; compiled it would be a fifteenth heavier.
 */
const TYPED_INTO =
  /\/features\/((away|bake|bench|compare|devices|help|larder|practice|settings|whatIf)\/|\w+\/(?!Now|NotFound|SameAgain|Finish)\w+(Sheet|Fields|Screen)\.tsx$|journal\/(CorrectEntry|Notes)|plan\/useWish|bowl\/useBuilding)/;

module.exports = function (api) {
  const test = api.env('test');
  return {
    // Of these two nothing is imported; that they are installed would send every module through their plugin.
    presets: [['babel-preset-expo', { worklets: false, reanimated: false }]],
    plugins: [
      ['babel-plugin-react-compiler', { sources: (file) => TYPED_INTO.test(file) }],
      // Takes each Paper component from its own file: what is not used stays out of the bundle.
      'react-native-paper/babel',
      // Jest runs CommonJS: without this, import() fails there with "dynamic import callback was invoked".
      ...(test ? ['@babel/plugin-transform-dynamic-import'] : []),
    ],
  };
};

const path = require('node:path');

const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

const here = (file) => ({ type: 'sourceFile', filePath: path.join(__dirname, file) });
const NOTHING = { type: 'empty' };

/**
 * What stands in for a module of somebody else's: the first rule that names it, and the file that asks.
 * Each is explained where it leads to, or in docs/decisions/3-start-up.md.
 */
const STAND_INS = [
  // Paper's icons are our own drawn ones: no icon font of 1.3 MB, no glyph map of 250 kB.
  { name: /^@react-native-vector-icons\/material-design-icons$/, is: here('kit/Icon.tsx') },
  // What all its controls are pressed through, mended for the web.
  {
    name: /^\.\/Pressable$/,
    from: /react-native-paper[\\/].*TouchableRipple/,
    is: here('kit/paper/Pressable.tsx'),
  },
  // No list here is drawn by them; they come along with react-native-web's index.
  {
    name: /\/(FlatList|SectionList|VirtualizedList|VirtualizedSectionList)$/,
    from: /react-native-web[\\/]dist/,
    is: NOTHING,
  },
  // Drawings in texts are read by nothing here: no transforms, filters or whole pictures as strings.
  {
    name: /\/(transform|transformToRn|extractFiltersString|xml|deprecated|fetchData)$/,
    from: /react-native-svg[\\/](lib|src)/,
    is: NOTHING,
  },
  // Bars, headers and tools of the router's own look: every page here draws its own.
  { name: /\/views\/BottomTab(Bar|View)$/, from: /expo-router[\\/].*bottom-tabs/, is: NOTHING },
  { name: /^\.\/toolbar$/, from: /expo-router[\\/].*stack-utils/, is: NOTHING },
  {
    name: /^\.\/Header\/Header(BackButton|Button|SearchBar|Title|Icon)?$/,
    from: /expo-router[\\/].*elements[\\/]index/,
    is: NOTHING,
  },
  { name: /^\.\/views\/Sitemap$/, from: /expo-router[\\/]/, is: NOTHING },
  // Drawers, badges, glances at where a link leads and colours of telephones: nothing here asks for them.
  {
    name: /\/(DrawerRouter|Badge|HrefPreview)$|^\.\/color$/,
    from: /expo-router[\\/]/,
    is: NOTHING,
  },
  // The palette of Paper's former design, but for the few colours that its code still names.
  {
    name: /\/v2\/colors$|^\.\/colors$/,
    from: /react-native-paper[\\/]/,
    is: here('kit/paper/formerPalette.ts'),
  },
  // Every field of the kit is outlined (kit/Field.tsx).
  { name: /^\.\/TextInputFlat$/, from: /react-native-paper[\\/]/, is: NOTHING },
  // Its parts come as modules, its front door would not: the two did not know of each other's drags.
  {
    name: /^@use-gesture\/core$/,
    is: here('node_modules/@use-gesture/core/dist/use-gesture-core.esm.js'),
  },
  // Two shapes and one curve of its thirty: it names its parts in one index, which is not shaken here.
  { name: /^d3-shape$/, is: here('kit/shapes.js') },
];

config.resolver.resolveRequest = (context, moduleName, platform) =>
  STAND_INS.find(
    ({ name, from }) => name.test(moduleName) && (!from || from.test(context.originModulePath)),
  )?.is ?? context.resolveRequest(context, moduleName, platform);

config.transformer.minifierPath = path.join(__dirname, 'scripts/minifier.cjs');
// A pass that gives all modules the same short names for Metro's own; ours comes to the same size without it.
config.transformer.unstable_disableNormalizePseudoGlobals = true;

module.exports = config;

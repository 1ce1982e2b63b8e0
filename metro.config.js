const path = require('node:path');

const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// Paper's icons are our own SVG ones: no 1.3 MB icon font, no 250 kB glyph map.
const PAPER_ICONS = '@react-native-vector-icons/material-design-icons';
config.resolver.resolveRequest = (context, moduleName, platform) =>
  moduleName === PAPER_ICONS
    ? { type: 'sourceFile', filePath: path.join(__dirname, 'kit/Icon.tsx') }
    : context.resolveRequest(context, moduleName, platform);

module.exports = config;

const expo = require('jest-expo/web/jest-preset');

/** Two projects: everything without a screen at Node speed, and the interface on a real DOM. */
const aliases = {
  '^@react-native-async-storage/async-storage$':
    '<rootDir>/node_modules/@react-native-async-storage/async-storage/lib/module/jest/AsyncStorageMock.js',
  '^@react-native-vector-icons/material-design-icons$': '<rootDir>/kit/Icon.tsx',
  '^\\./Pressable$': '<rootDir>/kit/paper/Pressable.tsx',
  '^@(core|kit|state|features|demo)/(.*)$': '<rootDir>/$1/$2',
  '^@(kit|state)$': '<rootDir>/$1',
};

module.exports = {
  // By itself it would leave a processor idle.
  maxWorkers: '100%',
  // Long enough that only what will never come runs into it: how fast a machine is fails no test, and none sets its own.
  testTimeout: 300_000,
  projects: [
    {
      displayName: 'core',
      modulePathIgnorePatterns: ['<rootDir>/.stryker-tmp/'],
      testEnvironment: '<rootDir>/tests/zoned-node.js',
      setupFilesAfterEnv: ['<rootDir>/tests/properties.js'],
      testMatch: [
        '<rootDir>/core/**/*.test.ts',
        '<rootDir>/server/**/*.test.ts',
        '<rootDir>/demo/**/*.test.ts',
        '<rootDir>/state/**/*.test.ts',
        '<rootDir>/tests/**/*.test.ts',
      ],
      moduleNameMapper: aliases,
      transform: {
        '/(core|demo|state)/.*\\.test\\.ts$': '<rootDir>/tests/bundled.js',
        '^.+\\.m?[jt]sx?$': '<rootDir>/tests/modules.js',
      },
      // these ship only ES modules
      transformIgnorePatterns: [
        '/node_modules/(?!(@noble/.*|@react-native-async-storage/.*|d3-.*|internmap|@date-fns/tz|ml-.*|is-any-array|cheminfo-types|ical-generator|ical.js)/)',
      ],
    },
    {
      displayName: 'interface',
      modulePathIgnorePatterns: ['<rootDir>/.stryker-tmp/'],
      preset: 'jest-expo/web',
      testEnvironment: '<rootDir>/tests/zoned-dom.js',
      testMatch: ['<rootDir>/{kit,features}/**/*.test.tsx'],
      setupFilesAfterEnv: ['<rootDir>/tests/properties.js', '<rootDir>/tests/setup-interface.ts'],
      transform: {
        '/core/.*\\.ts$': '<rootDir>/tests/modules.js',
        '/node_modules/(?!@?react-native/).*\\.m?js$': '<rootDir>/tests/packages.js',
        '/(state|kit|features|demo|tests)/(?!.*\\.test\\.).*\\.tsx?$': '<rootDir>/tests/sources.js',
        ...expo.transform,
      },
      moduleNameMapper: {
        ...aliases,
        // the same that Babel takes each of its parts from, for our own files
        '^react-native$': '<rootDir>/node_modules/react-native-web/dist/index.js',
        '\\.(ttf|otf|woff2)$': '<rootDir>/tests/asset-stub.js',
        // the preset does not transform .mjs
        '^(d3-shape|d3-path)$': '<rootDir>/node_modules/$1/dist/$1.js',
      },
      transformIgnorePatterns: [
        '/node_modules/(?!(.pnpm|react-native|@react-native|@react-native-community|@react-native-async-storage|expo|@expo|@expo-google-fonts|react-navigation|@react-navigation|standard-navigation|react-redux|@reduxjs|redux|redux-thunk|reselect|immer|comlink|d3-.*|@date-fns/tz|date-fns))',
        '/node_modules/react-native-reanimated/plugin/',
      ],
    },
  ],
};

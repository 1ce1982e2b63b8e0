import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import { defineConfig, globalIgnores } from 'eslint/config';
import reactHooks from 'eslint-plugin-react-hooks';
import { configs as tsConfigs } from 'typescript-eslint';

const INTERFACE_PACKAGES = [
  'react',
  'react-dom',
  'react-native',
  'react-native-*',
  'expo',
  'expo-*',
  '@expo/*',
  '@react-native*',
  'react-redux',
  '@reduxjs/*',
];

/** What is read on a screen has the apostrophe of print. */
const APOSTROPHE = ['Literal[value=/X/]', 'TemplateElement[value.raw=/X/]'].map((selector) => ({
  selector: selector.replace('X', "(^|[a-z])'(s|t|re|ll|ve|d)\\b"),
  message: 'An apostrophe is ’.',
}));

export default defineConfig([
  globalIgnores([
    'dist*/**',
    '.expo/**',
    '.e2e/**',
    '.stryker-tmp/**',
    'node_modules/**',
    'public/**',
    'expo-env.d.ts',
  ]),
  expo,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [tsConfigs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      // The compiler checks it.
      'import/export': 'off',
    },
  },
  {
    rules: {
      // They read every module that is imported, packages too: what they find the compiler finds, and quicker.
      'import/namespace': 'off',
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
    },
  },
  {
    // Where nothing is drawn, or only for a test, there is nothing of React's to look for, which takes long.
    files: ['core', 'server', 'bench', 'demo', 'e2e', 'scripts']
      .map((folder) => `${folder}/**`)
      .concat('tests/*.js', '**/*.test.tsx'),
    rules: Object.fromEntries(
      Object.keys(reactHooks.rules).map((rule) => [`react-hooks/${rule}`, 'off']),
    ),
  },
  {
    files: ['**/*.test.ts', '**/*.test.tsx', 'tests/**', 'e2e/**'],
    rules: {
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-require-imports': 'off',
    },
  },
  {
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: INTERFACE_PACKAGES, message: 'core knows no screen and no store.' },
            {
              group: ['@kit*', '@state*', '@features/*', '@demo/*'],
              message: 'core imports only core.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'localStorage',
        'navigator',
        'fetch',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'core has no clock: pass the time in.' },
        { object: 'Math', property: 'random', message: 'core needs a seed.' },
      ],
    },
  },
  {
    // What only a browser has lives in kit/platform: a screen that asks for it would not run elsewhere.
    files: ['app/**/*.tsx', 'features/**/*.{ts,tsx}', 'kit/**/*.{ts,tsx}'],
    ignores: ['**/*.test.tsx', 'kit/platform/**', 'kit/paper/**'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'location',
        'localStorage',
        'sessionStorage',
        'Notification',
      ],
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'react-native-paper',
              importNames: ['MD3LightTheme', 'MD3DarkTheme', 'DefaultTheme'],
              message: 'Named from its root, Paper would come whole: kit/paper/theme.ts.',
            },
            ...[
              ['@core/ferment', ['simulate', 'forecast', 'feed', 'starterIn']],
              ['@core/journal', ['foldJar', 'withEvent', 'mixAt', 'outlookOf', 'conditionsOf']],
            ].map(([name, importNames]) => ({
              name,
              importNames,
              message: 'No screen runs the model: that is a verb or a reading of core.',
            })),
          ],
        },
      ],
    },
  },
  {
    // State has a seam of its own, for what it needs of a browser when nothing is drawn.
    files: ['state/**/*.ts'],
    ignores: ['**/*.test.ts', 'state/platform/**'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'location',
        'localStorage',
        'sessionStorage',
        'BroadcastChannel',
        'EventSource',
        'fetch',
      ],
    },
  },
  {
    // Colours and fonts live in kit: a screen that names one has wandered off.
    files: ['app/**/*.tsx', 'features/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'Literal[value=/^#[0-9a-fA-F]{3,8}$/]',
          message: 'Colours come from the theme.',
        },
        { selector: "Property[key.name='fontFamily']", message: 'Fonts come from kit.' },
        ...APOSTROPHE,
      ],
    },
  },
  {
    files: ['core/**/*.ts', 'kit/**/*.{ts,tsx}', 'state/**/*.ts'],
    ignores: ['**/*.test.*'],
    rules: { 'no-restricted-syntax': ['error', ...APOSTROPHE] },
  },
  prettier,
]);

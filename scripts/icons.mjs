// Writes kit/iconPaths.ts from @mdi/js: the path of each icon the application or Paper names. Run after changing NAMES.
import { writeFileSync } from 'node:fs';

import drawn from '@mdi/js/commonjs/mdi.js';

const NAMES = [
  // used inside react-native-paper
  'alert-circle',
  'check',
  'chevron-down',
  'chevron-right',
  'calendar-month',
  'close',
  'menu-down',
  'menu-up',
  // used by the application
  'archive-outline',
  'arrow-left',
  'arrow-left-right-bold',
  'arrow-up-down-bold',
  'cog-outline',
  'cupboard-outline',
  'help-circle-outline',
  'magnify',
  'minus',
  'notebook-outline',
  'pencil-outline',
  'plus',
  'swap-vertical',
  'tune-variant',
  'umbrella-outline',
  'undo',
  'volume-high',
];
/** What the package calls an icon: `arrow-left` is `mdiArrowLeft`. */
const exported = (name) => `mdi-${name}`.replace(/-(.)/g, (_, letter) => letter.toUpperCase());
const lines = [...new Set(NAMES)].sort().map((name) => {
  const d = drawn[exported(name)];
  if (!d) throw new Error(`no path in ${name}`);
  return `  '${name}': '${d}',`;
});
writeFileSync(
  new URL('../kit/iconPaths.ts', import.meta.url),
  `// Written by scripts/icons.mjs from @mdi/js (Apache-2.0).\nexport const ICON_PATHS = {\n${lines.join('\n')}\n} as const;\n\nexport type IconName = keyof typeof ICON_PATHS;\n`,
);

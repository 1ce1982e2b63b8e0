// Writes kit/iconPaths.ts from @mdi/svg: the path of each icon the application or Paper names. Run after changing NAMES.
import { readFileSync, writeFileSync } from 'node:fs';

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
const lines = [...new Set(NAMES)].sort().map((n) => {
  const svg = readFileSync(
    new URL(`../node_modules/@mdi/svg/svg/${n}.svg`, import.meta.url),
    'utf8',
  );
  const d = /<path d="([^"]+)"/.exec(svg)?.[1];
  if (!d) throw new Error(`no path in ${n}`);
  return `  '${n}': '${d}',`;
});
writeFileSync(
  new URL('../kit/iconPaths.ts', import.meta.url),
  `// Written by scripts/icons.mjs from @mdi/svg (Apache-2.0).\nexport const ICON_PATHS = {\n${lines.join('\n')}\n} as const;\n\nexport type IconName = keyof typeof ICON_PATHS;\n`,
);

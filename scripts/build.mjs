// The production export, packed, in dist/.
import { copyFonts } from './fonts.mjs';
import { run } from './install.mjs';
import { precompress } from './precompress.mjs';

export function build() {
  copyFonts();
  run('npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist']);
  precompress('dist');
}

if (process.argv[1]?.endsWith('build.mjs')) build();

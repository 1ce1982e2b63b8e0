// The production export, with its service worker, packed, in dist/. BASE_PATH=/bread puts it under a path of a host.
import { copyFileSync, readFileSync, writeFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';

import { copyFonts } from './fonts.mjs';
import { run } from './install.mjs';
import { precompress } from './precompress.mjs';
import { serviceWorker } from './serviceWorker.mjs';

export async function build() {
  copyFonts();
  // Left to itself it takes two workers on two processors, each of which learns all over again: a quarter longer than one.
  const workers = Math.ceil(availableParallelism() / 2);
  const to = ['--output-dir', 'dist', '--max-workers', `${workers}`];
  run('npx', ['expo', 'export', '--platform', 'web', ...to]);
  underPath('dist/index.html', (process.env.BASE_PATH ?? '').replace(/\/+$/, ''));
  // What hosts without rules show for an address they do not know: the application finds its way from there.
  copyFileSync('dist/index.html', 'dist/404.html');
  await serviceWorker('dist');
  precompress('dist');
}

/** The page names its own files from the root; scripts and chunks follow the path by themselves. */
function underPath(file, base) {
  if (!base) return;
  const text = readFileSync(file, 'utf8');
  const own = /(["(])\/(fonts\/|icon|manifest\.webmanifest|early\.js)/g;
  writeFileSync(file, text.replace(own, `$1${base}/$2`));
}

if (process.argv[1]?.endsWith('build.mjs')) await build();

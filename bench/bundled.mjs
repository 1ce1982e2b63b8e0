// npm run bench: bundles the figures' sources as the application's workers are bundled, and runs them.
import { spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';

import { build } from 'esbuild';

const outfile = 'node_modules/.cache/bench/run.mjs';
mkdirSync('node_modules/.cache/bench', { recursive: true });
await build({
  entryPoints: ['bench/run.ts'],
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  outfile,
  tsconfig: 'tsconfig.json',
  packages: 'external',
});
process.exit(
  spawnSync(process.execPath, ['--expose-gc', outfile], { stdio: 'inherit' }).status ?? 1,
);

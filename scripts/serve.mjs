// npm run demo, npm start: install what is missing, build, serve on this machine only, print the address.
import { spawn } from 'node:child_process';

import { installPackages, run } from './install.mjs';

await installPackages();
// A process of its own: what it imports may have been installed only just now.
run(process.execPath, ['scripts/build.mjs']);
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  stdio: 'inherit',
  env: { ...process.env, KITCHEN: process.argv.includes('--demo') ? 'demo' : 'own' },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));

// npm run demo, npm start: install what is missing, build, serve on this machine only, print the address.
import { spawn } from 'node:child_process';

import { build } from './build.mjs';
import { installPackages } from './install.mjs';

installPackages();
build();
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  stdio: 'inherit',
  env: { ...process.env, KITCHEN: process.argv.includes('--demo') ? 'demo' : 'own' },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));

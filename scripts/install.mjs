// What a fresh machine lacks: the packages of the lock file and, for the tests, Debian's Chromium.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

import { chromiumPath } from './chromium.mjs';

/** Runs a command, shows its output and ends everything when it fails. */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, {
    stdio: 'inherit',
    env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', ...env },
  });
  if (done.status !== 0) process.exit(done.status ?? 1);
}

/** Runs a command beside whatever else is done, and shows its output. @returns a promise of what it ended with */
const runBeside = (command, args, options = {}) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { stdio: ['ignore', 'inherit', 'inherit'], ...options });
    child.on('error', () => resolve(1));
    child.on('close', (status) => resolve(status ?? 1));
  });

/** Installs the packages of a folder when there are none, or others than its lock file names. Ends everything when that fails. */
export async function installPackages(folder = '.') {
  const lock = readFileSync(`${folder}/package-lock.json`, 'utf8');
  const stamp = `${folder}/node_modules/.installed-lock`;
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  const status = await runBeside('npm', ['ci', '--no-audit', '--no-fund'], { cwd: folder });
  if (status !== 0) process.exit(status);
  writeFileSync(stamp, lock);
}

/**
 * Installs what the browser tests need from Debian when it is missing: Chromium, and what reads a printed page. It takes a
 * minute in which other things can go on. @returns a promise of what the last command ended with
 */
export async function installChromium() {
  if (chromiumPath() && existsSync('/usr/bin/pdftotext')) return 0;
  const apt = (...args) =>
    runBeside('apt-get', args, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  await apt('update', '-qq');
  // What a browser on a desk would like as well (printers, file servers) is a hundred packages more.
  const needed = ['chromium-headless-shell', 'poppler-utils', 'fonts-liberation'];
  return apt('install', '-y', '-qq', '--no-install-recommends', ...needed);
}

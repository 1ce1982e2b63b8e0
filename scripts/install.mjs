// What a fresh machine lacks: the packages of the lock file and, for the tests, Debian's Chromium.
import { spawnSync } from 'node:child_process';
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

/** Installs the packages when there are none, or others than the lock file names. */
export function installPackages() {
  const lock = readFileSync('package-lock.json', 'utf8');
  const stamp = 'node_modules/.installed-lock';
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  run('npm', ['ci', '--no-audit', '--no-fund']);
  writeFileSync(stamp, lock);
}

/** Installs what the browser tests need from Debian when it is missing: Chromium, and what reads a printed page. */
export function installChromium() {
  if (chromiumPath() && existsSync('/usr/bin/pdftotext')) return;
  run('apt-get', ['update', '-qq']);
  run('apt-get', ['install', '-y', '-qq', 'chromium-headless-shell', 'poppler-utils'], {
    DEBIAN_FRONTEND: 'noninteractive',
  });
}

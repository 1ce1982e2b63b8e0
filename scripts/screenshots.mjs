// npm run screenshots: one current picture of each main view in docs/screenshots, from the demo at a frozen hour.
// Needs a build in dist/.
import { spawn } from 'node:child_process';

import { chromium } from '@playwright/test';

const PORT = '4196';
const BASE = `http://127.0.0.1:${PORT}`;
const AT = '2026-03-13T18:20';
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

const press = (name) => (page) => page.getByRole('button', { name }).first().click();

/** Each picture: its name, its path, its size, and what is done before it is taken. */
const PICTURES = [
  ['now-phone', '/', PHONE],
  ['now-wide', '/', WIDE],
  ['now-wide-dark', '/jar/dunlin', WIDE, { dark: true }],
  ['jar-phone', '/jar/grebe', PHONE],
  [
    'bench-phone',
    '/jar/grebe/feed',
    PHONE,
    {
      before: async (page) => {
        await page.getByLabel('Scale reads').fill('27');
        await press('Keep is in')(page);
      },
    },
  ],
  ['settings-phone', '/settings', PHONE],
];

const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  env: { ...process.env, PORT, KITCHEN: 'demo' },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((ready) => server.stdout.once('data', ready));
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
});
for (const [name, path, viewport, { dark, before } = {}] of PICTURES) {
  const page = await browser.newPage({
    viewport,
    locale: 'en-GB',
    timezoneId: 'Europe/Lisbon',
    colorScheme: dark ? 'dark' : 'light',
  });
  await page.goto(`${BASE}${path}?at=${AT}`);
  await page.getByRole('main').waitFor();
  await page.waitForTimeout(600);
  await before?.(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
}
await browser.close();
server.kill();

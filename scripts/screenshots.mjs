// npm run screenshots [NAME …]: one current picture of each main view, or of those named, in docs/screenshots, from the demo at a frozen hour.
// Needs a build in dist/.
import { spawn } from 'node:child_process';

import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';

const PORT = '4196';
const BASE = `http://127.0.0.1:${PORT}`;
const AT = '2026-03-13T18:20';
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

const press = (name) => (page) => page.getByRole('button', { name }).first().click();

/** Waits for the plans and follows the first. */
async function followed(page) {
  await page.getByRole('button', { name: 'Follow it' }).first().click({ timeout: 90_000 });
  const looking = page.getByText('Looking for plans');
  // It is made anew around what is followed, a moment later.
  await looking.waitFor({ timeout: 3000 }).catch(() => undefined);
  await looking.waitFor({ state: 'hidden', timeout: 90_000 });
  await press('Close')(page).catch(() => undefined);
  await page.getByRole('main').evaluate((main) => main.firstElementChild.scrollTo(0, 0));
}

/** Says what there is to see of a jar with liquid on it, up to the verdict. */
async function judged(page) {
  await press('Nothing that I know')(page);
  await page.getByRole('checkbox', { name: 'liquid' }).click();
  await press('Go on')(page);
  await page.getByRole('radio', { name: 'a finger’s breadth' }).click();
  await page.getByRole('radio', { name: 'on top' }).click();
  await press('Go on')(page);
  await page.getByRole('heading', { name: /^Neglected/ }).waitFor();
}

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
  ['plan-phone', '/plan', PHONE, { before: followed }],
  ['plan-wide', '/plan', WIDE, { before: followed }],
  [
    'hands-phone',
    '/plan',
    PHONE,
    {
      before: async (page) => {
        await press('Hands')(page);
        const hands = page.getByRole('region', { name: 'Hands' });
        await hands.evaluate((panel) => panel.scrollIntoView());
      },
    },
  ],
  [
    'what-if-wide',
    '/what-if?jar=grebe',
    WIDE,
    { before: (page) => page.getByText('What this stands on').waitFor() },
  ],
  [
    'practise-phone',
    '/practise',
    PHONE,
    { before: (page) => page.getByText('What do you do?').waitFor() },
  ],
  ['dough-wide', '/dough', WIDE],
  ['compare-wide', '/compare?a=grebe&b=skua', WIDE],
  ['verdict-phone', '/trouble?jar=skua', PHONE, { before: judged }],
  [
    'programme-wide',
    '/trouble?jar=skua',
    WIDE,
    {
      before: async (page) => {
        await judged(page);
        await press('Start the programme')(page);
        await press('To the bench')(page);
        for (const step of [
          'Keep is in',
          'Water is in',
          'Flour is in',
          'The band is set',
          'The feed is done',
        ])
          await press(step)(page);
        // What was done is said when it is in the store.
        await page.getByText(/^Skua is fed/).waitFor();
        await page.goto(`${BASE}/jar/skua/programme?at=2026-03-15T07:00`);
        await page.getByLabel('Rise above the band').filter({ visible: true }).fill('72');
        await page.getByRole('radio', { name: 'yoghurt' }).click();
        await press('Log this look')(page);
        await press('Close')(page);
        await page.getByRole('main').evaluate((main) => main.firstElementChild.scrollTo(0, 0));
      },
    },
  ],
  ['larder-phone', '/larder', PHONE],
  ['make-wide', '/make', WIDE],
  [
    'journal-wide',
    '/journal',
    WIDE,
    { before: (page) => page.getByRole('button', { name: /fed: / }).first().click() },
  ],
  ['settings-phone', '/settings', PHONE],
  [
    'set-aside-phone',
    '/',
    PHONE,
    {
      before: async (page) => {
        await page.evaluate(async () => {
          const open = indexedDB.open('ombrello');
          await new Promise((ready) => (open.onsuccess = ready));
          const writing = open.result.transaction('entries', 'readwrite');
          writing.objectStore('entries').put('{"kind":"fed","id"', 'demo/log/zzz');
          await new Promise((ready) => (writing.oncomplete = ready));
          open.result.close();
        });
        await page.reload();
        await page.getByText('could not be read').waitFor();
      },
    },
  ],
];

const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  env: { ...process.env, PORT, KITCHEN: 'demo' },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((ready) => server.stdout.once('data', ready));
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
});
const named = process.argv.slice(2);
for (const [name, path, viewport, { dark, before } = {}] of PICTURES) {
  if (named.length > 0 && !named.includes(name)) continue;
  const page = await browser.newPage({
    viewport,
    locale: 'en-GB',
    timezoneId: 'Europe/Lisbon',
    colorScheme: dark ? 'dark' : 'light',
  });
  const address = `${BASE}${path}${path.includes('?') ? '&' : '?'}at=${AT}`;
  await page.goto(address);
  await page.getByRole('main').waitFor();
  // The pace is learnt and the forecasts settle.
  await page.waitForTimeout(6000);
  await before?.(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
}
await browser.close();
server.kill();

import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

import { type BrowserContext, chromium } from '@playwright/test';

import { expect, kitchenOn, test } from './fixtures';
import { chromiumPath } from '../scripts/chromium.mjs';

const PORT = 4193;
const AT = '2026-03-13T18:20';

/** A process that says on a stream when it is ready. */
async function ready(child: ChildProcess, stream: 'stdout' | 'stderr', sign: RegExp) {
  await new Promise<void>((resolve) => {
    let said = '';
    child[stream]!.on('data', (part) => {
      said += part;
      if (sign.test(said)) resolve();
    });
  });
  return child;
}

const serve = (port: number) =>
  ready(
    spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
      env: { ...process.env, PORT: String(port), KITCHEN: 'own' },
    }),
    'stdout',
    /Ombrello is at/,
  );

test('nothing that was acknowledged dies with the browser, killed at once, three times @phone', async ({
  baseURL,
}) => {
  const profile = mkdtempSync(path.join(tmpdir(), 'profile-'));
  /** A browser of this test's own, so that it may be killed. */
  const launched = () =>
    chromium.launchPersistentContext(profile, {
      executablePath: chromiumPath(),
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
    });
  /** Ends it as a flat battery would. The profile is this test's alone, and so is what runs on it. */
  const killed = async (context: BrowserContext) => {
    const gone = new Promise((resolve) => context.on('close', resolve));
    spawnSync('pkill', ['-KILL', '-f', profile]);
    await gone;
  };
  for (let round = 1; round <= 3; round++) {
    const context = await launched();
    const page = await context.newPage();
    if (round === 1) {
      await page.goto(`${baseURL}/add?at=${AT}`);
      await page.getByLabel('Name').fill('Tern');
      await page.getByRole('textbox', { name: 'Fed at' }).fill('2026-03-13T09:00');
      await page.getByRole('button', { name: 'Put it on the shelf' }).click();
      await expect(page.getByText('Tern is on the shelf')).toBeVisible();
    } else {
      await page.goto(`${baseURL}/jar/tern?at=${AT}`);
      await page.getByLabel('Rise above the band').fill(String(round));
      await page.getByRole('button', { name: 'Log this look' }).click();
      await expect(page.getByRole('status').getByText(/logged/i)).toBeVisible();
    }
    // Within a second of the acknowledgement: at once, or a little later.
    await new Promise((later) => setTimeout(later, (round % 3) * 350));
    await killed(context);
  }
  const context = await launched();
  const page = await context.newPage();
  await page.goto(`${baseURL}/jar/tern?at=${AT}`);
  await expect(page.getByText('looked: + 3 %')).toBeVisible();
  const earlier = page.getByRole('button', { name: /^Earlier entries/ });
  if ((await earlier.count()) > 0) await earlier.click();
  await expect(page.getByText('looked: + 2 %')).toBeVisible();
  await context.close();
});

test('a page that is left in the breath of the last press has lost nothing @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/dunlin/feed', 'demo');
  const pressed = (name: string) =>
    kitchen.button(name).evaluate((button: HTMLElement) => {
      button.click();
      // In the same task: whatever is written later comes too late.
      window.location.reload();
    });
  await page.getByLabel('Scale reads').fill('23');
  await pressed('Keep is in');
  await expect(page.getByText('Kept 23 instead of', { exact: false })).toBeVisible();
  await expect(page.getByText('2 of 5', { exact: false })).toBeVisible();
  for (const step of ['Water is in', 'Flour is in', 'The band is set'])
    await kitchen.button(step).click();
  await pressed('The feed is done');
  await expect(page.getByText('1 of 5', { exact: false })).toBeVisible();
  await kitchen.open('/jar/dunlin', 'demo');
  await expect(
    page.getByRole('main').getByText('Dunlin goes into the fridge at 19:50'),
  ).toBeVisible();
  await page.getByLabel('Rise above the band').fill('7');
  await pressed('Log this look');
  await expect(page.getByText('looked: + 7 %')).toHaveCount(1);

  // A tab that stays open has it too, though the one that is left never wrote it.
  const other = await page.context().newPage();
  await other.goto(`/jar/dunlin?at=${AT}`);
  await expect(other.getByText('looked: + 7 %')).toBeVisible();
  await page.getByLabel('Rise above the band').fill('8');
  await kitchen.button('Log this look').evaluate((button: HTMLElement) => {
    button.click();
    window.location.assign('/icon.svg');
  });
  await expect(other.getByText('looked: + 8 %')).toHaveCount(1);
});

test('plans whose worker does not come are not waited for, and are sought again when asked @phone', async ({
  page,
  kitchen,
  foreseen,
}) => {
  foreseen.push(/^Failed to load resource/);
  const worker = /\/plan-[0-9a-f]+\.js/;
  await page.route(worker, (route) => route.abort('aborted'));
  await kitchen.open('/plan', 'demo');
  await expect(page.getByText('The browser could not look for plans just now.')).toBeVisible();
  await kitchen.accessible();
  await page.unroute(worker);
  await kitchen.button('Try again').click();
  await expect(page.getByText(/^Looking for plans/)).toBeVisible();
  await kitchen.button('Stop').click();
  await expect(page.getByText('You stopped the search.', { exact: false })).toBeVisible();
  await kitchen.button('Go on looking').click();
  await expect(page.getByText(/^Looking for plans/)).toBeHidden();
  await expect(page.getByText('You stopped the search.', { exact: false })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Steps to my calendar' })).toBeVisible();
});

test('with the server gone every page opens, the ones never opened before too @phone', async ({
  browser,
}, { project }) => {
  const server = await serve(PORT);
  const context = await browser.newContext({
    ...project.use,
    baseURL: `http://127.0.0.1:${PORT}`,
    serviceWorkers: 'allow',
  });
  const page = await context.newPage();
  await page.goto(`/add?at=${AT}`);
  await page.getByLabel('Name').fill('Tern');
  await page.getByRole('textbox', { name: 'Fed at' }).fill('2026-03-13T09:00');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  // It is ready when all that the application is made of has come in.
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  server.kill('SIGKILL');
  const main = ['/', '/plan', '/larder', '/journal', '/help', '/settings'];
  const others = [
    '/add',
    '/dough',
    '/make',
    '/schools',
    '/start',
    '/trouble?jar=tern',
    '/away',
    '/compare?a=tern',
  ];
  const pages = [...main, '/jar/tern', '/jar/tern/edit', '/jar/tern/paper', ...others];
  const shown = async () => {
    await expect(page.getByRole('heading').first()).toBeVisible();
    await expect(page.getByText('This page could not be shown')).toBeHidden();
  };
  // By its address, as a bookmark, and from within.
  for (const address of ['/', '/jar/tern/feed', '/nowhere']) {
    await page.goto(`${address}?at=${AT}`);
    await shown();
  }
  const kitchen = kitchenOn(page);
  for (const address of pages) {
    await kitchen.goOn(address);
    await shown();
  }
  await page.goto(`/jar/tern?at=${AT}`);
  await page.getByLabel('Rise above the band').fill('44');
  await page.getByRole('button', { name: 'Log this look' }).click();
  await page.reload();
  await expect(page.getByText('looked: + 44 %')).toBeVisible();
  await context.close();
});

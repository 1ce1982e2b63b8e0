import { readFileSync } from 'node:fs';

import { expect, test } from './fixtures';

test('the demo shows its jars as they stand at a frozen hour @phone @east', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo, first visit');
  await expect(
    page.getByRole('heading', { name: 'Choose a plan for Saturday tins' }),
  ).toBeVisible();
  await expect(page.getByRole('link', { name: 'Skua needs looking after' })).toBeVisible();
  await expect(
    page.getByRole('link', { name: /^Feed Dunlin tomorrow about 2\d:\d\d$/ }),
  ).toBeVisible();
  await expect(
    page.getByRole('link', { name: /^Grebe, ripe, 1[34]\d % up, until about \d\d:\d\d/ }),
  ).toBeVisible();
  await expect(page.getByRole('link', { name: /^Dunlin, asleep/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Skua, hungry, liquid on top/ })).toBeVisible();
  await kitchen.accessible();
});

for (const [scheme, paths] of [
  [
    'light',
    [
      '/jar/skua',
      '/journal',
      '/help',
      '/settings',
      '/add',
      '/nowhere',
      '/jar/skua/paper',
      '/larder',
      '/start',
      '/schools',
      '/make',
    ],
  ],
  [
    'dark',
    [
      '/',
      '/jar/dunlin/feed',
      '/jar/dunlin/edit',
      '/dough',
      '/compare',
      '/charts',
      '/practise',
      '/what-if',
      '/notes',
      '/year',
      '/jar/grebe/picture',
      '/plan',
      '/away',
      '/trouble?jar=dunlin',
    ],
  ],
] as const)
  for (const half of [0, 1])
    test(`every ${half ? 'other ' : ''}page is clean to axe and as high as its window in the ${scheme} ${scheme === 'light' ? '@phone' : '@wide'}`, async ({
      page,
      kitchen,
    }) => {
      await page.emulateMedia({ colorScheme: scheme });
      await kitchen.open('/licences', 'demo');
      for (const path of paths.filter((_, i) => i % 2 === half))
        await test.step(path, async () => {
          await kitchen.goOn(path);
          await kitchen.accessible();
          // What scrolls is the page between the bars, never the bars with it.
          expect(
            await page.evaluate(() => document.documentElement.scrollHeight - innerHeight),
          ).toBeLessThanOrEqual(0);
        });
    });

/** What opens a sheet that no other test opens, by the page it stands on. */
const SHEETS = {
  '/jar/grebe': ['Move', 'Put it into another jar'],
  '/jar/grebe/paper': ['Split off a part as a jar of its own'],
  '/plan': ['Add a bake'],
  '/larder': ['Make a backup'],
  '/settings': ['Change Fridge'],
  '/start': ['Join a programme on the way'],
};

test('sheets are clean to axe, and go with Escape @phone', async ({ page, kitchen }) => {
  await kitchen.open('/licences', 'demo');
  for (const [path, openers] of Object.entries(SHEETS)) {
    await kitchen.goOn(path);
    for (const name of openers)
      await test.step(name, async () => {
        await page.getByRole('button', { name, exact: true }).filter({ visible: true }).click();
        await expect(page.getByRole('dialog')).toBeVisible();
        await kitchen.accessible('[role="dialog"]');
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toBeHidden();
      });
  }
});

test('a starter’s own pace is learnt from its log, in words @phone', async ({ page, kitchen }) => {
  await kitchen.open('/jar/grebe', 'demo, first visit');
  await expect(
    page
      .getByText(/^About \d+ % quicker than usual for its temperature, from \d+ feeds\.$/)
      .first(),
  ).toBeVisible();
  await expect(
    page
      .getByText(/peaks you saw, \d+ fell inside the likely range/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await page.reload();
  await expect(
    page
      .getByText(/quicker than usual/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
});

test('the demo and an own kitchen lie side by side, and neither loses anything @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/grebe', 'demo');
  await kitchen.button('Write a note').click();
  await page.getByRole('textbox', { name: 'Note' }).fill('smells of pears');
  await kitchen.button('Write it down').click();
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await kitchen.button('This is the demo: open my kitchen').click();
  await expect(page.getByRole('heading', { name: 'No starter on the shelf yet' })).toBeVisible();
  // The rest of the page comes a moment later, and moves what stands below it.
  await expect(kitchen.button('Bring a kitchen from a file')).toBeVisible();
  await kitchen.button('Look at the demo').click();
  await page.getByRole('link', { name: /^Grebe,/ }).click();
  await expect(page.getByText('smells of pears').filter({ visible: true })).toBeVisible();
});

test('everything goes out as one file and comes back in elsewhere @phone', async ({
  page,
  kitchen,
  browser,
}) => {
  await kitchen.open('/settings', 'demo');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Export the kitchen').click(),
  ]);
  const file = await download.path();
  expect(JSON.parse(readFileSync(file, 'utf8')).events.length).toBeGreaterThan(500);

  const elsewhere = await browser.newPage();
  await elsewhere.goto('/settings?at=2026-03-13T18:20');
  const takeIn = async (path: string) => {
    const [chooser] = await Promise.all([
      elsewhere.waitForEvent('filechooser'),
      elsewhere.getByRole('button', { name: 'Take in a file' }).click(),
    ]);
    await chooser.setFiles(path);
  };
  await takeIn('package.json');
  await expect(
    elsewhere.getByText('This file is not a kitchen exported from Ombrello. Nothing was changed.'),
  ).toBeVisible();
  await takeIn(file);
  await elsewhere.getByRole('button', { name: 'Take in', exact: true }).click();
  await expect(elsewhere.getByText(/entries taken in/)).toBeVisible();
  await elsewhere.getByRole('link', { name: 'Now', exact: true }).click();
  await expect(elsewhere.getByRole('link', { name: /^Grebe, ripe/ })).toBeVisible();
  await elsewhere.close();
});

test('a damaged store costs one entry, says so, and offers it for export @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await expect.poll(async () => Object.keys(await kitchen.stored('demo/log/'))).not.toEqual([]);
  const [[key, text]] = Object.entries(await kitchen.stored('demo/log/')) as [[string, string]];
  await kitchen.store({ [key]: text.slice(0, -30) });
  await page.reload();
  await expect(page.getByText('One line of the journal could not be read')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Grebe, ripe/ })).toBeVisible();
  await kitchen.accessible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Export what was set aside').click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8').length).toBeGreaterThan(10);
});

test('the keyboard goes everywhere, and ? says how @wide', async ({ page, kitchen }) => {
  await kitchen.open('/', 'demo');
  await page.keyboard.press('?');
  const help = page.getByRole('dialog', { name: 'About this page' });
  await expect(help.getByText(/^What to do next stands first/)).toBeVisible();
  await expect(help.getByText('Undo the last thing')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('j');
  await expect(page.getByRole('heading', { name: 'Journal' })).toBeVisible();
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Journal' })).toBeVisible();
});

test('every page has a few words on what it is for @phone', async ({ page, kitchen }) => {
  await kitchen.open('/jar/grebe/feed', 'demo');
  await kitchen.button('About this page').click();
  const help = page.getByRole('dialog', { name: 'About this page' });
  await expect(help.getByText(/^Nothing is logged before the last step/)).toBeVisible();
  await expect(help.getByText('With a keyboard')).toBeHidden();
  await kitchen.accessible();
  await page.keyboard.press('Escape');
  await expect(kitchen.button('Keep is in')).toBeVisible();
  await kitchen.goOn('/devices');
  await kitchen.button('About this page').click();
  await expect(help.getByText(/^A scale, a thermometer, a lid/)).toBeVisible();
  await help.getByRole('link', { name: 'More help' }).click();
  await expect(page.getByRole('heading', { name: 'Help', exact: true })).toBeVisible();
});

test('a wide screen shows shelves and jar side by side, with a rail @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await expect(page.getByRole('heading', { name: 'Grebe', exact: true })).toBeVisible();
  await page.getByRole('link', { name: /^Dunlin,/ }).click();
  await expect(page.getByRole('heading', { name: 'Dunlin', exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Shelves' })).toBeVisible();
});

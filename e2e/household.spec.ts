import { type Page } from '@playwright/test';

import { expect, test } from './fixtures';

test('the demo shows its jars as they stand at a frozen hour, and what is learnt of one @phone @east', async ({
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

  // What is learnt from the log is told in words, and still known when the page is opened again.
  const grebe = page
    .getByRole('main')
    .filter({ has: page.getByRole('heading', { name: 'Grebe' }) });
  await page.getByRole('link', { name: /^Grebe,/ }).click();
  await expect(
    grebe
      .getByText(/^About \d+ % quicker than usual for its temperature, from \d+ feeds\.$/)
      .first(),
  ).toBeVisible();
  await expect(grebe.getByText(/peaks you saw, \d+ fell inside the likely range/)).toBeVisible();
  await page.reload();
  await expect(grebe.getByText(/quicker than usual/).first()).toBeVisible();
});

/** What scrolls is the page between the bars, never the bars with it. */
async function asHighAsItsWindow(page: Page) {
  expect(
    await page.evaluate(() => document.documentElement.scrollHeight - innerHeight),
  ).toBeLessThanOrEqual(0);
}

const AT_320_PX = [
  '/',
  '/jar/grebe',
  '/jar/skua',
  '/jar/skua/paper',
  '/jar/skua/programme',
  '/jar/dunlin/feed',
  '/jar/dunlin/edit',
  '/larder',
  '/make',
  '/journal',
  '/start',
  '/settings',
  '/help',
  '/schools',
  '/away',
  '/dough',
  '/add',
  '/nowhere',
];

for (const half of [0, 1])
  test(`in the light at 320 px every ${half ? 'other ' : ''}page is clean to axe, and a thumb hits all of it @phone`, async ({
    page,
    kitchen,
  }) => {
    await page.setViewportSize({ width: 320, height: 640 });
    await page.emulateMedia({ colorScheme: 'light' });
    await kitchen.open('/licences', 'demo');
    for (const path of AT_320_PX.filter((_, i) => i % 2 === half))
      await test.step(path, async () => {
        await kitchen.goOn(path);
        await kitchen.accessible();
        await asHighAsItsWindow(page);
        await kitchen.thumbHitsAll();
      });
  });

const WIDE = [
  '/',
  '/jar/dunlin/feed',
  '/jar/dunlin/edit',
  '/dough',
  '/away',
  '/compare',
  '/charts',
  '/practise',
  '/what-if',
  '/notes',
  '/year',
  '/jar/grebe/picture',
  '/plan',
  '/trouble?jar=dunlin',
];

test('in the dark every wide page is clean to axe and as high as its window @wide', async ({
  page,
  kitchen,
}) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await kitchen.open('/licences', 'demo');
  for (const path of WIDE)
    await test.step(path, async () => {
      await kitchen.goOn(path);
      await kitchen.accessible();
      await asHighAsItsWindow(page);
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

test('a wide screen shows shelves and jar side by side, the keyboard goes everywhere, and ? says how @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await expect(page.getByRole('heading', { name: 'Grebe', exact: true })).toBeVisible();
  await page.getByRole('link', { name: /^Dunlin,/ }).click();
  await expect(page.getByRole('heading', { name: 'Dunlin', exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Shelves' })).toBeVisible();
  await kitchen.goOn('/');
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

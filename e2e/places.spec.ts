import { type Page } from '@playwright/test';

import { expect, test } from './fixtures';

const scrolled = (page: Page) =>
  page
    .getByRole('main')
    .locator('> div')
    .first()
    .evaluate((middle) => middle.scrollTop);

test('going back finds a page as it was left: where it was scrolled to, and what was typed @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await expect(page).toHaveTitle('Now · Ombrello');
  await page.getByRole('link', { name: /^Skua,/ }).click();
  await expect(page).toHaveTitle('Skua · Ombrello');
  // What is learnt of it comes a moment later, and makes the page longer.
  await kitchen.learnt();
  await page.getByRole('textbox', { name: 'Rise above the band' }).fill('33');
  await kitchen.button('Log this look').scrollIntoViewIfNeeded();
  const left = await scrolled(page);
  expect(left).toBeGreaterThan(50);
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page).toHaveTitle('Plan · Ombrello');
  await page.getByRole('link', { name: 'Help', exact: true }).click();
  await page.getByRole('link', { name: /^Settings/ }).click();
  await expect(page).toHaveTitle('Settings · Ombrello');
  await expect(page).toHaveURL(/\/settings$/);
  for (const title of ['Help', 'Plan', 'Skua']) {
    await page.goBack();
    await expect(page).toHaveTitle(`${title} · Ombrello`);
    await expect(page).toHaveURL(
      new RegExp({ Help: '/help$', Plan: '/plan$', Skua: '/jar/' }[title]!),
    );
  }
  await expect(page.getByRole('textbox', { name: 'Rise above the band' })).toHaveValue('33');
  expect(await scrolled(page)).toBe(left);
  await page.goBack();
  await expect(page).toHaveTitle('Now · Ombrello');
});

test('a link opens elsewhere with the keys for it, and a place is marked as the one that is shown @wide', async ({
  page,
  kitchen,
  context,
  foreseen,
}) => {
  // The browser takes the end of the touch to the page that opens.
  foreseen.push(/^Cannot record touch end without a touch start/);
  await kitchen.open('/', 'demo');
  const [elsewhere] = await Promise.all([
    context.waitForEvent('page'),
    page.getByRole('link', { name: 'Larder', exact: true }).click({ modifiers: ['Control'] }),
  ]);
  // A browser without a window may never draw a page that was opened behind; its address is what counts.
  await expect.poll(() => new URL(elsewhere.url()).pathname).toMatch(/^\/larder\/?$/);
  await expect(page).toHaveTitle('Now · Ombrello');
  await page.getByRole('link', { name: 'Larder', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Larder', exact: true })).toHaveAttribute(
    'aria-current',
    'page',
  );
  await page.goto('/nowhere/at/all');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/no page|nothing/i);
});

test('a day is typed as the kitchen writes it, refused where there is none, or chosen from a month @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/settings', 'demo');
  await page.getByRole('radio', { name: '1/31/2026' }).click();
  await page.getByRole('radio', { name: '6:20 pm' }).click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await kitchen.button('Add a bake').click();
  const when = page.getByRole('textbox', { name: 'Levain ripe at' });
  await expect(when).toHaveValue(/^03\/1\d\/2026 \d+:\d\d [ap]m$/);
  await when.fill('2/31/2026 9 am');
  await expect(page.getByText('There is no such day.')).toBeVisible();
  await kitchen.button('Add this bake').click();
  await expect(page.getByRole('dialog', { name: 'Add a bake' })).toBeVisible();
  await when.fill('3/15/2026 9 am');
  await when.blur();
  await expect(when).toHaveValue('03/15/2026 9:00 am');
  await kitchen.button('Levain ripe at: choose a day').click();
  await expect(page.getByRole('grid', { name: 'March 2026' })).toBeVisible();
  await kitchen.accessible();
  await page.getByRole('button', { name: /16.*March 2026/ }).click();
  await expect(when).toHaveValue('03/16/2026 9:00 am');
  await kitchen.button('Add this bake').click();
  await expect(
    page
      .getByText(/ripe Mon 16 Mar 8:00 am to 10:00 am/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
});

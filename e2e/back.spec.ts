import { type Page } from '@playwright/test';

import { expect, test } from './fixtures';

const heading = (page: Page, name: string) => page.getByRole('heading', { name, level: 1 });

/** From the shelf to a jar's page. */
async function toDunlin(page: Page) {
  await page
    .getByRole('region', { name: 'Shelves' })
    .getByRole('link', { name: /^Dunlin/ })
    .click();
  await expect(heading(page, 'Dunlin')).toBeVisible();
}

test('Back closes a sheet first, then leaves the page @phone', async ({ page, kitchen }) => {
  await kitchen.open('/', 'demo');
  await toDunlin(page);
  await kitchen.button(/^Move/).click();
  const move = page.getByRole('dialog', { name: 'Move Dunlin' });
  await expect(move).toBeVisible();
  await page.goBack();
  await expect(move).toBeHidden();
  await expect(heading(page, 'Dunlin')).toBeVisible();

  // One that was closed by hand is not gone back to.
  await kitchen.button(/^Move/).click();
  await move.getByRole('button', { name: 'Close' }).click();
  await expect(move).toBeHidden();
  await page.goBack();
  await expect(page.getByRole('region', { name: 'Shelves' })).toBeVisible();
  await page.goForward();
  await expect(heading(page, 'Dunlin')).toBeVisible();
});

test('Back closes a sheet of the first page too, and does not leave the kitchen @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/dunlin', 'demo');
  await kitchen.button(/^Write a note/).click();
  const note = page.getByRole('dialog');
  await expect(note).toBeVisible();
  await page.goBack();
  await expect(note).toBeHidden();
  await expect(heading(page, 'Dunlin')).toBeVisible();
});

test('Back at the bench goes to the step before, and after the feed not to the bench @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await toDunlin(page);
  await page.getByRole('main').getByRole('link', { name: 'Feed', exact: false }).first().click();
  await expect(page.getByText('Dunlin at the bench · 1 of 5')).toBeVisible();
  await kitchen.button('Keep is in').click();
  await kitchen.button('Water is in').click();
  await expect(page.getByText('Dunlin at the bench · 3 of 5')).toBeVisible();
  await page.goBack();
  await expect(page.getByText('Dunlin at the bench · 2 of 5')).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByText('Dunlin at the bench · 1 of 5')).toBeVisible();
  await page.goBack();
  await expect(heading(page, 'Dunlin')).toBeVisible();

  await page.getByRole('main').getByRole('link', { name: 'Feed', exact: false }).first().click();
  await kitchen.feedAtBench();
  await expect(page.getByText(/^Dunlin is fed/)).toBeVisible();
  await expect(heading(page, 'Dunlin')).toBeVisible();
  await page.goBack();
  await expect(page.getByText(/at the bench/).filter({ visible: true })).toHaveCount(0);
  await page.goBack();
  await expect(page.getByRole('region', { name: 'Shelves' })).toBeVisible();
});

test('a sheet that leads to another page is not in the way of Back @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await page
    .getByRole('region', { name: 'Shelves' })
    .getByRole('link', { name: /^Grebe/ })
    .click();
  await kitchen.button('Take out').click();
  const take = page.getByRole('dialog', { name: 'Take from Grebe' });
  await take.getByLabel('How much').fill('150');
  await take.getByRole('button', { name: 'Take it out, then feed what stays' }).click();
  await expect(page.getByText('Grebe at the bench · 1 of 5')).toBeVisible();
  await page.goBack();
  await expect(heading(page, 'Grebe')).toBeVisible();
  await expect(take).toBeHidden();
  await page.goBack();
  await expect(page.getByRole('region', { name: 'Shelves' })).toBeVisible();
});

test('Forward finds what was entered a moment before @wide', async ({ page, kitchen }) => {
  await kitchen.open('/dough', 'own');
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'No starter on the shelf yet' })).toBeVisible();
  await page.goBack();
  await page.getByLabel('Loaves').fill('7');
  await page.goForward();
  await expect(page.getByRole('heading', { name: 'No starter on the shelf yet' })).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('Loaves')).toHaveValue('7');
});

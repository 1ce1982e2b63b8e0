import { execFileSync } from 'node:child_process';

import { type Page } from '@playwright/test';

import { expect, test } from './fixtures';

/** Keeps what is printed where it can be read, and the browser's own dialog away. */
const quietPrinter = (page: Page) =>
  page.addInitScript(() => {
    window.print = () => undefined;
  });

/** The text of the page as it comes out on paper. */
async function onPaper(page: Page): Promise<string> {
  const pdf = await page.pdf();
  return execFileSync('pdftotext', ['-', '-'], { input: pdf, encoding: 'utf8' });
}

test('a dough is reckoned, weighed out, and its levain goes into the plan and to the bench @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/plan', 'demo');
  await kitchen.learnt();
  await page.getByRole('link', { name: 'Work out a dough' }).click();
  await expect(page.getByRole('heading', { name: 'Dough', exact: true })).toBeVisible();
  const bowl = page.getByRole('region', { name: 'Into the bowl' });
  await expect(bowl.getByText('1740 g of dough.')).toBeVisible();
  await kitchen.accessible();

  await page.getByLabel('Hydration', { exact: true }).fill('75');
  await page.getByLabel('Its hydration').fill('100');
  await page.getByLabel('Flour from levain').fill('10');
  await expect(bowl.getByText('1770 g of dough.')).toBeVisible();
  await page.reload();
  await expect(bowl.getByText('1770 g of dough.')).toBeVisible();

  // Bulk for the hours there are.
  const bulk = page.getByRole('region', { name: 'Bulk' });
  await bulk.getByRole('slider', { name: 'Dough at' }).fill('18');
  await bulk.getByLabel('Hours you have for it').fill('9');
  await bulk.getByRole('button', { name: /^Take \d+ % of the flour from levain$/ }).click();
  await expect(bulk.getByRole('heading')).toHaveText(/^Bulk: about (8 h [34]|8½|9)/);

  // Onto the scale, one number at a time.
  await kitchen.button('Weigh it out').click();
  for (const part of ['Levain', 'Water', 'White flour', 'Whole grain'])
    await kitchen.button(`${part} is in`).click();
  await expect(page.getByRole('heading', { name: 'Salt' })).toBeVisible();
  await kitchen.button('All is in').click();

  // The levain: topped up at the bench from what is in the jar.
  const levain = page.getByRole('region', { name: 'Its levain' });
  await levain.getByRole('button', { name: 'Into the plan' }).click();
  await expect(
    page
      .getByText(/^Bake of/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await page.goBack();
  await levain.getByRole('button', { name: 'To the bench' }).first().click();
  await expect(page.getByText('Grebe at the bench · 1 of 5')).toBeVisible();
});

test('a label and a care card come out on paper @phone', async ({ page, kitchen }) => {
  await quietPrinter(page);
  await kitchen.open('/jar/grebe', 'demo');
  await page.getByRole('link', { name: 'Print' }).click();
  await expect(page.getByRole('img', { name: /^Label: Grebe, Fed 13 Mar 09:10/ })).toBeVisible();
  await kitchen.accessible();
  await kitchen.button('Print one').click();
  const label = await onPaper(page);
  for (const text of ['Grebe', 'Fed 13 Mar 09:10', 'white, a fifth whole wheat'])
    expect(label).toContain(text);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Save as SVG').click(),
  ]);
  expect(file.suggestedFilename()).toBe('Grebe-label.svg');
  await kitchen.button('Print the card').click();
  expect(await onPaper(page)).toContain('Keep 25 g, add 100 g water and 100 g flour');
});

test('a usual feed takes two taps, and all that are due one pass @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/grebe', 'demo');
  await kitchen.button('Same again').click();
  await kitchen.accessible();
  await kitchen.button('It is fed').click();
  await expect(page.getByText('Grebe is fed: keep 25, water 100, flour 100 g')).toBeVisible();
  await kitchen.button('Undo').click();

  await kitchen.later('/', '2026-03-15T12:00');
  await page.getByRole('link', { name: 'Feed both that are due' }).click();
  await expect(page.getByText(/at the bench · 1 of 5, 1 more jar after$/)).toBeVisible();
  const first = await page.getByText(/at the bench/).textContent();
  await kitchen.feedAtBench();
  await expect(page.getByText(/at the bench · 1 of 5$/)).toBeVisible();
  const second = await page.getByText(/at the bench/).textContent();
  expect(second!.split(' ')[0]).not.toBe(first!.split(' ')[0]);
});

test('two jars are fed alike, looked at together and compared @wide', async ({ page, kitchen }) => {
  await kitchen.open('/jar/grebe', 'demo');
  await page.getByRole('link', { name: 'Compare' }).click();
  await expect(page.getByText(/were not fed alike, or not together/)).toBeVisible();
  await kitchen.accessible();
  await page.getByRole('radiogroup', { name: 'against' }).getByText('Skua').click();
  await kitchen.button('Feed both alike, in one pass').click();
  await kitchen.feedAtBench();
  await expect(page.getByText(/^Skua at the bench/)).toBeVisible();
  await kitchen.feedAtBench();
  await kitchen.later('/compare?a=grebe&b=skua', '2026-03-13T23:20');
  await expect(
    page.getByText('Grebe and Skua were fed alike and together', { exact: false }),
  ).toBeVisible();
  const grebe = page.getByRole('slider', { name: 'Surface in Grebe’s jar' });
  await grebe.focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('PageUp');
  await kitchen.button('Log both looks').click();
  await expect(page.getByText(/^After 5 hours Grebe stood higher: /)).toBeVisible();
});

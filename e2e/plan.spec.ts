import { readFileSync } from 'node:fs';

import { expect, test } from './fixtures';

test('a Saturday bake: plan chosen, first step done late, the plan mends and says so', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/plan', 'demo');
  await expect(page.getByText('Saturday tins')).toBeVisible();
  const offered = page.getByRole('region', { name: 'Plans to choose from' });
  await expect(offered.getByText('A good balance')).toBeVisible({ timeout: 45_000 });
  await kitchen.accessible();
  await kitchen.button('Follow it').first().click();
  await expect(offered.getByText('A good balance, followed')).toBeVisible();
  const build = page.getByRole('button', { name: /^Bench: Build Grebe's levain/ });
  await expect(build).toBeVisible();
  const steps = await page.getByRole('button', { name: /^(Bench|Done|Taken): / }).count();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Steps to my calendar').click(),
  ]);
  const calendar = readFileSync(await file.path(), 'utf8');
  expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(steps);

  // The next step on Now is the plan's.
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByText(/^As planned/)).toBeVisible();

  // Hours later the build is done at the bench, with its amounts filled in.
  await kitchen.open('/plan', 'demo', '2026-03-13T22:20');
  await expect(page.getByText('Looking for plans')).toBeHidden({ timeout: 45_000 });
  await page
    .getByRole('button', { name: /^Bench: Build Grebe's levain/ })
    .click({ timeout: 45_000 });
  await expect(page.getByText('Grebe at the bench · 1 of 5')).toBeVisible();
  for (const step of [
    'Keep is in',
    'Water is in',
    'Flour is in',
    'The band is set',
    'The feed is done',
  ])
    await kitchen.button(step).click();
  await expect(page.getByText(/^Grebe is fed/)).toBeVisible();

  // The levain is built: the plan asks for it no more, and says what the lateness changed.
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByText(/^The plan was mended: /)).toBeVisible({ timeout: 45_000 });
  await expect(page.getByRole('button', { name: /^Bench: Build Grebe's levain/ })).toBeHidden();
  await expect(page.getByRole('button', { name: /^Taken: Take 180 g from Grebe/ })).toBeVisible();
});

test('a bake is added from loaves, and a trip is marked', async ({ page, kitchen }) => {
  await kitchen.open('/plan', 'demo');
  await kitchen.button('Add a bake').click();
  const sheet = page.getByRole('dialog', { name: 'Add a bake' });
  await sheet.getByLabel('Levain ripe at').fill('2026-03-13T17:00');
  await sheet.getByRole('radio', { name: 'reckon from loaves' }).click();
  await expect(sheet.getByText(/^300 g of levain/)).toBeVisible();
  await kitchen.accessible();
  await sheet.getByRole('button', { name: 'Want it' }).click();
  await expect(sheet.getByText('Too soon: no starter ripens within the hour.')).toBeVisible();
  await sheet.getByLabel('Levain ripe at').fill('2026-03-16T18:00');
  await sheet.getByRole('radio', { name: 'Dunlin' }).click();
  await sheet.getByRole('button', { name: 'Want it' }).click();
  await expect(page.getByText('Bake of Mon 16 Mar')).toBeVisible();

  await kitchen.button('A trip, or a night away').click();
  await page.getByLabel('Leaving', { exact: true }).fill('2026-03-18T08:00');
  await page.getByLabel('Coming back').fill('2026-03-17T08:00');
  await kitchen.button('Mark the trip').click();
  await expect(
    page.getByText('Give the day you leave and a later one for coming back.'),
  ).toBeVisible();
  await page.getByLabel('Coming back').fill('2026-03-20T18:00');
  await kitchen.button('Mark the trip').click();
  await expect(page.getByText(/^Away Wed 18 Mar 08:00 to Fri 20 Mar 18:00/)).toBeVisible();
  await page.reload();
  await expect(page.getByText('Bake of Mon 16 Mar')).toBeVisible();
  await expect(page.getByText(/^Away Wed 18 Mar/)).toBeVisible();
});

test('an impossible bake is explained, with what comes nearest', async ({ page, kitchen }) => {
  await kitchen.open('/plan', 'demo');
  await kitchen.button('Remove Saturday tins').click();
  await kitchen.button('Add a bake').click();
  const sheet = page.getByRole('dialog', { name: 'Add a bake' });
  await sheet.getByLabel('Levain ripe at').fill('2026-03-13T20:30');
  await sheet.getByRole('radio', { name: 'half an hour' }).click();
  await sheet.getByRole('radio', { name: 'Dunlin' }).click();
  await sheet.getByLabel('Levain', { exact: true }).fill('120');
  await sheet.getByLabel('Name, if it needs one').fill('Tonight');
  await sheet.getByRole('button', { name: 'Want it' }).click();
  await expect(page.getByText('Tonight: there is not enough time until then.')).toBeVisible({
    timeout: 60_000,
  });
  await expect(page.getByText(/would work\./)).toBeVisible();
});

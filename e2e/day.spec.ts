import { type Page } from '@playwright/test';

import { type Kitchen, expect, test } from './fixtures';

/** Puts a jar on the shelf of an empty kitchen. */
async function addJar(page: Page, kitchen: Kitchen, fill: () => Promise<void>) {
  if (page.url() === 'about:blank') await kitchen.open('/add', 'own', '2026-03-08T10:00');
  else await kitchen.goOn('/add');
  await page.getByRole('textbox', { name: 'Name' }).fill('Tern');
  await page.getByRole('textbox', { name: 'Fed at' }).fill('2026-03-07T10:00');
  await fill();
  await kitchen.button('Put it on the shelf').click();
  await expect(page.getByRole('heading', { name: 'Tern', level: 1, exact: true })).toBeVisible();
}

test('a weekly jar of the fridge, three weeks long: one decision a week @phone', async ({
  page,
  kitchen,
}) => {
  await addJar(page, kitchen, async () => {
    await page.getByRole('radio', { name: 'weekly' }).click();
    await page.getByRole('radio', { name: '10:00' }).click();
    await page.getByRole('radio', { name: 'Sunday' }).click();
    await page.getByRole('radio', { name: 'Fridge' }).click();
  });
  await kitchen.accessible();
  for (const day of ['2026-03-08', '2026-03-15', '2026-03-22']) {
    await kitchen.later('/jar/tern', `${day}T10:05`);
    // What was not confirmed last week is asked, and answered with one tap.
    // In the page itself: for a moment its last picture stands behind it.
    const asked = page.getByRole('main').getByText(/^Did Tern go into the fridge/);
    if (day !== '2026-03-08') {
      await expect(asked).toBeVisible();
      await kitchen.button('Yes, it did').click();
      await expect(asked).toBeHidden();
    }
    // A usual feed is two taps, and the way back into the cold is part of it.
    await kitchen.button('Same again').click();
    await expect(
      page.getByText(/^Then 1½ hours out, and into the fridge at 11:35\.$/),
    ).toBeVisible();
    await kitchen.button('It is fed').click();
    await expect(page.getByText('Tern goes into the fridge at 11:35')).toBeVisible();
  }
  await kitchen.later('/', '2026-03-22T11:40');
  await expect(page.getByText('Time for Tern to go into the fridge')).toBeVisible();
  await kitchen.button('It is there').click();
  await kitchen.later('/', '2026-03-27T19:00');
  await expect(
    page.getByRole('heading', { level: 1, name: /^Feed Tern (about Sun|tomorrow about)/ }),
  ).toBeVisible();
  await expect(page.getByText(/starv|hungry/)).toHaveCount(0);
});

test('a mother and a bowl on one morning, and the bowl in its dough @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/grebe/levain', 'demo', '2026-03-13T22:00');
  await page.getByRole('radio', { name: 'Saturday tins' }).click();
  await expect(page.getByText(/^187 g at 100 %$/)).toBeVisible();
  await kitchen.accessible();
  await kitchen.button('It is mixed').click();
  await expect(page.getByRole('heading', { name: 'Saturday tins', level: 1 })).toBeVisible();

  await kitchen.later('/jar/grebe', '2026-03-13T22:05');
  await kitchen.button('Same again').click();
  await kitchen.button('It is fed').click();
  await expect(page.getByText(/^Grebe is fed: keep 25, water 100, flour 100 g/)).toBeVisible();

  await kitchen.later('/', '2026-03-14T09:40');
  const ready = page.getByText(/^Levain for Saturday tins: into the dough/);
  await expect(ready).toBeVisible();
  await kitchen.accessible();
  await page.getByRole('button', { name: 'Into the dough' }).first().click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('textbox', { name: 'Into the dough' })).toHaveValue('180');
  await sheet.getByRole('button', { name: 'In the dough' }).click();
  await expect(ready).toBeHidden();
  await kitchen.later('/plan', '2026-03-14T09:45');
  await expect(page.getByText('Saturday tins').filter({ visible: true })).toHaveCount(0);
});

test('a ball that is fed flour only, and a jar fed by eye for two days @phone', async ({
  page,
  kitchen,
}) => {
  await addJar(page, kitchen, async () => {
    await page.getByLabel('Hydration: water over flour').fill('50');
  });
  await page.getByRole('link', { name: 'Feed', exact: true }).click();
  await page.getByRole('radio', { name: 'Add to it' }).click();
  await page.getByRole('textbox', { name: 'Flour', exact: true }).fill('40');
  await kitchen.accessible();
  await kitchen.button('It is in').click();
  await kitchen.button('The band is set').click();
  await kitchen.button('The feed is done').click();
  await expect(page.getByText(/^fed: keep \d+, water 0, flour 40 g/)).toBeVisible();

  for (const day of [10, 11]) {
    await kitchen.later('/jar/tern', `2026-03-${day}T08:00`);
    await page.getByRole('link', { name: 'Feed', exact: true }).click();
    await page.getByRole('radio', { name: 'By eye' }).click();
    await page.getByRole('radio', { name: 'half', exact: true }).click();
    await page.getByRole('radio', { name: 'thick batter, drips slowly' }).click();
    await kitchen.button('It is in').click();
    await kitchen.button('The band is set').click();
    await kitchen.button('The feed is done').click();
    await expect(page.getByText(/^Fed 08:00, by eye, about keep/)).toBeVisible();
  }
});

test('a kitchen in ounces, cups and Fahrenheit, from the jar to the pancakes @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/settings', 'own', '2026-03-08T10:00');
  await page.getByRole('radio', { name: /ounces beside/ }).click();
  await page.getByRole('radio', { name: /^Fahrenheit|°F/ }).click();
  await page
    .getByRole('radio', { name: /^Cups and spoons|cups/i })
    .first()
    .click();
  await addJar(page, kitchen, async () => {
    await page.getByRole('textbox', { name: 'Kept' }).fill('1/4 cup');
    await page.getByRole('textbox', { name: 'Flour', exact: true }).fill('1/2 cup');
    await page.getByRole('textbox', { name: 'Water', exact: true }).fill('2 oz');
    await expect(page.getByText('60 g', { exact: true })).toBeVisible();
  });
  await expect(page.getByText(/°F/).filter({ visible: true }).first()).toBeVisible();
  await kitchen.button('Take out').click();
  await page.getByRole('textbox', { name: 'How much' }).fill('½ cup');
  await page.getByRole('radio', { name: 'discard jar' }).click();
  await page.getByRole('button', { name: 'Take it out', exact: true }).click();
  await kitchen.goOn('/make');
  await expect(page.getByText(/\d oz/).filter({ visible: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByText(/oz/).filter({ visible: true }).first()).toBeVisible();
  await kitchen.accessible();
});

import { expect, test } from './fixtures';

test('start empty, add a starter, feed it with an overshoot, log a look, and find it all after a reload @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'own');
  await expect(page.getByRole('heading', { name: 'No starter on the shelf yet' })).toBeVisible();
  await kitchen.accessible();

  await page.getByRole('link', { name: 'Add a starter' }).click();
  await page.getByLabel('Name').fill('Tern 🫙');
  await page.getByRole('textbox', { name: 'Fed at' }).fill('2026-03-13T09:00');
  await kitchen.accessible();
  await kitchen.button('Put it on the shelf').click();
  await expect(page.getByRole('heading', { name: 'Tern 🫙' }).first()).toBeVisible();
  await expect(page).toHaveURL(/\/jar\/[\w-]{21}/);

  await page.getByRole('link', { name: 'Feed', exact: true }).click();
  await expect(page.getByText('Tern 🫙 at the bench · 1 of 5')).toBeVisible();
  await kitchen.accessible();
  await page.getByLabel('Scale reads').fill('23');
  await kitchen.button('Keep is in').click();
  await expect(page.getByText('Kept 23 instead of 20: water and flour follow.')).toBeVisible();
  await page.getByLabel('Scale reads').fill('100');
  await kitchen.button('Water is in').click();
  await expect(page.getByText('Water 100 instead of 92: flour follows.')).toBeVisible();

  // Half way through, the page is reloaded: the feed goes on where it was.
  await page.reload();
  await expect(page.getByText('Water 100 instead of 92: flour follows.')).toBeVisible();
  await kitchen.button('Flour is in').click();
  await expect(
    page.getByText('23 g keep, 100 g flour, 100 g water: 223 g at 100 %.'),
  ).toBeVisible();
  await kitchen.button('The band is set').click();
  await page.getByRole('radio', { name: /^Fridge/ }).click();
  await kitchen.button('The feed is done').click();
  await expect(page.getByText('Tern 🫙 is fed: keep 23, water 100, flour 100 g')).toBeVisible();

  await kitchen.later('/jar/tern', '2026-03-13T21:20');
  await page.getByLabel('Rise above the band').fill('38');
  await kitchen.button('Log this look').click();
  await expect(page.getByText('looked: + 38 %')).toBeVisible();

  await page.reload();
  await expect(page.getByText('looked: + 38 %')).toBeVisible();
  await expect(page.getByText(/^fed: keep 23, water 100, flour 100 g/)).toBeVisible();
  await expect(page.getByText(/^took out 157 g/)).toBeVisible();
});

test('three questions, and two jars from the fridge are on the shelf, in ounces @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'own');
  await page.getByRole('radio', { name: 'two' }).click();
  await page.getByRole('radio', { name: 'in the fridge' }).click();
  await page.getByRole('radio', { name: 'ounces' }).click();
  await page.getByRole('link', { name: 'Add a starter' }).click();
  await expect(
    page.getByRole('heading', { name: 'Add a starter, and 1 more after it' }),
  ).toBeVisible();
  await page.getByLabel('Name').fill('Tern');
  await kitchen.button('Put it on the shelf').click();
  await expect(page.getByRole('heading', { name: 'Add a starter', exact: true })).toBeVisible();
  await expect(page.getByLabel('Name')).toHaveValue('');
  await page.getByLabel('Name').fill('Knot');
  await kitchen.button('Put it on the shelf').click();
  await expect(page.getByRole('heading', { name: 'Knot' }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Now' }).first().click();
  await expect(page.getByRole('link', { name: /^Tern,/ })).toBeVisible();
  await expect(
    page
      .getByText(/^Fridge/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await page.getByRole('link', { name: /^Tern,/ }).click();
  await expect(page.getByText(/\d oz/).filter({ visible: true }).first()).toBeVisible();
});

test('a feed can be undone, and so can a strike @phone', async ({ page, kitchen }) => {
  await kitchen.open('/jar/grebe/feed', 'demo');
  await kitchen.feedAtBench();
  await expect(page.getByText('Grebe is fed: keep 25, water 100, flour 100 g')).toBeVisible();
  await expect(
    page.getByText('Fed 18:20, keep 25, water 100, flour 100 g.', { exact: false }),
  ).toBeVisible();
  await kitchen.button('Undo').click();
  await expect(page.getByText('Fed 09:10', { exact: false })).toBeVisible();

  const looked = page.getByRole('button', { name: /^\d\d:\d\d looked: / }).first();
  const struck = (await looked.getAttribute('aria-label'))!.replace(/^.* looked/, 'looked');
  await looked.click();
  await kitchen.button('Strike it out').click();
  await expect(page.getByText(struck)).toBeHidden();
  await page.keyboard.press('u');
  await expect(page.getByText(struck)).toBeVisible();
});

test('the surface is dragged to where it stands, and moved with the keys @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/grebe', 'demo');
  const surface = page.getByRole('slider', { name: 'Surface in the jar' });
  const field = page.getByRole('textbox', { name: 'Rise above the band' });
  const rise = async () => Number(await field.inputValue());
  const before = await rise();
  await surface.focus();
  await page.keyboard.press('ArrowUp');
  await expect.poll(rise).toBe(before + 5);
  await surface.scrollIntoViewIfNeeded();
  const box = (await surface.boundingBox())!;
  await page.mouse.move(box.x + 50, box.y + 90);
  await page.mouse.down();
  await page.mouse.move(box.x + 50, box.y + 130, { steps: 5 });
  await page.mouse.up();
  await expect.poll(rise).toBeLessThan(before - 40);
});

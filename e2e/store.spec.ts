import { readFileSync } from 'node:fs';

import { type Page } from '@playwright/test';

import { type Kitchen, expect, kitchenOn, test } from './fixtures';

/** An own kitchen with a jar in it, through its form. */
async function addJar(page: Page, kitchen: Kitchen, name: string, fedAt = '2026-03-13T09:00') {
  if (page.url() === 'about:blank') await kitchen.open('/add', 'own');
  else await kitchen.goOn('/add');
  await page.getByLabel('Name').fill(name);
  await page.getByRole('textbox', { name: 'Fed at' }).fill(fedAt);
  await kitchen.button('Put it on the shelf').click();
  await expect(page.getByRole('heading', { name, exact: true }).first()).toBeVisible();
}

async function addBake(page: Page, kitchen: Kitchen, name: string) {
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await kitchen.button('Add a bake').click();
  const sheet = page.getByRole('dialog', { name: 'Add a bake' });
  await sheet.getByRole('textbox', { name: 'Levain ripe at' }).fill('2026-03-15T12:00');
  await sheet.getByLabel('Name, if it needs one').fill(name);
  await sheet.getByRole('button', { name: 'Add this bake' }).click();
  await expect(sheet).toBeHidden();
}

const toKitchen = async (page: Page, press: RegExp) => {
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await page.getByRole('button', { name: press }).click();
};

test('two kitchens keep their bakes, hands, trips, dough and answers apart @phone', async ({
  page,
  kitchen,
}) => {
  await addJar(page, kitchen, 'Tern');
  await addBake(page, kitchen, 'Sunday tins');
  await page.getByLabel('Up from').fill('5:00');
  await kitchen.button('A trip, or a night away').click();
  await page.getByRole('textbox', { name: 'Leaving', exact: true }).fill('2026-03-20T08:00');
  await page.getByRole('textbox', { name: 'Coming back' }).fill('2026-03-22T08:00');
  await kitchen.button('Mark the trip').click();
  await kitchen.goOn('/dough');
  await page.getByLabel('Loaves').fill('7');
  await kitchen.goOn('/trouble?jar=tern');
  await kitchen.button('Nothing that I know').click();
  await page.getByRole('checkbox', { name: 'liquid' }).click();
  await kitchen.button('Go on').click();

  await toKitchen(page, /^Look at the demo/);
  await expect(page.getByRole('link', { name: /^Grebe,/ })).toBeVisible();
  await kitchen.goOn('/plan');
  await expect(page.getByText('Saturday tins').filter({ visible: true }).first()).toBeVisible();
  await expect(page.getByText('Sunday tins')).toBeHidden();
  await page.getByRole('button', { name: 'Hands', exact: true }).click();
  await expect(page.getByLabel('Up from')).toHaveValue('6:30');
  await page.getByLabel('Up from').fill('7:15');
  await kitchen.button('Remove Saturday tins').click();
  await kitchen.goOn('/dough');
  await expect(page.getByLabel('Loaves')).toHaveValue('2');

  await toKitchen(page, /open my kitchen/);
  await expect(page.getByRole('link', { name: /^Tern,/ })).toBeVisible();
  await kitchen.open('/plan', 'own');
  await expect(page.getByText('Sunday tins').filter({ visible: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Hands', exact: true }).click();
  await expect(page.getByLabel('Up from')).toHaveValue('5:00');
  await expect(page.getByText(/^Away Fri 20 Mar 08:00/)).toBeVisible();
  await kitchen.goOn('/dough');
  await expect(page.getByLabel('Loaves')).toHaveValue('7');
  await kitchen.goOn('/trouble?jar=tern');
  await expect(
    page
      .getByText(/liquid/i)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();

  await toKitchen(page, /^Look at the demo/);
  await expect(page.getByRole('link', { name: /^Grebe,/ })).toBeVisible();
  await kitchen.open('/plan', 'own');
  await page.getByRole('button', { name: 'Hands', exact: true }).click();
  await expect(page.getByLabel('Up from')).toHaveValue('7:15');
  await expect(page.getByText('Saturday tins')).toBeHidden();
});

test('starters may be called Constructor, __proto__ and toString, and be a quarter of a century unfed @phone', async ({
  page,
  kitchen,
}) => {
  const names = ['Constructor', '__proto__', 'toString'];
  for (const name of names) {
    await addJar(page, kitchen, name, name === 'toString' ? '2001-03-13T09:00' : undefined);
    await page.getByLabel('Rise above the band').fill('40');
    await kitchen.button('Log this look').click();
    await expect(page.getByText('looked: + 40 %')).toBeVisible();
  }
  await page.reload();
  for (const path of ['/', '/settings', '/journal', '/larder', '/plan', '/trouble'])
    await kitchen.goOn(path);
  for (const name of names) {
    await kitchen.goOn(`/jar/${name}`);
    await expect(page.getByRole('heading', { name, exact: true }).first()).toBeVisible();
    await expect(page.getByText('looked: + 40 %')).toBeVisible();
  }
});

test('a page that fails says so, leaves the others alone, and offers a way on @phone', async ({
  page,
  kitchen,
  foreseen,
}) => {
  await kitchen.open('/journal', 'demo');
  await kitchen.learnt();
  foreseen.push(/./);
  // Any fault will do: here the calendar of the browser breaks down, and the page of a jar asks it for a day.
  await page.evaluate(() => {
    const format = Object.getOwnPropertyDescriptor(Intl.DateTimeFormat.prototype, 'format')!;
    const broken = {
      get(this: Intl.DateTimeFormat) {
        if ('broken' in window) throw new Error('the clock fell down');
        return format.get!.call(this) as unknown;
      },
    };
    Object.defineProperty(Intl.DateTimeFormat.prototype, 'format', broken);
  });
  const toBrokenJar = async () => {
    await page.getByRole('link', { name: 'Now', exact: true }).click();
    await expect(page.getByRole('link', { name: /^Dunlin,/ })).toBeVisible();
    await page.evaluate(() => Object.assign(window, { broken: true }));
    await page.getByRole('link', { name: /^Dunlin,/ }).click();
  };
  await toBrokenJar();
  await expect(page.getByRole('heading', { name: 'This page could not be shown' })).toBeVisible();
  const happened = page.getByRole('region', { name: 'What happened' });
  await expect(happened.getByText('the clock fell down', { exact: false })).toBeVisible();
  await kitchen.accessible();
  const [raw] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Export the raw journal').click(),
  ]);
  expect(readFileSync(await raw.path(), 'utf8')).toContain('"kind":"fed"');
  // The other pages go on.
  await page.evaluate(() => Reflect.deleteProperty(window, 'broken'));
  await page.getByRole('link', { name: 'Larder', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible();
  await toBrokenJar();
  await kitchen.button('Set the newest entry aside').click();
  await expect(page.getByText(/^Set aside, and kept for export: \{/)).toBeVisible();
  await kitchen.button('Reload').click();
  await expect(page.getByText('This page could not be shown')).toBeHidden();
  await kitchen.open('/jar/dunlin', 'demo');
  await expect(page.getByRole('heading', { name: 'Dunlin', exact: true }).first()).toBeVisible();
});

test('a clock that has gone back loses nothing, and says so until it is right @phone', async ({
  page,
  kitchen,
}) => {
  await addJar(page, kitchen, 'Tern');
  await expect.poll(async () => Object.keys(await kitchen.stored('own/log/'))).not.toEqual([]);
  for (let time = 0; time < 2; time++) {
    await kitchen.open('/', 'own', '2025-01-02T08:00');
    await expect(page.getByText('The clock of this device says 2 Jan 2025')).toBeVisible();
    await expect(
      page.getByText(/entries of the journal are from later, up to 13 Mar 2026/),
    ).toBeVisible();
  }
  await kitchen.accessible();
  await kitchen.later('/', '2026-03-13T18:25');
  await expect(page.getByRole('link', { name: /^Tern,/ })).toBeVisible();
  await expect(page.getByText(/^The clock of this device/)).toBeHidden();
});

test('whatever stands in the store, the settings and an export hold what was set aside @phone', async ({
  page,
  kitchen,
}) => {
  await addJar(page, kitchen, 'Tern');
  await expect.poll(async () => Object.keys(await kitchen.stored('own/log/'))).not.toEqual([]);
  const pages = await kitchen.stored('own/log/');
  const [key] = Object.keys(pages);
  await kitchen.store({
    [key!]: `${pages[key!]}\n{"kind":"fed","id":"lost","jar":"tern","at":"2026-03-13T10:00:00.000Z"}\nnull\n{"kind":"looked","id":"to`,
    'own/cache/learnt': '{"tern":1}',
    'own/draft/x': '7',
    'first-picture': '{}',
  });
  await page.reload();
  await expect(page.getByText('3 lines of the journal could not be read')).toBeVisible();
  await kitchen.accessible();
  const [lines] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Export what was set aside').click(),
  ]);
  expect(readFileSync(await lines.path(), 'utf8')).toContain('{"kind":"looked","id":"to');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Tern', exact: true }).first()).toBeVisible();
  await kitchen.goOn('/settings');
  const aside = page.getByRole('region', { name: 'Set aside' });
  await expect(aside.getByText('3 lines were set aside')).toBeVisible();
  await kitchen.accessible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Export the kitchen').click(),
  ]);
  const text = readFileSync(await file.path(), 'utf8');
  expect(JSON.parse(text).setAside[0].lines.join()).toContain('"id":"lost"');
});

test('without room everything that is entered says so, and leaving asks first @phone', async ({
  page,
  kitchen,
}) => {
  await addJar(page, kitchen, 'Tern');
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  const full = page.getByText(/^The browser has no room left to save in/);
  await addBake(page, kitchen, 'Sunday tins');
  await expect(full).toBeVisible();
  await expect(page.getByText('Sunday tins').filter({ visible: true }).first()).toBeVisible();
  const asked = page.waitForEvent('dialog');
  void page.reload().catch(() => undefined);
  const dialog = await asked;
  expect(dialog.type()).toBe('beforeunload');
  await dialog.dismiss();
  await page.getByRole('link', { name: 'Help', exact: true }).click();
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('radio', { name: 'Dark' }).click();
  await expect(full).toBeVisible();
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await kitchen.button('Look at the demo').click();
  await expect(page.getByText(/^This kitchen stays open/)).toBeVisible();
});

test('two tabs of one kitchen agree on everything, and each keeps its own half-weighed feed @wide', async ({
  page,
  kitchen,
  context,
}) => {
  await addJar(page, kitchen, 'Tern');
  const other = await context.newPage();
  await other.goto('/jar/tern/feed?at=2026-03-13T18:20');
  await other.getByLabel('Scale reads').fill('23');
  await other.getByRole('button', { name: 'Keep is in' }).click();
  await expect(other.getByText('Kept 23 instead of 20', { exact: false })).toBeVisible();
  await kitchen.open('/jar/tern/feed', 'own');
  await expect(page.getByText('1 of 5', { exact: false })).toBeVisible();
  await page.getByLabel('Scale reads').fill('18');
  await kitchen.button('Keep is in').click();
  await expect(page.getByText('Kept 18 instead of 20', { exact: false })).toBeVisible();
  await other.reload();
  await expect(other.getByText('Kept 23 instead of 20', { exact: false })).toBeVisible();

  // A look, a bake, hands, a trip and a taste entered in one are in the other without a reload.
  await kitchen.goOn('/plan');
  await kitchenOn(other).goOn('/plan');
  await expect(other.getByRole('button', { name: 'Add a bake' })).toBeVisible();
  await addBake(page, kitchen, 'Sunday tins');
  await expect(other.getByText('Sunday tins').filter({ visible: true }).first()).toBeVisible();
  await other.getByRole('button', { name: 'A trip, or a night away' }).click();
  await other.getByRole('textbox', { name: 'Leaving', exact: true }).fill('2026-03-20T08:00');
  await other.getByRole('textbox', { name: 'Coming back' }).fill('2026-03-22T08:00');
  await other.getByRole('button', { name: 'Mark the trip' }).click();
  await expect(
    page
      .getByText(/^Away Fri 20 Mar 08:00 to/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await other.getByRole('checkbox', { name: 'Mon' }).click();
  await page.getByRole('checkbox', { name: 'Tue' }).click();
  await expect(page.getByRole('checkbox', { name: 'Tue' })).toBeChecked();
  const places = other.getByRole('navigation', { name: 'Places' });
  await places.getByRole('link', { name: 'Settings' }).click();
  await other.getByRole('radio', { name: 'Dark' }).click();
  await expect(page.locator('body')).toHaveCSS('background-color', 'rgb(14, 24, 38)');
  await other.getByRole('link', { name: 'Now', exact: true }).click();
  await kitchen.goOn('/jar/tern');
  await page.getByRole('textbox', { name: 'Rise above the band' }).fill('90');
  await kitchen.button('Log this look').click();
  await other.getByRole('link', { name: 'Journal', exact: true }).click();
  await expect(
    other
      .getByText(/looked: \+ 90 %/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await page.reload();
  await expect(page.getByText('looked: + 90 %').filter({ visible: true })).toBeVisible();
  await other.close();
});

test('a new device has the whole kitchen in two taps, wishes and tastes too @phone', async ({
  page,
  kitchen,
  browser,
}, { project }) => {
  await addJar(page, kitchen, 'Tern');
  await addBake(page, kitchen, 'Sunday tins');
  await kitchen.goOn('/settings');
  await page.getByRole('radio', { name: 'Dark' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Export the kitchen').click(),
  ]);
  const device = await browser.newPage({ ...project.use, timezoneId: 'Pacific/Auckland' });
  await device.goto('/?at=2026-03-14T20:20');
  const chosen = device.waitForEvent('filechooser');
  await device.getByRole('button', { name: 'Bring a kitchen from a file' }).click();
  await (await chosen).setFiles(await file.path());
  await device.getByRole('button', { name: 'Take in', exact: true }).click();
  await expect(device.getByRole('link', { name: /^Tern,/ })).toBeVisible();
  await expect(device.locator('body')).toHaveCSS('background-color', 'rgb(14, 24, 38)');
  await expect(device.getByText(/^Your kitchen keeps .* time\. Has it moved\?$/)).toBeVisible();
  await device.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(device.getByText('Sunday tins').filter({ visible: true }).first()).toBeVisible();
  await device.reload();
  await expect(device.locator('body')).toHaveCSS('background-color', 'rgb(14, 24, 38)');
  await expect(device.getByText('Sunday tins').filter({ visible: true }).first()).toBeVisible();
  await device.close();
});

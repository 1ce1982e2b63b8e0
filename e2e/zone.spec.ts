import { type BrowserContext, type Page } from '@playwright/test';

import { expect, kitchenOn, test } from './fixtures';

/** The same device in another zone: all that its browser has kept is there. */
async function carriedTo(context: BrowserContext, use: object, timezoneId: string): Promise<Page> {
  const storageState = await context.storageState({ indexedDB: true });
  const there = await context.browser()!.newContext({ ...use, timezoneId, storageState });
  return there.newPage();
}

/** 18:20 in Lisbon, whatever a device calls it. */
const at = (address: string) => `${address}?at=2026-03-13T18:20Z`;

test.describe('a kitchen in Lisbon', () => {
  test.use({ timezoneId: 'Europe/Lisbon' });

  test('is the same kitchen on a device on other hours, which is asked once @phone', async ({
    page,
    kitchen,
    context,
  }, { project }) => {
    await kitchen.open('/jar/grebe', 'demo, first visit');
    const forecastOn = (of: Page) =>
      of.getByRole('region', { name: 'Forecast' }).getByRole('heading');
    // The pace is learnt, and the forecast settles.
    await kitchen.learnt();
    await expect(
      page
        .getByText(/quicker than usual/)
        .filter({ visible: true })
        .first(),
    ).toBeVisible();
    const said = await forecastOn(page).textContent();

    const there = await carriedTo(context, project.use, 'Asia/Kathmandu');
    await there.goto(at('/jar/grebe'));
    const question = there.getByRole('region', { name: 'Has the kitchen moved?' });
    await expect(question.getByText('Your kitchen keeps Lisbon time. Has it moved?')).toBeVisible();
    await expect(forecastOn(there)).toHaveText(said!);
    await there.getByRole('link', { name: 'Plan', exact: true }).click();
    await there.getByRole('button', { name: 'Add a bake' }).click();
    await expect(there.getByRole('textbox', { name: 'Levain ripe at' })).toHaveValue(
      '16/03/2026 09:00',
    );
    await there.keyboard.press('Escape');
    await kitchenOn(there).accessible();
    await question.getByRole('button', { name: 'No, it stays in Lisbon' }).click();
    await expect(question).toBeHidden();
    await there.reload();
    await expect(there.getByRole('heading', { name: 'Hands' })).toBeVisible();
    await expect(question).toBeHidden();
    await there.context().close();
  });

  test('that has moved keeps new hours from then on @phone', async ({ page, kitchen, context }, {
    project,
  }) => {
    await kitchen.open('/', 'demo, first visit');
    await expect(page.getByText(/^Friday 18:20/)).toBeVisible();
    await expect.poll(async () => Object.keys(await kitchen.stored('demo/log'))).not.toEqual([]);
    const there = await carriedTo(context, project.use, 'America/Los_Angeles');
    await there.goto(at('/'));
    await expect(there.getByText(/^Friday 18:20/)).toBeVisible();
    await there.getByRole('button', { name: 'Yes, to Los Angeles' }).click();
    await expect(there.getByText(/^Friday 11:20/)).toBeVisible();
    await there.getByRole('button', { name: 'Undo' }).click();
    await expect(there.getByText(/^Friday 18:20/)).toBeVisible();
    await there.context().close();
  });

  test('goes through the night of the changing clocks: hours keep their meaning @phone', async ({
    page,
    kitchen,
  }) => {
    // Clocks go forward at one in the morning of the 29th.
    await kitchen.open('/plan', 'demo', '2026-03-28T20:00');
    await kitchen.button('Add a bake').click();
    const sheet = page.getByRole('dialog', { name: 'Add a bake' });
    await sheet.getByRole('textbox', { name: 'Levain ripe at' }).fill('2026-03-29T09:00');
    await sheet.getByLabel('Name, if it needs one').fill('Sunday tins');
    await sheet.getByRole('button', { name: 'Add this bake' }).click();
    await expect(
      page
        .getByText(/ripe tomorrow 08:00 to 10:00$/)
        .filter({ visible: true })
        .first(),
    ).toBeVisible();
    await kitchen.later('/plan', '2026-03-29T07:00');
    await expect(
      page
        .getByText(/ripe 08:00 to 10:00$/)
        .filter({ visible: true })
        .first(),
    ).toBeVisible();
    await kitchen.goOn('/jar/grebe');
    await kitchen.button('More').click();
    // An hour that there was not is the one after it.
    await page.getByRole('textbox', { name: 'Seen at' }).fill('2026-03-29T01:30');
    await page.getByRole('textbox', { name: 'Note' }).fill('in the gap');
    await kitchen.button('Log this look').click();
    await expect(page.getByText('in the gap').filter({ visible: true }).first()).toBeVisible();
    await expect(page.getByText(/02:30/).filter({ visible: true }).first()).toBeVisible();
  });
});

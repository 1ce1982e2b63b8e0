import { readFileSync } from 'node:fs';

import { type Page } from '@playwright/test';
import ICAL from 'ical.js';

import { expect, test } from './fixtures';

/** Waits for the search that a wish has set off to end. */
async function planned(page: Page) {
  await expect(page.getByText(/^Looking for plans/)).toBeHidden();
  await expect(page.getByRole('region', { name: 'Plans to choose from' })).toBeVisible();
}

async function wantFrom(page: Page, jar: string, at: string, name: string) {
  await page.getByRole('button', { name: 'Add a bake' }).click();
  const sheet = page.getByRole('dialog', { name: 'Add a bake' });
  await sheet.getByRole('textbox', { name: 'Levain ripe at' }).fill(at);
  await sheet.getByRole('radio', { name: jar }).click();
  await sheet.getByLabel('Name, if it needs one').fill(name);
  await sheet.getByRole('button', { name: 'Add this bake' }).click();
  await expect(sheet).toBeHidden();
}

test('a Saturday bake from the fridge: plan chosen, first step done late, the plan mends and says so @phone @east', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/plan', 'demo');
  // Plans follow the pace that is learnt: chosen before, one would be made anew in the middle.
  await kitchen.learnt();
  await kitchen.button('Remove Saturday tins').click();
  await wantFrom(page, 'Dunlin', '2026-03-14T12:00', 'Saturday rye');
  await planned(page);
  await kitchen.accessible();
  await kitchen.button('Follow it').click();
  const offered = page.getByRole('region', { name: 'Plans to choose from' });
  await expect(offered.getByText('A good balance, followed')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Bench: Build Dunlin’s levain/ })).toBeVisible();
  const steps = await page.getByRole('button', { name: /^(Bench|Done|Taken): / }).count();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Steps to my calendar').click(),
  ]);
  const calendar = new ICAL.Component(
    ICAL.parse(readFileSync(await file.path(), 'utf8')) as unknown[],
  );
  expect(calendar.getAllSubcomponents('vevent')).toHaveLength(steps);

  // The next step on Now is the plan's, and still after a reload, before anything is searched.
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await expect(page.getByText(/^As planned/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^As planned/)).toBeVisible();

  // Nobody came to take it out of the fridge in the evening: that is done later, and warmer.
  await kitchen.later('/plan', '2026-03-13T23:10');
  await expect(page.getByText(/^The plan has changed: /)).toBeVisible();

  await page
    .getByRole('button', { name: /^Done: Move Dunlin: / })
    .first()
    .click();
  await planned(page);

  // In the morning it is done at the bench, with its amounts filled in.
  await kitchen.later('/plan', '2026-03-14T07:00');
  await planned(page);
  await page.getByRole('button', { name: /^Bench: Build Dunlin’s levain/ }).click();
  await expect(page.getByText('Dunlin at the bench · 1 of 5')).toBeVisible();
  await kitchen.feedAtBench();
  await expect(page.getByText(/^Dunlin is fed/)).toBeVisible();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByText(/^The plan has changed: Dunlin’s levain is built/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Bench: Build Dunlin’s levain/ })).toBeHidden();
  await expect(page.getByRole('button', { name: /^Taken: Take 150 g from Dunlin/ })).toBeVisible();
});

test('hands are painted and a bake is moved, with the keyboard alone @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/plan', 'demo');
  await page.getByRole('radio', { name: 'away' }).click();
  const grid = page.getByRole('grid', { name: 'When somebody is there, hour by hour' });
  await grid.getByRole('gridcell', { name: 'Mon 00:00, asleep' }).focus();
  for (let day = 0; day < 5; day++) await page.keyboard.press('ArrowDown');
  for (let hour = 0; hour < 9; hour++) await page.keyboard.press('ArrowRight');
  await expect(grid.getByRole('gridcell', { name: 'Sat 09:00, there' })).toBeFocused();
  await page.keyboard.press('Space');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(grid.getByRole('gridcell', { name: 'Sat 10:00, away' })).toBeFocused();
  await page.reload();
  await expect(grid.getByRole('gridcell', { name: 'Sat 09:00, away' })).toBeAttached();
  await kitchen.button('Clear what was painted').click();
  await expect(grid.getByRole('gridcell', { name: 'Sat 09:00, there' })).toBeAttached();

  await planned(page);
  const grip = page.getByRole('slider', { name: 'Saturday tins, when its levain is wanted' });
  await grip.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(
    page.getByText('180 g of Grebe, ripe tomorrow 10:30 to 12:30', { exact: true }),
  ).toBeVisible();
  await kitchen.button('Undo').click();
  await expect(
    page.getByText('180 g of Grebe, ripe tomorrow 09:30 to 11:30', { exact: true }),
  ).toBeVisible();
});

test('hours are painted and a bake is moved with the mouse @wide', async ({ page, kitchen }) => {
  await kitchen.open('/plan', 'demo');
  const grid = page.getByRole('grid', { name: 'When somebody is there, hour by hour' });
  const top = async () => (await grid.boundingBox())!.y;
  const unscrolled = await top();
  await page.mouse.move(1060, 400);
  await page.mouse.wheel(0, 120);
  await expect.poll(top).toBe(unscrolled - 120);
  // Plans come beside it, and the word that they are sought goes: what is under the hand stays there.
  await planned(page);
  expect(await top()).toBe(unscrolled - 120);
  await page.getByRole('radio', { name: 'away' }).click();
  const middleOf = async (name: string) => {
    const box = (await grid.getByRole('gridcell', { name }).boundingBox())!;
    return [box.x + box.width / 2, box.y + box.height / 2] as const;
  };
  await grid.scrollIntoViewIfNeeded();
  await page.mouse.move(...(await middleOf('Sat 09:00, there')));
  await page.mouse.down();
  await page.mouse.move(...(await middleOf('Sun 11:00, there')), { steps: 4 });
  await page.mouse.up();
  for (const hour of ['Sat 09:00', 'Sat 11:00', 'Sun 10:00'])
    await expect(grid.getByRole('gridcell', { name: `${hour}, away` })).toBeAttached();
  await expect(grid.getByRole('gridcell', { name: 'Sun 12:00, there' })).toBeAttached();
  await kitchen.button('Clear what was painted').click();

  await planned(page);
  const grip = page.getByRole('slider', { name: 'Saturday tins, when its levain is wanted' });
  await grip.scrollIntoViewIfNeeded();
  const box = (await grip.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 12, y, { steps: 6 });
  const said = await grip.getAttribute('aria-valuetext');
  await page.mouse.up();
  expect(said).toMatch(/\d\d:\d\d/);
  await expect(page.getByText(/^180 g of Grebe, ripe tomorrow (?!09:30)/)).toBeVisible();
});

test('what happens if: the canopy follows, and the feed thought of is done @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/grebe', 'demo');
  await kitchen.button('What happens if I feed it').click();
  const panel = page.getByRole('region', { name: 'What happens if' });
  const heading = panel.getByRole('heading');
  await expect(heading).toHaveText(/^If fed now: ripe /);
  const before = await heading.textContent();
  await kitchen.accessible();
  await panel.getByRole('slider', { name: 'Keep, water, flour' }).fill('8');
  await expect(panel.getByText('25 + 200 + 200 g')).toBeVisible();
  await expect(heading).not.toHaveText(before!);
  await panel.getByRole('radio', { name: 'Fridge' }).click();
  await expect(panel.getByText('5 °C, as it is')).toBeVisible();
  await panel.getByRole('slider', { name: 'Which is' }).fill('24');
  await expect(panel.getByText('24 °C all day')).toBeVisible();
  await panel.getByRole('slider', { name: 'Fed', exact: true }).fill('2');
  await expect(heading).toHaveText(/^If fed 20:20: ripe /);
  await panel.getByRole('button', { name: 'Do this' }).click();
  await expect(page.getByText(/Grebe is left alone until 20:20$/)).toBeVisible();
  await kitchen.later('/jar/grebe/feed', '2026-03-13T20:20');
  await expect(page.getByText('Grebe at the bench · 1 of 5')).toBeVisible();
  await kitchen.button('Keep is in').click();
  await expect(page.getByText(/200/).filter({ visible: true }).first()).toBeVisible();
});

test('the browser says when a step is due, once it may @phone', async ({
  page,
  context,
  kitchen,
}) => {
  await context.grantPermissions(['notifications']);
  await page.addInitScript(() => {
    const told: string[] = [];
    class Told {
      static permission = 'granted';
      static requestPermission = () => Promise.resolve('granted');
      constructor(title: string) {
        told.push(title);
      }
    }
    Object.assign(window, { Notification: Told, told });
  });
  const told = () => page.evaluate(() => (window as unknown as { told: string[] }).told);
  await kitchen.open('/plan', 'demo');
  await planned(page);
  await expect(page.getByText('Should the browser tell you when a step is due?')).toBeHidden();
  await kitchen.button('Follow it').click();
  await kitchen.button('Yes, tell me').click();
  await expect(page.getByText('Should the browser tell you when a step is due?')).toBeHidden();
  await planned(page);
  // What comes later waits; what is due is said.
  expect(await told()).toEqual([]);
  await kitchen.later('/plan', '2026-03-13T22:30');
  await expect.poll(told).toEqual(['Build Grebe’s levain']);
  await kitchen.goOn('/settings');
  await page.getByRole('radio', { name: 'Quiet' }).click();
  await kitchen.later('/', '2026-03-14T07:00');
  await expect(page.getByText(/^As planned/)).toBeVisible();
  expect(await told()).toEqual(['Build Grebe’s levain']);
});

test('a second bake on the same morning is had from the same levain @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/plan', 'demo');
  await kitchen.button('Add a bake').click();
  const sheet = page.getByRole('dialog', { name: 'Add a bake' });
  await sheet.getByRole('textbox', { name: 'Levain ripe at' }).fill('2026-03-14T10:30');
  await sheet.getByRole('radio', { name: 'Grebe' }).click();
  await sheet.getByLabel('Levain', { exact: true }).fill('120');
  await sheet.getByLabel('Name, if it needs one').fill('Rolls');
  await sheet.getByRole('button', { name: 'Add this bake' }).click();
  for (const take of ['Take 180 g from Grebe for Saturday tins', 'Take 120 g from Grebe for Rolls'])
    await expect(page.getByRole('button', { name: `Taken: ${take}` })).toBeVisible();
  await planned(page);
  await expect(page.getByRole('button', { name: /^Bench: Build Grebe’s levain/ })).toHaveCount(1);
  await expect(page.getByText(/there is not enough time left/)).toBeHidden();
});

import { type Page } from '@playwright/test';

import { BENCH_STEPS, expect, test } from './fixtures';

test('at 320 px the hours of a day are painted with a thumb, and given to the other weekdays @phone', async ({
  page,
  kitchen,
}) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await kitchen.open('/plan', 'demo');
  await page.getByRole('button', { name: /^Hands/ }).click();
  await page.getByRole('radio', { name: 'away' }).click();
  await page.getByRole('radio', { name: 'Tue' }).click();
  await kitchen.thumbHitsAll();
  const cell = (name: string) => page.getByRole('gridcell', { name });
  await cell('Tue 20:00, there').click();
  await expect(cell('Tue 20:00, away')).toBeVisible();
  await kitchen.button('The same from Mon to Fri').click();
  await page.getByRole('radio', { name: 'Thu' }).click();
  await expect(cell('Thu 20:00, away')).toBeVisible();
  await kitchen.button('Undo').click();
  await expect(cell('Thu 20:00, there')).toBeVisible();
});

test('on a telephone on its side the main button of a sheet is in sight @phone', async ({
  page,
  kitchen,
}) => {
  await page.setViewportSize({ width: 760, height: 360 });
  await kitchen.open('/jar/grebe', 'demo');
  for (const [opens, does] of [
    [/^Take out/, 'Take it out'],
    [/^Write a note/, 'Write it down'],
    [/^Weigh it/, 'Use this from now on'],
  ] as const) {
    await kitchen.button(opens).click();
    await expect(
      page.getByRole('dialog').getByRole('button', { name: does, exact: true }),
    ).toBeInViewport({ ratio: 1 });
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
});

/** Tabs on until something has the focus; fails when it never does. */
async function tabTo(page: Page, role: 'button' | 'link' | 'radio', name: string | RegExp) {
  const wanted = page.getByRole(role, { name }).filter({ visible: true }).first();
  await expect(wanted).toBeVisible();
  for (let pressed = 0; pressed < 120; pressed++) {
    if (await wanted.evaluate((one) => one === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  await expect(wanted).toBeFocused();
}

const enter = async (
  page: Page,
  ...wanted: Parameters<typeof tabTo> extends [Page, ...infer R] ? R : never
) => {
  await tabTo(page, ...wanted);
  await page.keyboard.press('Enter');
};

test('with the keyboard alone a jar is fed, looked at, moved and taken from @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await expect(page.getByRole('region', { name: 'Shelves' })).toBeVisible();
  await enter(page, 'link', /^Dunlin/);
  await expect(page.getByRole('heading', { name: 'Dunlin', level: 1 })).toBeVisible();
  await enter(page, 'link', /^Feed$/);
  for (const step of BENCH_STEPS) await enter(page, 'button', step);
  await expect(page.getByText(/^Dunlin is fed/)).toBeVisible();

  const rise = page.getByLabel('Rise above the band').filter({ visible: true });
  await rise.focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('10');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Look logged: 10 % up')).toBeVisible();

  await enter(page, 'button', /^Move/);
  const move = page.getByRole('dialog', { name: 'Move Dunlin' });
  await expect(move).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(move).toBeHidden();
  // The focus is back where it was.
  await expect(page.getByRole('button', { name: /^Move/ })).toBeFocused();
  await enter(page, 'button', /^Take out/);
  const take = page.getByRole('dialog', { name: 'Take from Dunlin' });
  await take.getByLabel('How much').focus();
  await page.keyboard.type('20');
  await enter(page, 'button', 'Take it out');
  await expect(take).toBeHidden();
  await page.keyboard.press('u');
});

test('with the keyboard alone a verdict is found and its programme begun @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/skua', 'demo');
  await expect(page.getByRole('heading', { name: 'Skua', level: 1 })).toBeVisible();
  await enter(page, 'link', 'Something is wrong');
  await enter(page, 'button', 'Nothing that I know');
  const liquid = page.getByRole('checkbox', { name: 'liquid' });
  await liquid.focus();
  await page.keyboard.press('Space');
  await enter(page, 'button', 'Go on');
  await tabTo(page, 'radio', /./);
  await page.getByRole('radio', { name: 'on top' }).focus();
  await page.keyboard.press('Space');
  await enter(page, 'button', 'Go on');
  await enter(page, 'button', 'Start the programme');
  await expect(
    page.getByRole('heading', { name: 'Bringing back a neglected starter' }),
  ).toBeVisible();
});

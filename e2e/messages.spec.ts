import { type Page } from '@playwright/test';

import { expect, test } from './fixtures';

/** Buttons and links that the message lies on: none, anywhere. */
const covered = (page: Page) =>
  page.evaluate(() => {
    const bar = [...document.querySelectorAll('[role="status"]')]
      .map((status) => status.getBoundingClientRect())
      .find(({ width, height }) => width > 0 && height > 20);
    if (!bar) return ['no message is shown'];
    return [...document.querySelectorAll<HTMLElement>('a[href], button, [role="button"]')]
      .filter((control) => !control.closest('[role="status"]') && control.offsetParent !== null)
      .filter((control) => {
        // What is scrolled out of sight behind the edge of its page is not covered by a message.
        const scroller = control.closest('main')?.getBoundingClientRect();
        const box = control.getBoundingClientRect();
        const bottom = Math.min(box.bottom, scroller?.bottom ?? Infinity);
        const top = Math.max(box.top, scroller?.top ?? -Infinity);
        return (
          box.width > 0 &&
          top < bottom &&
          top < bar.bottom - 1 &&
          bottom > bar.top + 1 &&
          box.left < bar.right &&
          box.right > bar.left
        );
      })
      .map((control) => control.getAttribute('aria-label') ?? control.textContent ?? '');
  });

test('a message lies on no button, at the bench or elsewhere, and the main button stays where it was @phone', async ({
  page,
  kitchen,
}) => {
  // The message is to be there all the way, however slowly this goes.
  await page.addInitScript(() => {
    const soon = window.setTimeout.bind(window);
    window.setTimeout = ((then: () => void, ms = 0) =>
      soon(then, ms > 5000 ? 3_600_000 : ms)) as typeof window.setTimeout;
  });
  await kitchen.open('/jar/grebe/feed', 'demo');
  const keep = kitchen.button('Keep is in');
  await expect(keep).toBeVisible();
  const before = (await keep.boundingBox())!;
  // A feed of another jar is said at its bench: the last step of one is followed by the first of the next.
  await kitchen.goOn('/jar/grebe');
  await kitchen.button('Same again').click();
  await kitchen.button('It is fed').click();
  await expect(kitchen.button('Undo')).toBeVisible();
  expect(await covered(page)).toEqual([]);
  for (const place of ['Now', 'Plan', 'Larder', 'Journal', 'Help']) {
    await page.getByRole('link', { name: place, exact: true }).click();
    await expect(kitchen.button('Undo')).toBeVisible();
    expect(await covered(page)).toEqual([]);
  }
  await page.getByRole('link', { name: 'Now', exact: true }).click();
  await page.getByRole('link', { name: /^Dunlin,/ }).click();
  await page.getByRole('main').getByRole('link', { name: 'Feed', exact: true }).first().click();
  await expect(keep).toBeVisible();
  await expect(kitchen.button('Undo')).toBeVisible();
  expect(await covered(page)).toEqual([]);
  const after = (await keep.boundingBox())!;
  expect(Math.abs(after.y - before.y)).toBeLessThan(2);
});

test('after going somewhere the heading has the focus, and a sheet keeps the page out of reach @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await page.getByRole('link', { name: 'Larder', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Larder', level: 1 })).toBeFocused();
  await expect(page).toHaveTitle('Larder · Ombrello');
  await page.keyboard.press('/');
  const find = page.getByRole('dialog', { name: 'Find' });
  await expect(find).toBeVisible();
  await expect(page.locator('#root')).toHaveAttribute('inert', '');
  await kitchen.accessible();
  await find.getByRole('textbox').fill('ounces');
  await find.getByRole('button', { name: 'Grams and ounces' }).click();
  await expect(page.getByRole('heading', { name: 'Settings', level: 1 })).toBeVisible();
  await expect(page.locator('#root')).not.toHaveAttribute('inert', '');
});

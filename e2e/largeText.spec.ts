import { type Page } from '@playwright/test';

import { expect, test } from './fixtures';

/** The browser's text twice as large as usual, from before the page is drawn. */
async function enlarge(page: Page) {
  await page.addInitScript(() => {
    const set = () => {
      if (document.documentElement) document.documentElement.style.fontSize = '200%';
      else requestAnimationFrame(set);
    };
    set();
  });
}

/** Words that are on the page and cannot be read: beyond its edge, cut by what they stand in, or run into an ellipsis. */
function lostWords(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const cuts = (of: string) => of === 'hidden' || of === 'clip';
    const lost = new Set<string>();
    for (const element of document.querySelectorAll<HTMLElement>('body *')) {
      if (element instanceof HTMLInputElement && element.scrollWidth > element.clientWidth + 1)
        lost.add(`cut in its field: ${element.value}`);
      const own = [...element.childNodes].some(
        (node) => node.nodeType === Node.TEXT_NODE && node.textContent!.trim() !== '',
      );
      if (!own || element.closest('svg') || !element.checkVisibility()) continue;
      const text = element.textContent.trim().slice(0, 60);
      const box = element.getBoundingClientRect();
      // What waits above the page until it has the focus is no loss.
      if (box.width === 0 || box.bottom < 0) continue;
      if (box.right > window.innerWidth + 1 || box.left < -1) lost.add(`beyond the edge: ${text}`);
      const inline = getComputedStyle(element).display === 'inline';
      if (!inline && element.scrollWidth > element.clientWidth + 1) lost.add(`too wide: ${text}`);
      for (let around = element.parentElement; around; around = around.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(around);
        const frame = around.getBoundingClientRect();
        if (cuts(overflowX) && box.right > frame.right + 2) lost.add(`cut beside: ${text}`);
        if (cuts(overflowY) && box.bottom > frame.bottom + 3) lost.add(`cut below: ${text}`);
        // What scrolls shows it to whoever scrolls.
        if (overflowY === 'auto' || overflowY === 'scroll') break;
      }
    }
    return [...lost];
  });
}

const nothingLost = async (page: Page) => {
  await expect.poll(() => lostWords(page)).toEqual([]);
};

const PAGES = [
  '/',
  '/jar/grebe',
  '/jar/grebe/levain',
  '/jar/grebe/edit',
  '/jar/grebe/paper',
  '/plan',
  '/larder',
  '/make',
  '/journal',
  '/compare',
  '/practise',
  '/what-if',
  '/charts?jar=grebe&beside=dunlin',
  '/notes',
  '/year',
  '/jar/grebe/picture',
  '/help',
  '/settings',
  '/start',
  '/away',
  '/dough',
  '/schools',
  '/add',
];
/** So many tests share the pages: each goes from one to the next. */
const WALKS = 3;

for (let walk = 0; walk < WALKS; walk++)
  test(`text twice as large loses nothing of any page, walk ${walk + 1} @phone`, async ({
    page,
    kitchen,
  }) => {
    await enlarge(page);
    await kitchen.open('/help', 'demo');
    for (const path of PAGES.filter((_, i) => i % WALKS === walk))
      await test.step(path, async () => {
        await kitchen.goOn(path);
        const [size] = await page
          .getByRole('heading', { level: 1 })
          .filter({ visible: true })
          .evaluateAll((found) => found.map((one) => parseFloat(getComputedStyle(one).fontSize)));
        expect(size).toBeGreaterThan(30);
        await nothingLost(page);
      });
  });

test('a feed, a look, a move and a bake with text twice as large @phone', async ({
  page,
  kitchen,
}) => {
  await enlarge(page);
  await kitchen.open('/jar/grebe/feed', 'demo');
  for (const step of ['Keep is in', 'Water is in', 'Flour is in', 'The band is set']) {
    await nothingLost(page);
    await kitchen.button(step).click();
  }
  await nothingLost(page);
  await kitchen.button('The feed is done').click();
  await expect(page.getByText(/^Grebe is fed/)).toBeVisible();
  await nothingLost(page);
  await kitchen.button(/^Move/).click();
  const move = page.getByRole('dialog', { name: 'Move Grebe' });
  await nothingLost(page);
  await move.getByRole('button', { name: 'Fridge' }).click();
  await page.getByLabel('Rise above the band').fill('20');
  await kitchen.button('More').click();
  await nothingLost(page);
  await kitchen.button('Log this look').click();
  await kitchen.goOn('/plan');
  await kitchen.button('Add a bake').click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await nothingLost(page);
});

test('a verdict and its programme with text twice as large @phone', async ({ page, kitchen }) => {
  await enlarge(page);
  await kitchen.open('/trouble?jar=skua', 'demo');
  await nothingLost(page);
  await kitchen.button('Nothing that I know').click();
  await nothingLost(page);
  await page.getByRole('checkbox', { name: 'liquid' }).click();
  await kitchen.button('Go on').click();
  await nothingLost(page);
  await page.getByRole('radio', { name: 'on top' }).click();
  await kitchen.button('Go on').click();
  await nothingLost(page);
  await kitchen.button('Start the programme').click();
  await expect(
    page.getByRole('heading', { name: 'Bringing back a neglected starter' }),
  ).toBeVisible();
  await nothingLost(page);
});

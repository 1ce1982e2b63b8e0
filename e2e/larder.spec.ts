import { expect, test } from './fixtures';

test('a tub is weighed together, a jar is fed from it, and it runs down @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/', 'demo');
  await page.getByRole('link', { name: 'Larder', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Larder' })).toBeVisible();
  await kitchen.button('A tub of flour').click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Half and half');
  await page.getByLabel('Grams of white').fill('100');
  await page.getByLabel('Grams of whole wheat').fill('100');
  await page.getByLabel('Warn at').fill('150');
  await page.getByLabel('All of it cost').fill('0.40');
  await kitchen.accessible();
  await kitchen.button('Set up the tub').click();
  await expect(page.getByText('200 g into Half and half')).toBeVisible();

  // Dunlin is fed from it, and the tub is less by that.
  await kitchen.goOn('/jar/dunlin/edit');
  await page.getByRole('radio', { name: 'tub: Half and half' }).click();
  await expect(
    page.getByText('white, half whole wheat. Every feed uses some of it.'),
  ).toBeVisible();
  await kitchen.button('Save the card').click();
  await kitchen.goOn('/jar/dunlin/feed');
  await kitchen.button('Keep is in').click();
  await kitchen.button('Water is in').click();
  await expect(
    page.getByText('Out of the tub Half and half, which then runs low: 125 g stay.'),
  ).toBeVisible();
  for (const step of ['Flour is in', 'The band is set', 'The feed is done'])
    await kitchen.button(step).click();
  await kitchen.goOn('/larder');
  await expect(page.getByText(/^125 g, running low/)).toBeVisible();
  await kitchen.accessible();

  // Weighed, it holds less than a feed: the bench says so, and the way to fill it up loses nothing.
  await kitchen.button('Weigh Half and half').click();
  await page.getByLabel('It holds').fill('30');
  await kitchen.button('That is in it').click();
  await kitchen.goOn('/jar/dunlin/feed');
  await kitchen.button('Keep is in').click();
  await kitchen.button('Water is in').click();
  await expect(page.getByText('Half and half is 45 g short')).toBeVisible();
  await page.getByRole('link', { name: 'Fill up the tub' }).click();
  await kitchen.button('Fill up Half and half').click();
  await kitchen.button('It is in').click();
  await expect(page.getByText(/^1030 g, for about/)).toBeVisible();
  await kitchen.goOn('/jar/dunlin/feed');
  await expect(page.getByRole('heading', { name: 'Flour', exact: true })).toBeVisible();
  await expect(page.getByText('Half and half is 45 g short')).toBeHidden();
});

test('a feed’s discard becomes a pan of pancakes, and comes off the ledger @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/grebe/feed', 'demo');
  await page.getByRole('radio', { name: 'discard jar' }).click();
  await kitchen.feedAtBench();
  await kitchen.goOn('/larder');
  const discard = page.getByRole('region', { name: 'Discard' });
  const fridge = discard.getByRole('heading', { name: /^In the fridge: \d+ g$/ });
  const before = Number(/\d+/.exec((await fridge.textContent())!)![0]);
  expect(before).toBeGreaterThan(180);
  await discard.getByRole('link', { name: 'What can I make?' }).click();
  await page
    .getByRole('button', { name: /^Pancakes: \d+ pancakes in \d+ min, from \d+ g/ })
    .click();
  const pancakes = page.getByRole('region', { name: 'Pancakes' });
  await expect(pancakes.getByText(/^Holds gluten, milk, egg\./)).toBeVisible();
  await kitchen.accessible();
  await pancakes.getByLabel('How many pancakes').fill('200');
  await expect(pancakes.getByText(/^That takes \d+ g of discard/)).toBeVisible();
  await pancakes.getByLabel('How many pancakes').fill('8');
  await pancakes.getByRole('button', { name: /^Made: take \d+ g off$/ }).click();
  await expect(page.getByText(/^\d+ g of discard became pancakes$/)).toBeVisible();
  await kitchen.goOn('/larder');
  const after = Number(/\d+/.exec((await fridge.textContent())!)![0]);
  expect(after).toBeLessThan(before - 100);
  await kitchen.accessible();
});

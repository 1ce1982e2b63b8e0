import { readFileSync } from 'node:fs';

import { type Page } from '@playwright/test';

import { BENCH_STEPS, expect, test } from './fixtures';

/** A look at a programme's jar: how far it rose, and what it smells of. */
async function look(page: Page, rise: string, smell: string) {
  await page.getByLabel('Rise above the band').fill(rise);
  await page.getByRole('radio', { name: smell }).click();
  await page.getByRole('button', { name: 'Log this look' }).click();
  await expect(page.getByText(`Look logged: ${rise} % up`)).toBeVisible();
}

/** A programme's feed, weighed out as it asks. */
async function feed(page: Page) {
  await page.getByRole('button', { name: /^To the bench/ }).click();
  for (const step of BENCH_STEPS) await page.getByRole('button', { name: step }).click();
}

const nothingHappened = (page: Page) =>
  page.getByRole('button', { name: 'Nothing that I know' }).click();

test('hooch is poured off, and the next feed brings the water back @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/jar/skua', 'demo');
  await page.getByRole('link', { name: 'Something is wrong' }).click();
  await expect(page.getByText(/^Leave it as it is for now/)).toBeVisible();
  await nothingHappened(page);
  await expect(page.getByRole('heading', { name: 'What do you see on it?' })).toBeVisible();
  await kitchen.accessible();
  await page.getByRole('checkbox', { name: 'liquid' }).click();
  await kitchen.button('Go on').click();
  // The log knows its colour; how much there is it cannot know.
  await page.getByRole('radio', { name: 'a finger’s breadth' }).click();
  await page.getByRole('radio', { name: 'on top' }).click();
  await kitchen.accessible();
  await kitchen.button('Go on').click();
  await expect(
    page.getByRole('heading', { name: 'Neglected, but it can be brought back' }),
  ).toBeVisible();
  await expect(
    page.getByText(/^\d to \d feeds in “Oven, lamp on”: well by .*, as far as anyone can tell\.$/),
  ).toBeVisible();
  const why = page.getByRole('region', { name: 'Why' });
  await expect(why.getByText('unfed: longer', { exact: false })).toBeVisible();
  await expect(why.getByText('surface: fuzz. Then: throw it out.')).toBeVisible();
  await kitchen.accessible();

  const liquid = page.getByRole('region', { name: 'The liquid' });
  await expect(liquid.getByText(/^Pour it off: that much of it would thin the mix/)).toBeVisible();
  await liquid.getByLabel('About how much').fill('900');
  await liquid.getByRole('button', { name: 'Poured off' }).click();
  await expect(liquid.getByText(/^That is more than half/)).toBeVisible();
  await liquid.getByLabel('About how much').fill('16');
  await liquid.getByRole('button', { name: 'Poured off' }).click();
  await expect(
    liquid.getByText(/^16 g have been poured off\. A keep of 20 g gets 2 g more water/),
  ).toBeVisible();
  await kitchen.goOn('/jar/skua/feed');
  await kitchen.button('Keep is in').click();
  await expect(
    page.getByText('With 2 g for the 16 g of liquid that you poured off.'),
  ).toBeVisible();
});

test('a jar in a programme is fed by it alone: into the calendar, with its flour, and a bake waits @wide', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/trouble?jar=skua', 'demo');
  await nothingHappened(page);
  await page.getByRole('checkbox', { name: 'nothing odd' }).click();
  await kitchen.button('Go on').click();
  await kitchen.button('Start the programme').click();
  const saved = page.waitForEvent('download');
  await kitchen.button('Feeds to my calendar').click();
  const calendar = readFileSync(await (await saved).path(), 'utf8').replace(/\r\n /g, '');
  expect(calendar.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThanOrEqual(2);
  expect(calendar).toContain('SUMMARY:Feed Skua: keep 10');

  await kitchen.button('To the bench').click();
  await kitchen.button('Keep is in').click();
  await kitchen.button('Water is in').click();
  await expect(page.getByText('white, half whole wheat, this time.')).toBeVisible();
  await page.getByRole('radio', { name: 'rye', exact: true }).click();
  await expect(page.getByText('rye, this time.')).toBeVisible();
  await kitchen.accessible();

  await kitchen.goOn('/plan');
  await expect(
    page.getByRole('link', { name: /^Skua is being brought back, day 1/ }),
  ).toBeVisible();
  await kitchen.button('Add a bake').click();
  await page.getByRole('dialog').getByRole('radio', { name: 'Skua' }).click();
  await kitchen.button('Add this bake').click();
  await expect(
    page.getByText(/: its jar is in a programme, and no good for levain until/),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'Plans to choose from' })).toBeVisible();
});

test('a neglected jar comes back over five days, and is well on evidence @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/trouble?jar=skua', 'demo');
  await nothingHappened(page);
  await page.getByRole('checkbox', { name: 'liquid' }).click();
  await kitchen.button('Go on').click();
  await page.getByRole('radio', { name: 'on top' }).click();
  await kitchen.button('Go on').click();
  await kitchen.button('Start the programme').click();
  await expect(
    page.getByRole('heading', { name: 'Bringing back a neglected starter' }),
  ).toBeVisible();
  await expect(page.getByText('Feed it now')).toBeVisible();
  await expect(page.getByText(/^By spoon: 2 tsp of it/)).toBeVisible();
  await kitchen.accessible();
  await feed(page);

  // A day later nothing has moved: it is left longer.
  await kitchen.later('/jar/skua/programme', '2026-03-14T17:30');
  await expect(page.getByText('Skua, day 1')).toBeVisible();
  await look(page, '2', 'vinegar');
  await expect(page.getByText(/^Nothing rose, so leave it longer/)).toBeVisible();

  // Half way through, somebody closes it and comes back.
  await kitchen.open('/', 'demo', '2026-03-15T07:30');
  await page
    .getByRole('main')
    .getByRole('link', { name: /^Feed Skua/ })
    .click();
  await look(page, '55', 'vinegar');
  await feed(page);

  // A day is missed; nothing is lost.
  await kitchen.later('/jar/skua/programme', '2026-03-17T08:00');
  await expect(page.getByText(/^A day was missed\. Nothing is lost/)).toBeVisible();
  await feed(page);

  await kitchen.later('/jar/skua/programme', '2026-03-17T18:00');
  await look(page, '115', 'yoghurt');
  await expect(page.getByRole('img', { name: /^Doubled within .*: 1 of 2$/ })).toBeVisible();
  await feed(page);

  await kitchen.later('/jar/skua/programme', '2026-03-18T04:00');
  await look(page, '120', 'ripe fruit');
  await expect(page.getByText('Skua is well', { exact: true })).toBeVisible();
  await kitchen.accessible();
  await kitchen.button('Back to its usual feeds').click();
  await expect(page.getByText('Skua: well again')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Skua', exact: true })).toBeVisible();
});

test('mould is thrown out whatever else is said, and a backup begins in its place @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/trouble?jar=grebe', 'demo');
  await nothingHappened(page);
  await page.getByRole('checkbox', { name: 'nothing odd' }).click();
  await page.getByRole('checkbox', { name: 'fuzz' }).click();
  await expect(page.getByRole('checkbox', { name: 'nothing odd' })).not.toBeChecked();
  await page.getByRole('checkbox', { name: 'liquid' }).click();
  await kitchen.button('Go on').click();
  await expect(page.getByRole('heading', { name: 'Throw it all out' })).toBeVisible();
  await expect(page.getByText(/^Some bakers cut a clean core/)).toBeVisible();
  await kitchen.accessible();
  await kitchen.button('It is thrown out').click();
  await expect(page.getByText('Grebe is off the shelf')).toBeVisible();

  // What came from it lately is named, and goes or is looked over; its flakes are older than the trouble.
  const reached = page.getByRole('region', { name: 'What came from Grebe' });
  await expect(
    reached.getByText(/^Grebe was thrown out today: something grew in it/),
  ).toBeVisible();
  const item = reached.getByRole('group', { name: /discard in the fridge/ }).first();
  const kept = (await item.getAttribute('aria-label'))!;
  await reached.getByRole('button', { name: `Looked at and kept: ${kept}` }).click();
  await expect(reached.getByRole('group', { name: kept })).toBeHidden();
  await kitchen.accessible();
  await kitchen.goOn('/larder');
  await expect(
    page
      .getByText(/^Do not use it yet: its jar was thrown out/)
      .filter({ visible: true })
      .first(),
  ).toBeVisible();
  await reached.getByRole('button', { name: /^All \d+ are thrown out$/ }).click();
  await expect(reached).toBeHidden();
  await expect(page.getByText(/^Not to be used/)).toHaveCount(0);
  await kitchen.goOn('/start');
  await expect(page.getByText(/Made before its jar’s trouble/)).toBeVisible();

  // Its flakes wake, under its own name, in stages.
  await kitchen.button('Wake Grebe, dried flakes').click();
  const sheet = page.getByRole('dialog', { name: 'Waking flakes in stages' });
  await expect(sheet.getByLabel('Its name')).toHaveValue('Grebe');
  await sheet.getByLabel('Grams of flakes').fill('90');
  await sheet.getByRole('button', { name: 'They are soaking' }).click();
  await expect(sheet.getByText('Only 38 g are left of it.')).toBeVisible();
  await sheet.getByLabel('Grams of flakes').fill('12');
  await expect(sheet.getByText('With 24 g of lukewarm water.')).toBeVisible();
  await kitchen.accessible();
  await sheet.getByRole('button', { name: 'They are soaking' }).click();
  await expect(page.getByText('Grebe, day 1')).toBeVisible();
  await expect(page.getByText(/Nothing comes out\.$/)).toBeVisible();
  await kitchen.goOn('/larder');
  await expect(page.getByText(/^26 g at room temperature/)).toBeVisible();
  await kitchen.goOn('/');
  // It is of the same jar: it is looked over before anything else is done with it.
  await expect(
    page.getByRole('heading', { name: 'Look Grebe over before you use it' }),
  ).toBeVisible();
});

test('answers that clash are named, what nobody can tell is no obstacle, and coming back finds it as it was @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/trouble', 'demo');
  await page.getByRole('radio', { name: 'another' }).click();
  await nothingHappened(page);
  await page.getByRole('checkbox', { name: 'liquid' }).click();
  await kitchen.button('Go on').click();
  await page.getByRole('radio', { name: 'dark' }).click();
  await page.getByRole('radio', { name: 'on top' }).click();
  await kitchen.button('Go on').click();
  await expect(page.getByRole('heading', { name: 'What does it smell of?' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'What does it smell of?' })).toBeVisible();
  await kitchen.button('I cannot tell').click();
  await kitchen.button('older').click();
  await kitchen.button('within the last day').click();
  await expect(page.getByText(/do not fit together\. Look again/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'It is hungry' })).toBeVisible();
  await kitchen.button('Change liquid').click();
  await page.getByRole('radio', { name: 'pink or orange' }).click();
  await kitchen.button('Go on').click();
  await expect(page.getByRole('heading', { name: 'Throw it all out' })).toBeVisible();
  await kitchen.button('Start again').click();
  await expect(page.getByRole('heading', { name: 'What happened to it?' })).toBeVisible();
});

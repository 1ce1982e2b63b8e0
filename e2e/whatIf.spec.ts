import { expect, test } from './fixtures';

test('two ways are compared, and the link opens them in a browser that knows nothing @phone', async ({
  page,
  kitchen,
  browser,
}) => {
  await kitchen.open('/help', 'demo');
  await page.getByRole('link', { name: /What-if room/ }).click();
  await page.getByRole('radio', { name: 'Dunlin' }).click();
  await page.getByRole('radio', { name: 'rye' }).click();
  await page.getByRole('radio', { name: '12 hours' }).click();
  await page.getByRole('slider', { name: 'Hydration' }).fill('80');
  const said = page
    .getByRole('region', { name: 'Height' })
    .getByText(/the other way it/i)
    .first();
  await expect(said).toContainText('of flour a week instead of');
  await expect(page.getByRole('radio', { name: '14 days' })).toBeChecked();
  const sentence = await said.textContent();
  await expect(page).toHaveURL(/hydrationPct%22%3A80/);

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    kitchen.button('Save Height as SVG').click(),
  ]);
  expect(download.suggestedFilename()).toBe('ombrello-what-if-height.svg');

  const fresh = await browser.newContext({ locale: 'en-GB', timezoneId: 'Asia/Kolkata' });
  const other = await fresh.newPage();
  await other.goto(page.url());
  await expect(
    other
      .getByRole('region', { name: 'Height' })
      .getByText(/the other way it/i)
      .first(),
  ).toHaveText(sentence!);
  await expect(other.getByRole('radio', { name: 'rye' })).toBeChecked();
  await fresh.close();
});

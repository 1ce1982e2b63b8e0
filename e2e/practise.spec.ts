import { expect, test } from './fixtures';

test('three jars are judged, the reasons are heard, and a reload goes on from there @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open('/help', 'own');
  await page.getByRole('link', { name: /Practise reading a jar/ }).click();
  for (let n = 1; n <= 3; n++) {
    await expect(page.getByRole('heading', { name: 'What do you do?' })).toBeVisible();
    await kitchen.button('Leave it alone').click();
    await expect(page.getByRole('region', { name: 'The answer' }).getByRole('heading')).toHaveText(
      /^(Yes\.|No: |That does no harm)/,
    );
    await expect(page.getByText(new RegExp(`of ${n} judged rightly`))).toBeVisible();
    await kitchen.button('Next jar').click();
  }
  await page.reload();
  await expect(page.getByText(/of 3 judged rightly/)).toBeVisible();
  await page.getByRole('radio', { name: 'tricky' }).click();
  await expect(page.getByText('Look at the jar and decide.', { exact: false })).toBeVisible();
});

import { test } from './fixtures';
test('pics @phone', async ({ page, kitchen }) => {
  await kitchen.open('/trouble?jar=grebe', 'demo');
  await page.waitForTimeout(300);
  await page.screenshot({ path: '/tmp/w/1.png', fullPage: true });
  await page.getByRole('checkbox', { name: 'the lid was tight' }).click();
  await kitchen.button('Go on').click();
  await page.waitForTimeout(300);
  await page.screenshot({ path: '/tmp/w/2.png' });
  await page.getByRole('checkbox', { name: 'fuzz' }).click();
  await kitchen.button('Go on').click();
  await page.waitForTimeout(300);
  await page.screenshot({ path: '/tmp/w/3.png', fullPage: true });
  await kitchen.button('It is thrown out').click();
  await page.waitForTimeout(600);
  await page.screenshot({ path: '/tmp/w/4.png' });
});

import { writeFileSync } from 'node:fs';
import path from 'node:path';

import { type Page } from '@playwright/test';

import { expect, test } from './fixtures';

/** Gives a file of a text to the chooser that a button opens. */
async function give(page: Page, button: string, file: string, text: string) {
  writeFileSync(file, text);
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: button }).filter({ visible: true }).click(),
  ]);
  await chooser.setFiles(file);
}

test('a thermometer’s log of a warm day shifts the forecast @phone', async ({
  page,
  kitchen,
}, info) => {
  const stage = async () => {
    await kitchen.goOn('/jar/grebe');
    return page
      .getByText(/^Peak(ed)? about/)
      .filter({ visible: true })
      .first()
      .textContent();
  };
  await kitchen.open('/help', 'demo');
  const before = await stage();
  await kitchen.goOn('/settings');
  await page.getByRole('button', { name: 'Thermometer of Counter' }).click();
  const lines = Array.from({ length: 36 }, (_, i) => {
    const hour = new Date(Date.UTC(2026, 2, 12, 6 + i));
    return `${hour.getUTCDate()}/${hour.getUTCMonth() + 1}/2026 ${hour.getUTCHours()}:00;28,5`;
  });
  const log = path.join(info.outputPath(), 'counter.csv');
  await give(page, 'Choose its file', log, `Time;Temperature\n${lines.join('\n')}\nlater;cold\n`);
  await expect(page.getByText(/^36 readings, every/)).toBeVisible();
  await expect(page.getByText(/^Line 38, column 1 \(Time\), “later”/)).toBeVisible();
  await page.getByRole('button', { name: 'Lay what can be read over Counter' }).click();
  await expect(page.getByText('The log is laid over Counter')).toBeVisible();
  expect(await stage()).not.toBe(before);
});

test('a year of notes comes in from a table, once @phone', async ({ page, kitchen }, info) => {
  await kitchen.open('/notes', 'own');
  const lines = Array.from({ length: 360 }, (_, i) => {
    const day = new Date(Date.UTC(2025, 2, 10 + i));
    return `${day.getUTCMonth() + 1}/${day.getUTCDate()}/${day.getUTCFullYear()} 9:30 AM,Puffin,20,80,75,${i % 4 ? '' : '1.9x'}`;
  });
  const notes = path.join(info.outputPath(), 'notes.csv');
  const text = `Date,Jar,Keep,Flour,Water,Rise\n${lines.join('\n')}\n`;
  await give(page, 'Choose the file', notes, text);
  await expect(page.getByText(/^450 entries, /)).toBeVisible();
  await page.getByRole('button', { name: 'Take in 450 entries' }).click();
  await expect(page.getByText('450 entries taken in')).toBeVisible();
  await kitchen.goOn('/');
  await expect(page.getByRole('link', { name: /^Puffin/ }).first()).toBeVisible();
  await kitchen.goOn('/notes');
  await give(page, 'Choose the file', notes, text);
  await expect(page.getByText('All of it is in the journal already.')).toBeVisible();
  await kitchen.goOn('/year');
  await expect(page.getByText(/^Fed 3\d\d times, with \d+\.\d kg of flour/)).toBeVisible();
  await kitchen.goOn('/charts');
  await expect(page.getByRole('heading', { name: 'Flour a week' })).toBeVisible();
});

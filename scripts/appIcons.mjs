// Draws the application's icons for home screens from public/icon.svg. Run after changing it.
import { readFileSync, writeFileSync } from 'node:fs';

import { chromium } from '@playwright/test';

const SVG = readFileSync(new URL('../public/icon.svg', import.meta.url), 'utf8');
/** Name, side in pixels, and how much of it the drawing takes: a mask may cut the rest away. */
const ICONS = [
  ['icon-192', 192, 0.84],
  ['icon-512', 512, 0.84],
  ['icon-maskable', 512, 0.58],
];

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
});
for (const [name, side, share] of ICONS) {
  const page = await browser.newPage({ viewport: { width: side, height: side } });
  const drawing = SVG.replace('<svg ', `<svg width="${side * share}" height="${side * share}" `);
  await page.setContent(
    `<body style="margin:0;height:100vh;display:grid;place-items:center;background:#E9EFEF">${drawing}`,
  );
  writeFileSync(new URL(`../public/${name}.png`, import.meta.url), await page.screenshot());
  await page.close();
}
await browser.close();

// Draws the application's icons for home screens from public/icon.svg. Run after changing it.
import { Buffer } from 'node:buffer';
import { readFileSync, writeFileSync } from 'node:fs';

import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';

const SVG = readFileSync(new URL('../public/icon.svg', import.meta.url), 'utf8');
/** Name, side in pixels, and how much of it the drawing takes: a mask may cut the rest away. */
const ICONS = [
  ['icon-192', 192, 0.84],
  ['icon-512', 512, 0.84],
  ['icon-maskable', 512, 0.58],
];
/** What browsers ask for by themselves beside a page that names no icon: a file, say. */
const FAVICON_SIDE = 32;

const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
});

async function drawn(side, share) {
  const page = await browser.newPage({ viewport: { width: side, height: side } });
  const drawing = SVG.replace('<svg ', `<svg width="${side * share}" height="${side * share}" `);
  await page.setContent(
    `<body style="margin:0;height:100vh;display:grid;place-items:center;background:#E9EFEF">${drawing}`,
  );
  const png = await page.screenshot();
  await page.close();
  return png;
}

/** A picture as an ICO file: a header, one entry, and the PNG itself. */
function asIco(png, side) {
  const head = Buffer.alloc(22);
  head.writeUInt16LE(1, 2);
  head.writeUInt16LE(1, 4);
  head.writeUInt8(side, 6);
  head.writeUInt8(side, 7);
  head.writeUInt16LE(1, 10);
  head.writeUInt16LE(32, 12);
  head.writeUInt32LE(png.length, 14);
  head.writeUInt32LE(head.length, 18);
  return Buffer.concat([head, png]);
}

const write = (file, bytes) => writeFileSync(new URL(`../public/${file}`, import.meta.url), bytes);
for (const [name, side, share] of ICONS) write(`${name}.png`, await drawn(side, share));
write('favicon.ico', asIco(await drawn(FAVICON_SIDE, 1), FAVICON_SIDE));
await browser.close();

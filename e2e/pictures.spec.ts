import { writeFileSync } from 'node:fs';
import path from 'node:path';

import { type Page } from '@playwright/test';

import { AT, expect, kitchenOn, test } from './fixtures';

/** A picture as the browser itself would make it, drawn in the page. */
async function drawPicture(
  page: Page,
  to: string,
  width: number,
  height: number,
  grain = 0,
): Promise<string> {
  const base64 = await page.evaluate(
    async ([w, h, specks]) => {
      const canvas = new OffscreenCanvas(w!, h!);
      const context = canvas.getContext('2d')!;
      context.fillStyle = '#cfd8d8';
      context.fillRect(0, 0, w!, h!);
      context.fillStyle = '#c98f4a';
      context.beginPath();
      context.ellipse(w! / 2, h! / 2, w! / 3, h! / 4, 0, 0, 7);
      context.fill();
      let n = 1;
      const next = (below: number) => (n = (n * 48_271) % 2_147_483_647) % below;
      for (let i = 0; i < specks!; i++) {
        context.fillStyle = `hsl(${next(360)} 60% ${next(100)}%)`;
        context.fillRect(next(w!), next(h!), 3, 3);
      }
      const blob = await canvas.convertToBlob({ type: 'image/jpeg' });
      const bytes = new Uint8Array(await blob.arrayBuffer());
      let text = '';
      for (const byte of bytes) text += String.fromCharCode(byte);
      return btoa(text);
    },
    [width, height, grain],
  );
  writeFileSync(to, Buffer.from(base64, 'base64'));
  return to;
}

/** Gives a file to the chooser that a button opens. */
async function give(page: Page, button: string | RegExp, file: string) {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: button }).filter({ visible: true }).first().click(),
  ]);
  await chooser.setFiles(file);
}

test('a bake gets its outcome and a picture, which go with the kitchen to another device @phone', async ({
  page,
  kitchen,
  browser,
}, info) => {
  const folder = info.outputPath();
  await kitchen.open('/journal?jar=grebe', 'demo');
  // Forty megapixels and more, as telephones take them.
  const loaf = await drawPicture(page, path.join(folder, 'loaf.jpg'), 7600, 5700);
  const took = page.getByRole('button', { name: /took \d+\sg for/ }).filter({ visible: true });
  await took.first().click();
  await page.getByRole('button', { name: /^(How did the bake turn out|Say it otherwise)/ }).click();
  await page.getByRole('radio', { name: 'very sour' }).click();
  await page.getByRole('radio', { name: 'gummy' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/crumb gummy, very sour/i).first()).toBeVisible();

  const none = path.join(folder, 'none.jpg');
  writeFileSync(none, 'no picture at all');
  await give(page, 'Add a picture', none);
  await expect(page.getByText(/no picture that the browser can read/)).toBeVisible();
  await give(page, 'Add a picture', loaf);
  const large = page
    .getByRole('button', { name: /^See the picture large/ })
    .filter({ visible: true });
  await expect(large.getByRole('img')).toBeVisible();
  // As it is kept it is small enough for years of them.
  const size = await large
    .locator('img')
    .evaluate((img: HTMLImageElement) => [img.naturalWidth, img.naturalHeight]);
  expect(size).toEqual([1280, 960]);

  await kitchen.open('/journal?jar=grebe', 'demo');
  await took.first().click();
  await expect(large.getByRole('img')).toBeVisible();

  await kitchen.goOn('/settings');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'With its pictures (zip)' }).click(),
  ]);
  const zip = path.join(folder, 'kitchen.zip');
  await download.saveAs(zip);

  const elsewhere = await browser.newPage();
  await elsewhere.goto('/settings?at=2026-03-13T18:20');
  await give(elsewhere, 'Take in a file', zip);
  await elsewhere.getByRole('button', { name: 'Take in', exact: true }).click();
  await expect(elsewhere.getByText(/entries taken in/)).toBeVisible();
  await kitchenOn(elsewhere).goOn('/journal?jar=grebe');
  await elsewhere
    .getByRole('button', { name: /took \d+\sg for/ })
    .filter({ visible: true })
    .first()
    .click();
  await expect(elsewhere.getByText(/crumb gummy, very sour/i).first()).toBeVisible();
  await expect(
    elsewhere
      .getByRole('button', { name: /^See the picture large/ })
      .getByRole('img')
      .first(),
  ).toBeVisible();
  await elsewhere.close();
});

test('pictures go over to the other device of a pair, and all its tabs show them @phone', async ({
  page,
  kitchen,
  browser,
}, info) => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  // So full of detail that it goes in more than one piece.
  const loaf = await drawPicture(page, path.join(info.outputPath(), 'loaf.jpg'), 1280, 960, 60_000);
  const openTook = async (on: Page, nth: number) => {
    await kitchenOn(on).goOn('/journal?jar=grebe');
    await on
      .getByRole('button', { name: /took \d+\sg for/ })
      .filter({ visible: true })
      .nth(nth)
      .click();
  };
  const shown = (on: Page) =>
    on.getByRole('button', { name: /^See the picture large/ }).locator('img');
  await kitchen.open('/', 'demo');
  await openTook(page, 0);
  await give(page, 'Add a picture', loaf);
  await expect(shown(page)).toBeVisible();

  await kitchen.goOn('/devices?key=key-for-the-tests');
  await kitchen.button('Pair another device').click();
  await kitchen.button('Copy the link').click();
  await expect(page.getByText('The link for the other device is copied')).toBeVisible();
  const { pathname, search, hash } = new URL(
    await page.evaluate(() => navigator.clipboard.readText()),
  );

  const elsewhere = await browser.newContext({
    locale: 'en-GB',
    timezoneId: 'America/Los_Angeles',
  });
  const other = await elsewhere.newPage();
  const there = kitchenOn(other);
  await there.open('/', 'own');
  await other.goto(`${pathname}${search}&at=${AT}${hash}`);
  await there.button('Join it').click();
  await expect(other.getByText('Both devices have the same.')).toBeVisible();
  await openTook(other, 0);
  await expect(shown(other)).toBeVisible();
  expect(await shown(other).evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1280);
  const bytes = await other.evaluate(async () => {
    const open = indexedDB.open('ombrello.pictures');
    await new Promise((ready) => (open.onsuccess = ready));
    const all = open.result.transaction('pictures').objectStore('pictures').getAll();
    await new Promise((ready) => (all.onsuccess = ready));
    open.result.close();
    return (all.result as Blob[]).map(({ size }) => size);
  });
  expect(bytes).toHaveLength(1);
  expect(bytes[0]).toBeGreaterThan(240_000);

  // A second tab there knows how it stands, and offers no other pair.
  const second = await elsewhere.newPage();
  const tab = kitchenOn(second);
  await tab.open('/devices', 'own');
  await expect(second.getByText('Both devices have the same.')).toBeVisible();
  await expect(tab.button('Pair another device')).toHaveCount(0);

  // What comes while it is open is shown as it comes, in the tab that does not keep the line too.
  await openTook(second, 1);
  await openTook(page, 1);
  await give(page, 'Add a picture', loaf);
  await expect(shown(page)).toBeVisible();
  await expect(shown(second)).toBeVisible();
  await elsewhere.close();
});

/** A jar with a red band, its surface at 190 % of the band; drawn in the page, and turned as a camera on its side has it. */
async function drawJar(page: Page, to: string): Promise<string> {
  const base64 = await page.evaluate(async () => {
    const [w, h] = [900, 1200];
    const upright = new OffscreenCanvas(w, h);
    const draw = upright.getContext('2d')!;
    const box = (colour: string, x: number, y: number, wide: number, high: number) => {
      draw.fillStyle = colour;
      draw.fillRect(x, y, wide, high);
    };
    box('#cdd6da', 0, 0, w, h);
    box('#7d5a3c', 0, 1090, w, 110);
    box('#bcc6ca', 250, 200, 400, 870);
    box('#e2d3ae', 260, 480, 380, 570);
    for (let i = 0; i < 240; i++) {
      draw.fillStyle = i % 3 ? '#cdbb92' : '#f0e6cb';
      draw.beginPath();
      draw.arc(270 + ((i * 97) % 360), 490 + ((i * 61) % 550), 2 + (i % 6), 0, 7);
      draw.fill();
    }
    box('#b02236', 250, 743, 400, 14);
    // A camera that was held on its side: the picture lies, and says so.
    const lying = new OffscreenCanvas(h, w);
    const turn = lying.getContext('2d')!;
    turn.translate(0, w);
    turn.rotate(-Math.PI / 2);
    turn.drawImage(upright, 0, 0);
    const blob = await lying.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
    const bytes = new Uint8Array(await blob.arrayBuffer());
    let text = '';
    for (const byte of bytes) text += String.fromCharCode(byte);
    return btoa(text);
  });
  writeFileSync(to, withExif(Buffer.from(base64, 'base64'), 6, '2026:03:13 17:05:00'));
  return to;
}

/** A JPEG that says how it was held, and when it was taken. */
function withExif(jpeg: Buffer, orientation: number, taken: string): Buffer {
  const tiff = Buffer.alloc(8 + 2 + 2 * 12 + 4 + 2 + 12 + 4 + 20);
  tiff.write('II*\0', 0, 'latin1');
  tiff.writeUInt32LE(8, 4);
  const entry = (at: number, tag: number, type: number, count: number, value: number) => {
    tiff.writeUInt16LE(tag, at);
    tiff.writeUInt16LE(type, at + 2);
    tiff.writeUInt32LE(count, at + 4);
    tiff.writeUInt32LE(value, at + 8);
  };
  const second = 8 + 2 + 24 + 4;
  tiff.writeUInt16LE(2, 8);
  entry(10, 0x0112, 3, 1, orientation);
  entry(22, 0x8769, 4, 1, second);
  tiff.writeUInt16LE(1, second);
  entry(second + 2, 0x9003, 2, 20, second + 18);
  tiff.write(`${taken}\0`, second + 18, 'latin1');
  const exif = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff]);
  const head = Buffer.from([0xff, 0xe1, (exif.length + 2) >> 8, (exif.length + 2) & 255]);
  return Buffer.concat([jpeg.subarray(0, 2), head, exif, jpeg.subarray(2)]);
}

test('a photograph becomes a look: upright, at the hour of its camera, its marks found and put right @phone', async ({
  page,
  kitchen,
}, info) => {
  await kitchen.open('/jar/grebe/picture', 'demo');
  const jar = await drawJar(page, path.join(info.outputPath(), 'jar.jpg'));
  await give(page, 'Choose one or several', jar);
  await expect(page.getByText(/give or take \d+ %/)).toBeVisible();
  const rise = async () =>
    Number(
      /\d+/.exec(
        (await page
          .getByText(/give or take/)
          .first()
          .textContent()) ?? '',
      )?.[0],
    );
  // From the floor at 1050 and the band at 750 to the surface at 480.
  expect(Math.abs((await rise()) - 90)).toBeLessThan(20);
  await expect(page.getByRole('textbox', { name: 'Taken at' })).toHaveValue('13/03/2026 17:05');
  const shape = await page
    .getByRole('img', { name: 'The picture' })
    .first()
    .evaluate((view) => view.getBoundingClientRect().height / view.getBoundingClientRect().width);
  expect(shape).toBeGreaterThan(1.2);

  const before = await rise();
  await page.getByRole('slider', { name: 'Surface' }).focus();
  await page.keyboard.press('PageUp');
  expect(await rise()).toBeGreaterThan(before);
  await page.getByRole('button', { name: 'Log this look' }).click();
  await expect(page.getByText('The look and its picture are logged')).toBeVisible();
  await kitchen.goOn('/journal?jar=grebe');
  await expect(
    page.getByRole('button', { name: /^17:05 looked/ }).filter({ visible: true }),
  ).toBeVisible();
});

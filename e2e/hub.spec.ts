import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { type AddressInfo, createServer } from 'node:net';

import { type Page } from '@playwright/test';

import { expect, kitchenOn, test } from './fixtures';

const KEY = 'key-for-the-tests';

/** A second page in which the scale is played. */
async function playedScale(page: Page, at = ''): Promise<(name: string) => Promise<void>> {
  const other = await page.context().newPage();
  await kitchenOn(other).open(`${at}/devices?key=${KEY}`, 'demo');
  await expect(other.getByText('Joined: what your devices say comes in here.')).toBeVisible();
  const press = (name: string) => other.getByRole('button', { name, exact: true }).click();
  await other.getByRole('button', { name: /^Play a scale/ }).click();
  await press('Begin to play a scale');
  await expect(other.getByText('Played scale')).toBeVisible();
  return press;
}

/** What is on the scale by the page. It wavers by half a gram as real ones do, and a keep that is one off makes four of water. */
function scaleOn(page: Page) {
  const group = page.getByRole('group', { name: 'On the scale' });
  const left = async () =>
    Number(/(\d+) g to go/.exec((await group.textContent()) ?? '')?.[1] ?? NaN);
  return {
    group,
    left,
    /** So much is still to go, give or take 2 g. */
    toGo: async (grams: number) => {
      await expect.poll(left).toBeGreaterThanOrEqual(grams - 2);
      await expect.poll(left).toBeLessThanOrEqual(grams + 2);
    },
  };
}

/** A server of its own, to be ended and started again. */
async function served(port: number): Promise<ChildProcess> {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, PORT: String(port), HUB_KEY: KEY },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await once(server.stdout, 'data');
  return server;
}

async function freePort(): Promise<number> {
  const taken = createServer().listen(0, '127.0.0.1');
  await once(taken, 'listening');
  const { port } = taken.address() as AddressInfo;
  taken.close();
  await once(taken, 'close');
  return port;
}

test('a whole feed from the scale: the hub is started again in the middle, and the scale put away @phone', async ({
  browser,
}, { project }) => {
  const port = await freePort();
  const at = `http://127.0.0.1:${port}`;
  let server = await served(port);
  const context = await browser.newContext(project.use);
  const page = await context.newPage();
  const faults: string[] = [];
  page.on('pageerror', ({ message }) => faults.push(message));
  const kitchen = kitchenOn(page);
  await kitchen.open(`${at}/jar/grebe`, 'demo');
  const press = await playedScale(page, at);
  await press('Put the jar on');
  await kitchen.goOn('/jar/grebe/feed');
  const onScale = scaleOn(page);
  await onScale.toGo(25);
  await press('Pour 25 g');
  // It goes on by itself once it rests.
  await expect(page.getByRole('heading', { name: 'Water' })).toBeVisible();
  await expect.poll(onScale.left).toBeGreaterThan(94);
  const water = await onScale.left();
  expect(water).toBeLessThan(106);
  await kitchen.accessible();
  await press('Pour 25 g');
  await onScale.toGo(water - 25);
  await press('Spoon 10 g out');
  await onScale.toGo(water - 15);
  await kitchen.button('Type it instead').click();
  await expect(onScale.group).toBeHidden();
  await kitchen.button('Use the scale').click();
  await onScale.toGo(water - 15);

  // Back to typing, with what it read.
  const silence = page.getByText('Nothing comes from the scale any more.', { exact: false });
  const field = page.getByRole('textbox', { name: 'Scale reads, grams' });
  server.kill('SIGKILL');
  await once(server, 'exit');
  await expect(silence).toBeVisible();
  await expect(field).toHaveValue(/^1[3-7]$/);

  // The scale was on all the time: what lies on it counts when the hub is there again, with what was poured meanwhile.
  await press('Pour 25 g');
  server = await served(port);
  await onScale.toGo(water - 40);

  await press('Put the scale away');
  await expect(silence).toBeVisible();
  await expect(field).toHaveValue(/^(3[89]|4[0-2])$/);
  await field.fill('100');
  await kitchen.button('Water is in').click();
  await expect(page.getByRole('heading', { name: 'Flour' })).toBeVisible();

  // And it is there again for the flour.
  await press('Begin to play a scale');
  await onScale.toGo(100);
  await press('Pour 100 g');
  await expect(
    page.getByText(/^2[4-6] g keep, (9[89]|10[0-2]) g flour, 100 g water/),
  ).toBeVisible();
  await kitchen.button('The band is set').click();
  await kitchen.button('The feed is done').click();
  await expect(page.getByText(/^Grebe is fed: keep 2[4-6]/)).toBeVisible();
  expect(faults).toEqual([]);
  server.kill();
  await context.close();
});

test('the devices say what they say, and a wrong key is told @wide', async ({
  page,
  kitchen,
  foreseen,
}) => {
  foreseen.push(/401/);
  await kitchen.open('/devices', 'own');
  await page.getByRole('textbox', { name: 'Key of the hub' }).fill('short');
  await kitchen.button('Join the hub').click();
  await expect(page.getByText('That is no key', { exact: false })).toBeVisible();
  await page.getByRole('textbox', { name: 'Key of the hub' }).fill('another-key');
  await kitchen.button('Join the hub').click();
  await expect(page.getByText('The hub does not know this key', { exact: false })).toBeVisible();
  await kitchen.button('Leave the hub').click();
  await page
    .getByRole('textbox', { name: 'Key of the hub' })
    .fill(`Scale, thermometer or lid: http://127.0.0.1:1/devices?key=${KEY}`);
  await kitchen.button('Join the hub').click();
  await expect(page.getByText('Joined: what your devices say comes in here.')).toBeVisible();
  const base = new URL(page.url()).origin;
  const post = (readings: object, kind: string, device: string) =>
    page.request.post(`${base}/hub/readings`, {
      headers: { authorization: `Bearer ${KEY}` },
      data: { device, kind, name: device, readings: [readings] },
    });
  await post({ seq: Date.now(), celsius: 21.4, min: 18, max: 24 }, 'thermometer', 'Counter');
  await post({ seq: Date.now(), grams: 412, battery: 9 }, 'scale', 'Bench');
  await expect(page.getByText('21 °C, 18 °C to 24 °C')).toBeVisible();
  await expect(page.getByText('battery 9 %')).toBeVisible();
  await kitchen.accessible();
  await page.reload();
  await expect(page.getByText('412 g')).toBeVisible();

  // Without any: they are played.
  await page.getByRole('button', { name: /^Play a lid/ }).click();
  await kitchen.button('Begin to play a lid').click();
  await page.getByRole('slider', { name: 'Down to the surface' }).fill('55');
  await expect(page.getByText(/^5[456] mm to the surface/)).toBeVisible();
  await page.getByRole('button', { name: /^Play a thermometer/ }).click();
  await kitchen.button('Begin to play a thermometer').click();
  await expect(page.getByText('Played thermometer')).toBeVisible();
  await kitchen.accessible();
});

test('a lid’s night is in the log by itself, over a reload, and the forecast follows @phone', async ({
  page,
  kitchen,
}) => {
  await kitchen.open(`/devices?key=${KEY}`, 'demo');
  await expect(page.getByText('Joined: what your devices say comes in here.')).toBeVisible();
  const base = new URL(page.url()).origin;
  let seq = Date.now();
  const see = (mm: number) =>
    page.request.post(`${base}/hub/readings`, {
      headers: { authorization: `Bearer ${KEY}` },
      data: {
        device: 'lid-of-grebe',
        kind: 'lid',
        name: 'Lid',
        readings: Array.from({ length: 6 }, () => ({ seq: seq++, mm })),
      },
    });
  await see(110);
  const lid = page.getByRole('group', { name: 'Lid', exact: true });
  await lid
    .getByRole('textbox', { name: 'From the lid to the floor of the empty jar' })
    .fill('120');
  await lid
    .getByRole('radiogroup', { name: 'It sits on' })
    .getByRole('radio', { name: 'Grebe' })
    .click();
  await expect(page.getByText('It logs looks by itself', { exact: false })).toBeVisible();
  await kitchen.goOn('/jar/grebe/feed');
  await kitchen.feedAtBench();
  await expect(page.getByText(/^Grebe is fed/)).toBeVisible();
  // A lid goes on saying what it sees: the page may not be on the line yet.
  await expect(async () => {
    await see(90);
    const roles = Object.values(await kitchen.stored('demo/devices')).join();
    expect(roles).toContain('"mm":30');
  }).toPass();
  const peaks = async () =>
    /^Peaks\n.*?(\d\d:\d\d)/m.exec(await page.getByRole('main').innerText())![1];
  const foretold = await peaks();
  for (const [at, mm] of [
    ['2026-03-13T21:20', 84],
    ['2026-03-13T23:50', 66],
    ['2026-03-14T01:20', 50],
  ] as const) {
    await kitchen.open('/jar/grebe', 'demo', at);
    const look = page.getByText(`looked: + ${Math.round(((120 - mm) / 30 - 1) * 100)} %`);
    await expect(async () => {
      await see(mm);
      await expect(look.filter({ visible: true }).first()).toBeVisible({ timeout: 1000 });
    }).toPass();
  }
  expect(await peaks()).not.toBe(foretold);
});

test('two browsers are paired, go apart, and are together again with nothing lost or doubled @phone', async ({
  page,
  kitchen,
  browser,
  foreseen,
}) => {
  foreseen.push(/ERR_INTERNET_DISCONNECTED|Failed to load resource/);
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await kitchen.open(`/devices?key=${KEY}`, 'demo');
  await kitchen.button('Pair another device').click();
  await expect(page.getByRole('img', { name: 'The code for the other device' })).toBeVisible();
  await kitchen.accessible();
  await kitchen.button('Copy the link').click();
  await expect(page.getByText('The link for the other device is copied')).toBeVisible();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  expect(link).toMatch(/#pair=/);

  // Another device, in an empty kitchen of its own.
  // On the same hours: its clock is held still by them.
  const elsewhere = await browser.newContext({
    locale: 'en-GB',
    timezoneId: 'America/Los_Angeles',
  });
  const other = await elsewhere.newPage();
  const there = kitchenOn(other);
  await there.open('/', 'own');
  const { pathname, search, hash } = new URL(link);
  await other.goto(`${pathname}${search}&at=2026-03-13T18:20${hash}`);
  await there.button('Join it').click();
  await expect(other.getByText('Both devices have the same.')).toBeVisible();
  await expect(page.getByText('Both devices have the same.')).toBeVisible();
  expect(other.url()).not.toContain('pair=');
  await there.goOn('/jar/grebe');
  await expect(other.getByRole('heading', { name: 'Grebe' }).first()).toBeVisible();

  // Apart: each goes on by itself.
  await elsewhere.setOffline(true);
  const looked = (of: Page, pct: number) =>
    of.getByText(`looked: + ${pct} %`).filter({ visible: true });
  await other.getByLabel('Rise above the band').fill('41');
  await there.button('Log this look').click();
  await expect(looked(other, 41).first()).toBeVisible();
  await kitchen.goOn('/jar/grebe');
  await page.getByLabel('Rise above the band').fill('42');
  await kitchen.button('Log this look').click();
  await expect(looked(page, 42).first()).toBeVisible();
  await expect(looked(page, 41)).toHaveCount(0);

  // And together again.
  await elsewhere.setOffline(false);
  for (const one of [page, other])
    for (const pct of [41, 42]) await expect(looked(one, pct)).toHaveCount(1);

  // What is entered while both are here goes over at once, an undo too.
  await page.getByLabel('Rise above the band').fill('43');
  await kitchen.button('Log this look').click();
  await expect(looked(other, 43)).toHaveCount(1);
  await kitchen.button('Undo').click();
  await expect(looked(other, 43)).toHaveCount(0);

  await kitchen.goOn('/devices');
  await kitchen.button('Unpair this device').click();
  await expect(kitchen.button('Pair another device')).toBeVisible();
  await elsewhere.close();
});

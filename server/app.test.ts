import { mkdtempSync, writeFileSync } from 'node:fs';
import { type Server, createServer } from 'node:http';
import { type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

import { makeApp } from './app';

let server: Server;
let base = '';

beforeAll(async () => {
  const dist = mkdtempSync(path.join(tmpdir(), 'dist-'));
  writeFileSync(path.join(dist, 'index.html'), '<!doctype html><title>shell</title>');
  writeFileSync(path.join(dist, 'app.js'), 'plain');
  writeFileSync(path.join(dist, 'app.js.gz'), 'packed');
  server = createServer(makeApp(dist, 'demo'));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => {
  server.closeAllConnections();
  server.close();
});

it('sends the shell for a deep link and 404 for a missing file or address', async () => {
  const deep = await fetch(`${base}/jar/grebe/feed`, { headers: { accept: 'text/html' } });
  expect(await deep.text()).toContain('shell');
  expect((await fetch(`${base}/missing.js`)).status).toBe(404);
  expect((await fetch(`${base}/api/nope`)).status).toBe(404);
});

it('sends the packed copy only to those who take it', async () => {
  const packed = await fetch(`${base}/app.js`, { headers: { 'accept-encoding': 'identity' } });
  expect(packed.headers.get('content-encoding')).toBeNull();
  expect(await packed.text()).toBe('plain');
});

it('says which kitchen a first visit opens and keeps everything at home', async () => {
  const page = await fetch(`${base}/`);
  expect(page.headers.get('set-cookie')).toContain('first-kitchen=demo');
  expect(page.headers.get('content-security-policy')).toContain("connect-src 'self'");
});

import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { type Server, createServer } from 'node:http';
import { type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

import { makeApp } from './app';

let server: Server;
let base = '';
let dist = '';

beforeAll(async () => {
  dist = mkdtempSync(path.join(tmpdir(), 'dist-'));
  writeFileSync(path.join(dist, 'index.html'), '<!doctype html><title>shell</title>');
  writeFileSync(path.join(dist, 'index.html.br'), 'packed shell');
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

const plain = { 'accept-encoding': 'identity' };

it('sends the shell for a deep link and 404 for a missing file or address', async () => {
  const deep = await fetch(`${base}/jar/grebe/feed`, {
    headers: { accept: 'text/html', ...plain },
  });
  expect(await deep.text()).toContain('shell');
  expect((await fetch(`${base}/missing.js`)).status).toBe(404);
  expect((await fetch(`${base}/api/nope`)).status).toBe(404);
});

it.each(['/', '/jar/grebe', '/index.html'])('sends the packed shell for %s', async (address) => {
  const answer = await fetch(base + address, {
    method: 'HEAD',
    headers: { accept: 'text/html', 'accept-encoding': 'br, gzip' },
  });
  expect(answer.headers.get('content-encoding')).toBe('br');
  expect(answer.headers.get('content-type')).toContain('text/html');
  expect(answer.headers.get('cache-control')).toBe('no-cache');
});

it('sends the packed copy only to those who take it', async () => {
  const packed = await fetch(`${base}/app.js`, { headers: plain });
  expect(packed.headers.get('content-encoding')).toBeNull();
  expect(await packed.text()).toBe('plain');
});

it('says which kitchen a first visit opens and keeps everything at home', async () => {
  const page = await fetch(`${base}/`, { headers: plain });
  expect(page.headers.get('set-cookie')).toContain('first-kitchen=demo');
  const policy = page.headers.get('content-security-policy');
  for (const rule of ["connect-src 'self'", "form-action 'self'", "object-src 'none'"])
    expect(policy).toContain(rule);
});

it.each(['/%E0%A4%A', '/%', '/jar/%ff', '/..%2f..%2fetc/passwd', '/%00'])(
  'answers %s without a stack or a path',
  async (address) => {
    const answer = await fetch(base + address, { headers: { ...plain, accept: 'image/png' } });
    const said = await answer.text();
    expect(answer.status).toBeGreaterThanOrEqual(400);
    expect(answer.status).toBeLessThan(500);
    expect(said).not.toMatch(/at .*\(|node_modules|\/work|\/tmp|Error:/);
  },
);

/** Starts the server as the command does, and waits for its end. */
async function started(env: Readonly<Record<string, string>>, cwd: string) {
  const main = path.resolve('server/main.ts');
  const tsx = require.resolve('tsx');
  const child = spawn(process.execPath, ['--import', tsx, main], {
    cwd,
    env: { ...process.env, ...env },
  });
  let said = '';
  child.stderr.on('data', (part) => (said += part));
  const status = await new Promise<number | null>((resolve) => child.on('close', resolve));
  return { status, said };
}

it('says in one line that the port is taken, or that nothing is built', async () => {
  const port = String((server.address() as AddressInfo).port);
  const home = mkdtempSync(path.join(tmpdir(), 'home-'));
  expect(await started({ PORT: port }, home)).toEqual({
    status: 1,
    said: 'There is nothing to serve yet: run `npm run build` first.\n',
  });
  mkdirSync(path.join(home, 'dist'));
  writeFileSync(path.join(home, 'dist/index.html'), 'shell');
  expect(await started({ PORT: port }, home)).toEqual({
    status: 1,
    said: `Port ${port} is taken: choose another with PORT=….\n`,
  });
}, 30_000);

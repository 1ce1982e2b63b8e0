import { mkdtempSync, readFileSync } from 'node:fs';
import { type Server, createServer } from 'node:http';
import { type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

import { playedScale } from '../core/devices';
import { makeApp } from './app';
import { makeHub } from './hub';

const KEY = 'a-key-for-tests';
/** Nothing is served but the hub. */
const EMPTY = mkdtempSync(path.join(tmpdir(), 'empty-'));

let server: Server;
let base = '';
let hub: ReturnType<typeof makeHub>;

beforeEach(async () => {
  hub = makeHub(KEY, { posts: 60, devices: 3, listeners: 2 });
  server = createServer(makeApp(EMPTY, 'own', hub.router));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/hub`;
});
afterEach(async () => {
  hub.stop();
  server.closeAllConnections();
  await new Promise((closed) => server.close(closed));
});

const send = (body: unknown, key = KEY) =>
  fetch(`${base}/readings`, {
    method: 'POST',
    headers: { authorization: `Bearer ${key}`, 'content-type': 'application/json' },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
const scale = (seq: number, grams: number, device = 'scale-1') => ({
  device,
  kind: 'scale',
  readings: [{ seq, grams }],
});

/** Listens until so many events came; the page's side of the stream. */
async function heard(events: number, meanwhile: () => Promise<unknown> = () => Promise.resolve()) {
  const ended = new AbortController();
  const answer = await fetch(`${base}/events?key=${KEY}`, { signal: ended.signal });
  expect(answer.headers.get('content-type')).toContain('text/event-stream');
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  const all = () => [...text.matchAll(/event: (\w+)\ndata: (.*)\n\n/g)];
  const begun = meanwhile();
  while (all().length < events) {
    const { value, done } = await reader.read();
    if (done) break;
    text += value;
  }
  await begun;
  ended.abort();
  return all().map(([, event, data]) => ({
    event,
    ...(JSON.parse(data!) as { now: number; readings: unknown }),
  }));
}

it('passes readings on to whoever listens, and the last of each device to whoever comes', async () => {
  const live = await heard(2, () => send(scale(1, 412)));
  expect(live[0]).toMatchObject({ event: 'hello', readings: [] });
  expect(live[1]).toMatchObject({ event: 'readings', readings: [{ kind: 'scale', grams: 412 }] });
  // At the hub's own hour, which goes with it.
  const [{ at }] = live[1]!.readings as [{ at: number }];
  expect(at).toBeLessThanOrEqual(live[1]!.now);
  expect(at).toBeGreaterThan(live[1]!.now - 10_000);
  const [hello] = await heard(1);
  expect(hello!.readings).toMatchObject([{ device: 'scale-1', grams: 412 }]);
});

it.each([
  ['no JSON', 'hello', 400, /JSON/],
  ['nothing', '', 400, /kind/],
  ['another kind', { device: 'a', kind: 'kettle', readings: [] }, 400, /"kind" is one of/],
  ['no number', { ...scale(1, 1), readings: [{ seq: 1, grams: 'heavy' }] }, 400, /grams/],
  ['no readings', { ...scale(1, 1), readings: [] }, 400, /readings/],
  ['a field of its own', { ...scale(1, 1), more: 1 }, 400, /more/],
  ['too much', ' '.repeat(200_000) + '{}', 413, /larger than/],
])('refuses a post of %s in words', async (_, body, status, said) => {
  const answer = await send(body);
  expect(answer.status).toBe(status);
  expect(((await answer.json()) as { error: string }).error).toMatch(said);
});

it('lets nobody in without its key, to post or to listen', async () => {
  for (const key of ['', 'a-key-for-test', 'a-key-for-testt'])
    expect((await send(scale(1, 1), key)).status).toBe(401);
  for (const query of ['', '?key=other'])
    expect((await fetch(`${base}/events${query}`)).status).toBe(401);
  const [hello] = await heard(1);
  expect(hello!.readings).toEqual([]);
});

it('counts readings that come out of order, and leaves them out', async () => {
  await send(scale(5, 50));
  expect(await (await send(scale(4, 40))).json()).toEqual({ taken: 0, late: 1 });
  expect(await (await send(scale(6, 60))).json()).toEqual({ taken: 1, late: 0 });
});

it('takes what its description gives as examples', async () => {
  const { paths } = JSON.parse(readFileSync('docs/formats/hub.openapi.json', 'utf8')) as {
    paths: Record<string, { post: { requestBody: { content: Record<string, { examples: Record<string, { value: unknown }> }> } } }>; // oxfmt-ignore
  };
  const { examples } = paths['/hub/readings']!.post.requestBody.content['application/json']!;
  for (const { value } of Object.values(examples)) expect((await send(value)).status).toBe(202);
});

it('keeps two scales apart, and takes on no more devices than it can', async () => {
  for (const [i, device] of ['one', 'two', 'three'].entries())
    expect((await send(scale(1, i, device))).status).toBe(202);
  expect((await send(scale(1, 9, 'four'))).status).toBe(409);
  expect((await send(scale(2, 9, 'two'))).status).toBe(202);
  const [hello] = await heard(1);
  expect(hello!.readings).toMatchObject([{ grams: 0 }, { grams: 9 }, { grams: 2 }]);
});

it('slows down who posts too fast', async () => {
  const answers = await Promise.all(Array.from({ length: 70 }, (_, i) => send(scale(i, i))));
  const statuses = answers.map(({ status }) => status);
  expect(statuses.filter((status) => status === 202).length).toBeLessThanOrEqual(60);
  expect(statuses).toContain(429);
});

it('lets no more pages listen than it can serve', async () => {
  const ended = new AbortController();
  const pages = [];
  for (let i = 0; i < 3; i++)
    pages.push(await fetch(`${base}/events?key=${KEY}`, { signal: ended.signal }));
  expect(pages.map(({ status }) => status)).toEqual([200, 200, 503]);
  ended.abort();
});

it('passes sealed messages on within their box, and keeps none', async () => {
  const box = 'b'.repeat(22);
  const post = (to: string, text: string, key = KEY) =>
    fetch(`${base}/boxes/${to}`, {
      method: 'POST',
      headers: { authorization: `Bearer ${key}`, 'content-type': 'text/plain' },
      body: text,
    });
  expect((await post(box, 'before-anybody-came')).status).toBe(202);
  const ended = new AbortController();
  const answer = await fetch(`${base}/boxes/${box}/events?key=${KEY}`, { signal: ended.signal });
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  await post('c'.repeat(22), 'another-box');
  await post(box, 'mine');
  while (!text.includes('event: sealed')) text += (await reader.read()).value;
  expect(text).toContain('data: "mine"');
  expect(text).not.toMatch(/another-box|before-anybody/);
  ended.abort();
  expect((await post(box, 'x', 'wrong-key')).status).toBe(401);
  expect((await post(box, '{"not": "sealed"}')).status).toBe(400);
  expect((await post(box, 'x'.repeat(700_000))).status).toBe(413);
  expect((await fetch(`${base}/boxes/short/events?key=${KEY}`)).status).toBe(400);
});

it('has an address for nothing else', async () => {
  expect((await fetch(`${base}/entries`)).status).toBe(404);
});

it('takes an hour of ten readings a second, and nothing of it stays', async () => {
  const played = playedScale(3);
  const busy = makeHub(KEY, { posts: 1e6 });
  const app = createServer(makeApp(EMPTY, 'own', busy.router));
  await new Promise<void>((resolve) => app.listen(0, '127.0.0.1', resolve));
  const at = `http://127.0.0.1:${(app.address() as AddressInfo).port}/hub/readings`;
  const minute = async () => {
    played.put(1);
    const answer = await fetch(at, {
      method: 'POST',
      headers: { authorization: `Bearer ${KEY}`, 'content-type': 'application/json' },
      body: JSON.stringify({ device: 's', kind: 'scale', readings: played.step(60_000) }),
    });
    return ((await answer.json()) as { taken: number }).taken;
  };
  let taken = 0;
  for (let i = 0; i < 60; i++) taken += await minute();
  expect(taken).toBeGreaterThan(34_000);
  busy.stop();
  app.closeAllConnections();
  await new Promise((closed) => app.close(closed));
});

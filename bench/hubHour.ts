import { createServer } from 'node:http';
import { type AddressInfo } from 'node:net';

import { playedScale } from '../core/devices';
import { makeApp } from '../server/app';
import { makeHub } from '../server/hub';
import { report } from './timing';

const KEY = 'a-key-for-the-bench';
const MINUTES = 60;

/** An hour of ten readings a second, posted as quickly as the hub takes them, with a page that listens. */
export async function hubHour(): Promise<void> {
  const hub = makeHub(KEY, { posts: 1e9 });
  const server = createServer(makeApp('dist', 'own', hub.router));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/hub`;
  const ended = new AbortController();
  const stream = await fetch(`${base}/events?key=${KEY}`, { signal: ended.signal });
  const reader = stream.body!.getReader();
  const listening = (async () => {
    while (!(await reader.read()).done);
  })().catch(() => undefined);
  const scale = playedScale(1);
  const heap = () => {
    (globalThis as { gc?: () => void }).gc?.();
    return process.memoryUsage().heapUsed / 1e6;
  };
  const minute = async () => {
    scale.put(1);
    for (let i = 0; i < 60; i++)
      await fetch(`${base}/readings`, {
        method: 'POST',
        headers: { authorization: `Bearer ${KEY}`, 'content-type': 'application/json' },
        body: JSON.stringify({ device: 'scale', kind: 'scale', readings: scale.step(1000) }),
      }).then((answer) => answer.arrayBuffer());
  };
  for (let i = 0; i < 5; i++) await minute();
  const before = heap();
  const begin = performance.now();
  for (let i = 0; i < MINUTES; i++) await minute();
  const took = (performance.now() - begin) / 1000;
  report('an hour of a scale through the hub', `${took.toFixed(1)} s`);
  report('hub, memory before and after that hour', `${before.toFixed(1)}, ${heap().toFixed(1)} MB`);
  ended.abort();
  await listening;
  hub.stop();
  server.closeAllConnections();
  server.close();
}

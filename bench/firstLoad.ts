import { chromium } from '@playwright/test';

import { served } from './served';
import { middle, report } from './timing';
import { chromiumPath } from '../scripts/chromium.mjs';

const PORT = '4197';
const RUNS = 5;

/** The production export over the wire, in a fresh browser: bytes, and the time to the first jar drawn. */
export async function firstLoad(): Promise<void> {
  await served(PORT, measure);
}

async function measure(base: string): Promise<void> {
  const browser = await chromium.launch({
    executablePath: chromiumPath(),
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
  });
  try {
    for (const slowdown of [1, 4]) {
      const times: number[] = [];
      let script = 0;
      let everything = 0;
      for (let run = 0; run < RUNS; run++) {
        const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
        const session = await page.context().newCDPSession(page);
        await session.send('Network.enable');
        await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
        script = 0;
        everything = 0;
        const kinds = new Map<string, boolean>();
        session.on('Network.responseReceived', ({ requestId, response }) =>
          kinds.set(requestId, response.url.endsWith('.js')),
        );
        session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
          everything += encodedDataLength;
          if (kinds.get(requestId)) script += encodedDataLength;
        });
        const begin = Date.now();
        await page.goto(`${base}/?at=2026-03-13T18:20`, { waitUntil: 'commit' });
        await page.getByRole('link', { name: /^Grebe,/ }).waitFor();
        times.push(Date.now() - begin);
        await page.waitForTimeout(300);
        await page.close();
      }
      const sorted = times.sort((a, b) => a - b);
      const name = slowdown === 1 ? 'first jar drawn' : `first jar drawn, CPU ${slowdown} × slower`;
      report(
        name,
        `${middle(sorted)} ms, best ${sorted[0]} ms`,
        slowdown === 1 ? '1200 ms' : '3000 ms',
      );
      if (slowdown === 1) {
        report(
          'JavaScript on first load, compressed',
          `${(script / 1000).toFixed(0)} kB`,
          '400 kB',
        );
        report('everything on first load', `${(everything / 1000).toFixed(0)} kB`);
      }
    }
  } finally {
    await browser.close();
  }
}

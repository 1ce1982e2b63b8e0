import { chromium } from '@playwright/test';

import { served } from './served';
import { middle, report } from './timing';
import { chromiumPath } from '../scripts/chromium.mjs';

const PORT = '4195';

/** On a second visit: when the last shelf stands, drawn before the bundle runs, and when the real one does. */
export async function secondVisit(): Promise<void> {
  await served(PORT, async (base) => {
    const browser = await chromium.launch({
      executablePath: chromiumPath(),
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
    });
    for (const slowdown of [1, 4]) {
      const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
      await page.goto(`${base}/?at=2026-03-13T18:20`);
      await page.getByRole('heading', { name: /^(Choose a plan|Feed Grebe)/ }).waitFor();
      await page.waitForTimeout(6000);
      const session = await page.context().newCDPSession(page);
      await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
      const early: number[] = [];
      const real: number[] = [];
      for (let run = 0; run < 5; run++) {
        await page.goto(`${base}/?at=2026-03-13T18:20`, { waitUntil: 'commit' });
        await page.getByRole('link', { name: /^Grebe,/ }).waitFor();
        const marks = await page.evaluate(() => ({
          early: performance.getEntriesByName('early')[0]?.startTime ?? NaN,
          real: performance.now(),
        }));
        early.push(marks.early);
        real.push(marks.real);
        await page.waitForTimeout(1500);
      }
      const said = (times: number[]) => {
        const sorted = times.sort((a, b) => a - b);
        return `${middle(sorted).toFixed(0)} ms, best ${sorted[0]!.toFixed(0)} ms`;
      };
      const cpu = slowdown === 1 ? '' : `, CPU ${slowdown} × slower`;
      report(
        `second visit${cpu}: the last shelf`,
        said(early),
        slowdown === 1 ? '300 ms' : '900 ms',
      );
      report(`second visit${cpu}: the real one`, said(real));
      await page.close();
    }
    await browser.close();
  });
}

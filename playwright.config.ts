import { defineConfig } from '@playwright/test';

import { chromiumPath } from './scripts/chromium.mjs';

const port = Number(process.env.E2E_PORT ?? 4191);

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

export default defineConfig({
  testDir: './e2e',
  outputDir: './.e2e/results',
  globalSetup: './e2e/households.ts',
  fullyParallel: true,
  forbidOnly: !!process.env.CI,
  retries: 0,
  // One more than processors: a test waits as often as it works.
  workers: 3,
  // Long enough that only what will never come runs into them: how fast a machine is fails no test, and nothing sets others.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: '.e2e/report.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    browserName: 'chromium',
    locale: 'en-GB',
    launchOptions: {
      executablePath: chromiumPath(),
      args: [
        '--no-sandbox',
        '--disable-dev-shm-usage',
        '--disable-gpu',
        '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
      ],
    },
    serviceWorkers: 'block',
  },
  // The last tests of the last one are short: at the end nothing waits long for one of them.
  projects: [
    // What a zone could change once more, a day ahead of all others.
    { name: 'east', grep: /@east/, use: { ...PHONE, timezoneId: 'Pacific/Auckland' } },
    {
      name: 'wide',
      grepInvert: /@phone/,
      use: { viewport: { width: 1280, height: 800 }, timezoneId: 'Asia/Kolkata' },
    },
    {
      name: 'phone',
      // What a size cannot change is tried at one of them.
      grepInvert: /@wide/,
      use: { ...PHONE, timezoneId: 'America/Los_Angeles' },
    },
  ],
  webServer: {
    command: 'node --import tsx server/main.ts',
    env: { PORT: String(port), HUB_KEY: 'key-for-the-tests' },
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
});

import { mkdirSync, writeFileSync } from 'node:fs';

import { type FullConfig, chromium } from '@playwright/test';

import { householdFile, kitchenOn } from './fixtures';

/** Opens the demo once in every zone and keeps its store when everything is learnt: its tests begin there. */
export default async function households({ projects }: FullConfig) {
  mkdirSync('.e2e', { recursive: true });
  const { launchOptions } = projects[0]!.use;
  const browser = await chromium.launch(launchOptions);
  await Promise.all(
    projects.map(async ({ use }) => {
      const context = await browser.newContext({ ...use, serviceWorkers: 'block' });
      const kitchen = kitchenOn(await context.newPage());
      await kitchen.open('/help', 'demo');
      await kitchen.learnt();
      writeFileSync(householdFile(use.timezoneId!), JSON.stringify(await kitchen.stored('')));
    }),
  );
  await browser.close();
}

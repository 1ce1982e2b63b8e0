/** npm run bench: figures, not verdicts. Needs a build in dist/ for the first load. */
import { existsSync } from 'node:fs';

import { coreTimes, fitTimes, planTimes } from './coreTimes';
import { decades } from './decades';
import { firstLoad } from './firstLoad';
import { hubHour } from './hubHour';
import { inPage } from './inPage';
import { secondVisit } from './secondVisit';

planTimes();
coreTimes();
fitTimes();
await hubHour();
if (existsSync('dist/index.html')) {
  await firstLoad();
  await secondVisit();
  await decades();
  await inPage();
} else console.log('No build in dist/: run `npm run build` first for what is measured in a page.');

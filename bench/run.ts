/** npm run bench: figures, not verdicts. Needs a build in dist/ for the first load. */
import { existsSync } from 'node:fs';

import { coreTimes, searchTimes } from './coreTimes';
import { firstLoad } from './firstLoad';

coreTimes();
searchTimes();
if (existsSync('dist/index.html')) await firstLoad();
else console.log('No build in dist/: run `npm run build` first for the first load.');

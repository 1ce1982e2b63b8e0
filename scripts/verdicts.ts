/** Writes docs/verdicts.md: what is said of situations as keepers tell them, and why. Run after changing a rule or its words. */
import { writeFileSync } from 'node:fs';

import { verdictTable } from './verdictTable';

writeFileSync('docs/verdicts.md', verdictTable());

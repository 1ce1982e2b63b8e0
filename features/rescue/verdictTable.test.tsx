import { readFileSync } from 'node:fs';

import { verdictTable } from '../../scripts/verdictTable';

it('the table of verdicts in the docs is what the rules and words say today', () => {
  expect(readFileSync('docs/verdicts.md', 'utf8')).toBe(verdictTable());
});

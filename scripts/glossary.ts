// npm run glossary: the words of the craft, as the application explains them, into docs/glossary.md.
import { writeFileSync } from 'node:fs';

import { glossaryText } from '../features/words/glossaryText';

writeFileSync('docs/glossary.md', glossaryText());

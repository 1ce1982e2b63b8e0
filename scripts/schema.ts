/** Writes docs/formats/kitchen.schema.json from the shapes that the doors are made from. Run after changing one. */
import { writeFileSync } from 'node:fs';

import { format } from 'oxfmt';

import { kitchenSchema } from '@core/journal/jsonSchema';

const FILE = 'docs/formats/kitchen.schema.json';
const { code } = await format(FILE, JSON.stringify(kitchenSchema()), { printWidth: 100 });
writeFileSync(FILE, code);

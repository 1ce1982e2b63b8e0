/** Writes docs/formats/kitchen.schema.json from the shapes that the doors are made from. Run after changing one. */
import { writeFileSync } from 'node:fs';

import { format } from 'prettier';

import { kitchenSchema } from '@core/journal/jsonSchema';

const text = await format(JSON.stringify(kitchenSchema()), { parser: 'json', printWidth: 100 });
writeFileSync('docs/formats/kitchen.schema.json', text);

import { readFileSync } from 'node:fs';

import { kitchenSchema } from '@core/journal/jsonSchema';

it('the schema in the documents is the one the doors are made from: npm run schema writes it', () => {
  const kept = JSON.parse(readFileSync('docs/formats/kitchen.schema.json', 'utf8')) as unknown;
  expect(kept).toEqual(JSON.parse(JSON.stringify(kitchenSchema())));
});

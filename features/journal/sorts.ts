import { type JarEvent } from '@core/journal';

/** What the journal can be narrowed to. */
export type Sort = 'feeds' | 'looks' | 'out' | 'moves' | 'notes' | 'bakes' | 'rest';

const SORTS: Readonly<Partial<Record<JarEvent['kind'], Sort>>> = {
  fed: 'feeds',
  looked: 'looks',
  weighed: 'looks',
  took: 'out',
  discarded: 'out',
  pouredOff: 'out',
  drying: 'out',
  backedUp: 'out',
  thrownOut: 'out',
  moved: 'moves',
  rejarred: 'moves',
  noted: 'notes',
  baked: 'bakes',
  pictured: 'looks',
};

/** Which sort an entry is of; a look with a note is a look. */
export const sortOf = (event: JarEvent): Sort => SORTS[event.kind] ?? 'rest';

import { type Reducer } from '@reduxjs/toolkit';

import { type PaceBelief } from '@core/ferment';
import {
  type Checkpoint,
  type Jar,
  type JarEvent,
  type JournalEvent,
  type Log,
  type Outlook,
  logKeeper,
} from '@core/journal';

import { fingerprint } from '@core/measure';

import { type KeptFolds } from './door';
import { opened } from './kitchen';
import { ofJar } from './learntBook';

/** A fold taken up where it was left, with the fingerprint of all it depends on besides its entries. */
interface KeptFold {
  readonly context: string;
  readonly checkpoint: Checkpoint;
}

/** An outlook so many hours long, under one belief of the pace, and whether a promised move was doubted in it. */
interface KeptOutlook {
  readonly hours: number;
  readonly belief: PaceBelief;
  readonly doubted: boolean;
  readonly outlook: Outlook;
}

/**
 * What is worked out from a kitchen's journal and kept until it is asked for again. It is the one thing in the store that
 * changes in place: it belongs to one kitchen of one store and goes with it, and no answer depends on what is in it.
 */
export interface Caches {
  readonly log: (journal: readonly JournalEvent[], now: number) => Log;
  readonly folds: Map<string, KeptFold>;
  /** Folds as the store had them, until they are taken up. */
  readonly stored: KeptFolds;
  readonly outlooks: WeakMap<Jar, KeptOutlook>;
}

const emptyCaches = (stored: KeptFolds = {}): Caches => ({
  log: logKeeper(),
  folds: new Map(),
  stored,
  outlooks: new WeakMap(),
});

/** No slice: what belongs in place must not be frozen. */
export const cachesReducer: Reducer<Caches> = (caches = emptyCaches(), action) =>
  opened.match(action) ? emptyCaches(action.payload.folds ?? {}) : caches;

/** A jar's fold from before, if there is one and it still holds for what it depends on besides the entries. */
export function foldBefore(
  { folds, stored }: Caches,
  jar: string,
  events: readonly JarEvent[],
  context: string,
): Checkpoint | undefined {
  const kept = folds.get(jar);
  if (kept) return kept.context === context ? kept.checkpoint : undefined;
  const before = ofJar(stored, jar);
  if (before?.context !== context || !(before.count <= events.length)) return undefined;
  const first = events.slice(0, before.count);
  return before.print === entriesPrint(first) ? { events: first, jar: before.jar } : undefined;
}

/** The folds as the store keeps them: their entries by a fingerprint. */
export const foldsToKeep = ({ folds }: Caches): KeptFolds =>
  Object.fromEntries(
    [...folds].map(
      ([
        id,
        {
          context,
          checkpoint: { events, jar },
        },
      ]) => [id, { context, count: events.length, print: entriesPrint(events), jar }],
    ),
  );

/** Changes when an entry is added, corrected or withdrawn: an entry itself never changes. */
const entriesPrint = (events: readonly JarEvent[]): string =>
  fingerprint(events.map(({ id }) => id));

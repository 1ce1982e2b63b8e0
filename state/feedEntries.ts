import { type FeedAmounts } from '@core/bench';
import { type Destination, type Jar, contentOf } from '@core/journal';
import { type OtherFlour, type Tub, feedFlour } from '@core/larder';

import { type NewEvent } from './actions';

type NewFed = Extract<NewEvent, { kind: 'fed' }>;

/** A feed that is to be written down. */
export interface DoneFeed {
  readonly amounts: FeedAmounts;
  /** ISO 8601, or nothing usable when it was not given. */
  readonly at: string;
  /** Where goes what comes out. */
  readonly to: Destination;
  /** Where the jar stands then; null where it stands already. */
  readonly place: string | null;
  /** Another flour than the jar's own. */
  readonly other?: OtherFlour | null;
}

/** What a feed writes into the journal: what came out, the feed itself, and a move when the jar goes elsewhere. */
export function feedEntries(
  jar: Jar,
  tubs: readonly Tub[],
  { amounts, at, to, place, other }: DoneFeed,
): { readonly fed: NewFed; readonly entries: readonly NewEvent[] } {
  const common = { jar: jar.id, at };
  const { flour, tub } = feedFlour(jar, tubs, other);
  const from = tub ? { tub: tub.id } : {};
  const fed: NewFed = { kind: 'fed', ...common, ...amounts, flour, ...from };
  const outG = Math.max(0, Math.round(contentOf(jar).massG) - amounts.keepG);
  const entries: NewEvent[] = [];
  if (outG > 0)
    entries.push(
      to === 'bake'
        ? { kind: 'took', ...common, grams: outG }
        : { kind: 'discarded', ...common, grams: outG, to },
    );
  entries.push(fed);
  if (place !== null) entries.push({ kind: 'moved', ...common, place });
  return { fed, entries };
}

import { type Answer, type Destination, type NewEntryOf, answer, isoOf } from '../journal';
import { type Lot, takeOldest } from '../larder';
import { type Instant } from '../measure';

/** Flour comes into a tub. */
export const fillTub = (
  tub: string,
  stock: Omit<NewEntryOf<'stocked'>, 'kind' | 'at' | 'tub'>,
  now: Instant,
): Answer => answer([{ kind: 'stocked', at: isoOf(now), tub, ...stock }]);

/** A tub is weighed: what the log says of it gives way. */
export const weighTub = (tub: string, grams: number, now: Instant): Answer =>
  answer([{ kind: 'tubWeighed', at: isoOf(now), tub, grams }]);

/** A tub is put away. */
export const putTubAway = (tub: string, now: Instant): Answer =>
  answer([{ kind: 'tubGone', at: isoOf(now), tub }]);

/** Discard is frozen, or thaws in the fridge. */
export const moveLot = (
  lot: string,
  store: NewEntryOf<'lotMoved'>['store'],
  now: Instant,
): Answer => answer([{ kind: 'lotMoved', at: isoOf(now), lot, store }]);

/** Discard goes somewhere, the oldest first. */
export function spendLots(
  lots: readonly Lot[],
  {
    grams,
    to,
    note,
  }: {
    readonly grams: number;
    readonly to: Exclude<Destination, 'discardJar' | 'freezer'>;
    readonly note?: string | undefined;
  },
  now: Instant,
): Answer {
  const { from } = takeOldest(lots, grams);
  return answer(
    from.length === 0
      ? []
      : [{ kind: 'lotsUsed', at: isoOf(now), lots: from, to, ...(note ? { note } : {}) }],
  );
}

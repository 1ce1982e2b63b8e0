import {
  type Answer,
  type Destination,
  MOST_STOCK_G,
  type NewEntryOf,
  answer,
  isoOf,
} from '../journal';
import { type Lot, takeOldest } from '../larder';
import { type Instant } from '../measure';

/** Flour comes into a tub. */
export const fillTub = (
  tub: string,
  stock: Omit<NewEntryOf<'stocked'>, 'kind' | 'at' | 'tub'>,
  now: Instant,
): Answer => answer([{ kind: 'stocked', at: isoOf(now), tub, ...stock }]);

/**
 * A tub is weighed: what the log says of it gives way.
 *
 * @returns objections to `grams`
 */
export const weighTub = (tub: string, grams: number, now: Instant): Answer =>
  answer(
    [{ kind: 'tubWeighed', at: isoOf(now), tub, grams }],
    grams >= 0 && grams <= MOST_STOCK_G
      ? []
      : [{ field: 'grams', message: 'Grams from 0 to 50 000, please.' }],
  );

/** A tub is put away. */
export const putTubAway = (tub: string, now: Instant): Answer =>
  answer([{ kind: 'tubGone', at: isoOf(now), tub }]);

/** Discard is frozen, or thaws in the fridge. */
export const moveLot = (
  lot: string,
  store: NewEntryOf<'lotMoved'>['store'],
  now: Instant,
): Answer => answer([{ kind: 'lotMoved', at: isoOf(now), lot, store }]);

/**
 * Discard goes somewhere, the oldest first.
 *
 * @returns objections to `grams`: more than there is cannot be taken
 * @example spendLots([], { grams: 30, to: 'bin' }, 0).objections.length // = 1
 */
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
  const object = (message: string) => answer([], [{ field: 'grams', message }]);
  if (!(grams > 0)) return object('More than nothing, please.');
  const { from, lacksG } = takeOldest(lots, grams);
  const here = lots.reduce((sum, lot) => sum + lot.grams, 0);
  if (lacksG > 0.5)
    return object(
      lots.length === 1
        ? `There are only ${Math.round(here)} g of it.`
        : `There are only ${Math.round(here)} g in the fridge. Frozen ones thaw first.`,
    );
  return answer([{ kind: 'lotsUsed', at: isoOf(now), lots: from, to, ...(note ? { note } : {}) }]);
}

import {
  type Answer,
  type Destination,
  MOST_STOCK_G,
  type NewEntryOf,
  answer,
  isoOf,
} from '../journal';
import { type Lot, isOfUse, takeOldest } from '../larder';
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
 * Discard goes somewhere, the oldest first. What is too old for anything goes into no bake and to no animal.
 *
 * @returns objections to `grams`: more than there is, or than is fit for it, cannot be taken
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
  const fit = to === 'bake' || to === 'animals' ? lots.filter(isOfUse) : lots;
  const { from, lacksG } = takeOldest(fit, grams);
  const here = fit.reduce((sum, lot) => sum + lot.grams, 0);
  if (lacksG > 0.5 && fit.length < lots.length)
    return object(
      fit.length === 0
        ? 'It is too old for that: compost it.'
        : `Only ${Math.round(here)} g are fit for that. The rest is too old: compost it.`,
    );
  if (lacksG > 0.5)
    return object(
      lots.length === 1
        ? `There are only ${Math.round(here)} g of it.`
        : `There are only ${Math.round(here)} g in the fridge. Frozen ones thaw first.`,
    );
  return answer([{ kind: 'lotsUsed', at: isoOf(now), lots: from, to, ...(note ? { note } : {}) }]);
}

import { type Fed, type JournalEvent, instantOf } from '../journal';
import { DAY, FLOUR_KINDS, type FlourKind, type Instant, blendShares } from '../measure';
import { type Tub } from './tubs';

/** Flour to buy, grams, in bags of half a kilogram. */
export interface ToBuy {
  readonly flour: FlourKind;
  readonly grams: number;
}

const LOOKED_BACK = 28 * DAY;
const BAG_G = 500;

/**
 * What to buy so that the jars can be fed for some weeks as in the last four: each flour's use less what the tubs hold of it.
 * Without tubs nobody knows what is in the house, and nothing is said.
 *
 * @example shoppingNote([], [], 0, 2) // = []
 */
export function shoppingNote(
  live: readonly JournalEvent[],
  tubs: readonly Tub[],
  now: Instant,
  weeks: number,
): readonly ToBuy[] {
  if (tubs.length === 0) return [];
  const feeds = live.filter(
    (event): event is Fed => event.kind === 'fed' && now - instantOf(event) < LOOKED_BACK,
  );
  const needed = new Map<FlourKind, number>();
  const add = (flour: FlourKind, grams: number) =>
    needed.set(flour, (needed.get(flour) ?? 0) + grams);
  const perWeek = (7 * DAY) / LOOKED_BACK;
  for (const { flour, flourG } of feeds)
    for (const [kind, share] of blendShares(flour)) add(kind, share * flourG * perWeek * weeks);
  for (const { flour, grams } of tubs)
    for (const [kind, share] of blendShares(flour)) if (needed.has(kind)) add(kind, -share * grams);
  return FLOUR_KINDS.flatMap((flour) => {
    const lacking = needed.get(flour) ?? 0;
    return lacking > 0 ? [{ flour, grams: Math.ceil(lacking / BAG_G) * BAG_G }] : [];
  });
}

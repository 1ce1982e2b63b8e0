import { type Fed, type JournalEvent, type Stocked, instantOf } from '../journal';
import { type Blend, DAY, type Instant, mixBlends } from '../measure';

/** A tub of flour as it stands, run down by every feed that was weighed out of it. */
export interface Tub {
  readonly id: string;
  readonly name: string;
  readonly flour: Blend;
  readonly grams: number;
  readonly lowG: number;
  /** What a kilogram of it cost, over all that is in it; null when that is not known. */
  readonly pricePerKg: number | null;
  /** The earliest day any of it should be used by; null when none was given. */
  readonly useBy: string | null;
}

/**
 * The tubs in use, in the order they were set up.
 *
 * @example tubsOf([]) // = []
 */
export function tubsOf(live: readonly JournalEvent[]): readonly Tub[] {
  const tubs = new Map<string, Tub>();
  for (const event of live) step(tubs, event);
  return [...tubs.values()];
}

function step(tubs: Map<string, Tub>, event: JournalEvent): void {
  if (event.kind === 'stocked') tubs.set(event.tub, filledUp(tubs.get(event.tub), event));
  else if (event.kind === 'tubGone') tubs.delete(event.tub);
  else if (event.kind === 'tubWeighed' || event.kind === 'fed') {
    const tub = event.tub === undefined ? undefined : tubs.get(event.tub);
    if (!tub) return;
    const grams = event.kind === 'fed' ? Math.max(0, tub.grams - event.flourG) : event.grams;
    tubs.set(tub.id, { ...tub, grams });
  }
}

/** New flour on what is left: blends and prices mix by weight. */
function filledUp(before: Tub | undefined, added: Stocked): Tub {
  const left = before?.grams ?? 0;
  const grams = left + added.grams;
  const price = added.pricePerKg ?? null;
  const prices = { old: before?.pricePerKg ?? null, new: price };
  const mixedPrice =
    left === 0 || prices.old === null
      ? prices.new
      : prices.new === null || grams === 0
        ? prices.old
        : (prices.old * left + prices.new * added.grams) / grams;
  const days = [left > 0 ? before?.useBy : null, added.useBy].filter((day) => !!day) as string[];
  return {
    id: added.tub,
    name: added.name,
    flour:
      before && left > 0 ? mixBlends(before.flour, left, added.flour, added.grams) : added.flour,
    grams,
    lowG: added.lowG,
    pricePerKg: mixedPrice,
    useBy: days.sort()[0] ?? null,
  };
}

/** What a jar, or the whole kitchen, feeds in a week, and what of it had a price. */
export interface FlourUse {
  readonly gramsPerWeek: number;
  /** In the kitchen's own money; null when none of it had a price. */
  readonly costPerWeek: number | null;
  /** Share of the flour whose price is known, 0 to 1. */
  readonly priced: number;
}

/** A month tells what a kitchen uses; less when the log is younger. */
const LOOKED_BACK = 28 * DAY;

/**
 * Flour fed in a usual week, over the last four or what there is of the log.
 *
 * @param of keeps the feeds that count
 * @example flourUse(live, now, ({ jar }) => jar === 'tern').gramsPerWeek
 */
export function flourUse(
  live: readonly JournalEvent[],
  now: Instant,
  of: (fed: Fed) => boolean = () => true,
): FlourUse {
  const first = live.find((event) => event.kind === 'fed');
  const since = Math.max(now - LOOKED_BACK, first ? instantOf(first) : now);
  const weeks = Math.max(1, (now - since) / (7 * DAY));
  const tubs = new Map<string, Tub>();
  let grams = 0;
  let pricedG = 0;
  let cost = 0;
  for (const event of live) {
    step(tubs, event);
    if (event.kind !== 'fed' || instantOf(event) < since || instantOf(event) > now || !of(event))
      continue;
    grams += event.flourG;
    const price = event.tub === undefined ? null : (tubs.get(event.tub)?.pricePerKg ?? null);
    if (price === null) continue;
    pricedG += event.flourG;
    cost += (price * event.flourG) / 1000;
  }
  return {
    gramsPerWeek: grams / weeks,
    costPerWeek: pricedG > 0 ? cost / weeks : null,
    priced: grams > 0 ? pricedG / grams : 0,
  };
}

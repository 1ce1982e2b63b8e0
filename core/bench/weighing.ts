import { type Blend, type FlourKind, blendShares, flourAndWater, hydrationOf } from '../measure';
import { type Ratio, ratioOf } from './ratio';

/** What goes on the scale, in this order or with flour before water. */
export type Portion = 'keep' | 'water' | 'flour';

/** A feed as wanted: how much stays, and what it is fed. */
export interface FeedRecipe {
  readonly keepG: number;
  readonly ratio: Ratio;
}

/** Grams that really landed on the scale so far. */
export type Landed = Readonly<Partial<Record<Portion, number>>>;

/** Grams of a feed. */
export interface FeedAmounts {
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
}

/**
 * The amounts of a feed in whole grams, from what landed and what is still to come. Whatever landed stands; the rest
 * follows it: a heavy keep takes more flour and water, a heavy pour of water takes more flour. Or it stays as it was planned,
 * as many do it for a few grams.
 *
 * @example amountsAfter({ keepG: 20, ratio: { flour: 4, water: 3 } }, { keep: 22 }) // = { keepG: 22, flourG: 88, waterG: 66 }
 */
export function amountsAfter(
  recipe: FeedRecipe,
  landed: Landed,
  rest: 'follows' | 'asPlanned' = 'follows',
): FeedAmounts {
  if (rest === 'asPlanned') {
    const { keepG, flourG, waterG } = amountsAfter(recipe, {});
    return {
      keepG: landed.keep ?? keepG,
      flourG: landed.flour ?? flourG,
      waterG: landed.water ?? waterG,
    };
  }
  const keepG = landed.keep ?? Math.round(recipe.keepG);
  const { flour, water } = recipe.ratio;
  const flourAsked =
    landed.flour ??
    Math.round(
      landed.water !== undefined && water > 0 ? (landed.water * flour) / water : keepG * flour,
    );
  const waterAsked =
    landed.water ??
    Math.round(
      landed.flour !== undefined && flour > 0 ? (landed.flour * water) / flour : keepG * water,
    );
  return { keepG, flourG: flourAsked, waterG: waterAsked };
}

/**
 * What a feed came out as: its ratio, and the hydration and mass of everything in the jar.
 *
 * @example feedOutcome({ keepG: 20, flourG: 40, waterG: 40 }, 100) // = { ratio: { flour: 2, water: 2 }, hydrationPct: 100, massG: 100 }
 */
export function feedOutcome(
  amounts: FeedAmounts,
  keepHydrationPct: number,
): { readonly ratio: Ratio | null; readonly hydrationPct: number; readonly massG: number } {
  const kept = flourAndWater(amounts.keepG, keepHydrationPct);
  return {
    ratio: ratioOf(amounts.keepG, amounts.flourG, amounts.waterG),
    hydrationPct: hydrationOf(kept.flourG + amounts.flourG, kept.waterG + amounts.waterG),
    massG: amounts.keepG + amounts.flourG + amounts.waterG,
  };
}

/**
 * Each flour of a blend in whole grams that add up to the whole: largest remainders first.
 *
 * @example flourByKind(25, { white: 0.5, rye: 0.5 }).map(({ grams }) => grams) // = [13, 12]
 */
export function flourByKind(
  flourG: number,
  blend: Blend,
): readonly { readonly kind: FlourKind; readonly grams: number }[] {
  const whole = Math.round(flourG);
  const parts = blendShares(blend).map(([kind, share]) => {
    const exact = share * whole;
    return { kind, grams: Math.floor(exact), rest: exact - Math.floor(exact) };
  });
  let missing = whole - parts.reduce((sum, part) => sum + part.grams, 0);
  for (const part of [...parts].sort((a, b) => b.rest - a.rest)) {
    if (missing-- <= 0) break;
    part.grams++;
  }
  return parts.map(({ kind, grams }) => ({ kind, grams }));
}

/** How the scale is used: set to zero before each portion, or left with the jar and all in it. */
export type Weighing = 'tare' | 'inJar';

/**
 * What the scale should read when a portion is in, in grams. `before` is what already landed in the jar.
 */
export const scaleTarget = (
  weighing: Weighing,
  emptyG: number,
  before: number,
  portionG: number,
): number => (weighing === 'tare' ? portionG : emptyG + before + portionG);

/** The portion, in grams, that a reading of the scale means. */
export const portionFromScale = (
  weighing: Weighing,
  emptyG: number,
  before: number,
  readingG: number,
): number => (weighing === 'tare' ? readingG : readingG - emptyG - before);

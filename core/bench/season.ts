import { type Blend, FLOURS, blendShares } from '../measure';

/** Bakers take 10 to 20 % of the flour from levain, less in summer and more in winter: the ends of that, °C and %. */
const WINTER = { celsius: 18, pct: 20 } as const;
const SUMMER = { celsius: 27, pct: 10 } as const;

/**
 * The share of a dough's flour that levain usually brings in a kitchen so warm, whole percent.
 *
 * @example inoculationBySeason(18) // = 20
 */
export function inoculationBySeason(celsius: number): number {
  const warmer = (celsius - WINTER.celsius) / (SUMMER.celsius - WINTER.celsius);
  const share = Math.min(1, Math.max(0, warmer));
  return Math.round(WINTER.pct + share * (SUMMER.pct - WINTER.pct));
}

/**
 * How much of a blend is whole grain, whole percent: whole wheat, and rye and spelt, which bakers buy as such.
 *
 * @example wholeGrainPct({ white: 1, wholeWheat: 1 }) // = 50
 */
export function wholeGrainPct(blend: Blend): number {
  const whole = blendShares(blend).reduce(
    (sum, [kind, share]) => sum + share * FLOURS[kind].whole,
    0,
  );
  return Math.round(100 * whole);
}

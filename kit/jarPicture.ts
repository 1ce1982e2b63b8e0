import { heightOf } from '@core/bench';
import { hoochHungerOf } from '@core/ferment';
import { type Jar, type Liquid, type Standing, contentOf, isAnybodysGuess } from '@core/journal';
import { type Blend, type FlourKind, blendShares, freshDensity } from '@core/measure';

/** What a jar looks like: fractions of the jar's inner height, and signs of its stage. */
export interface JarPicture {
  /** Height of the band. */
  readonly band: number;
  /** Height of the surface at the glass. */
  readonly surface: number;
  /** How far the middle stands above (dome) or below (slump) the edge, of the inner height. */
  readonly dome: number;
  /** Top of the streaks that a fallen starter leaves on the glass; the surface when it has not fallen. */
  readonly streaksTo: number;
  /** Bubbles: how many and how big, 0 to 1. */
  readonly bubbling: number;
  readonly liquid: Liquid;
  readonly flour: Blend;
  /** Width of the jar's floor over that of its mouth. */
  readonly taper: number;
}

/** The picture of a jar as the model says it stands, in its own glass. */
export function jarPicture({ jar, moment, hours, outlook }: Standing): JarPicture {
  const { fedMix, card } = jar;
  const { vessel } = card;
  const fill = bandVolume(jar);
  const band = Math.min(0.96, heightOf(vessel, fill));
  const liquid =
    seenLiquid(jar) ??
    (isAnybodysGuess(jar) ? 'none' : liquidFor(moment.hunger / hoochHungerOf(fedMix)));
  const glass = { band, liquid, flour: fedMix.flour, taper: vessel.taper ?? 1 };
  // Nobody saw it rise: it is drawn as it would be stirred.
  if (jar.unfedH) return { ...glass, surface: band, dome: 0, streaksTo: band, bubbling: 0 };
  const { peakHeight, peaksAtH } = outlook.forecast;
  const surface = Math.min(0.98, heightOf(vessel, fill * moment.height));
  const fallen = peaksAtH !== null && hours > peaksAtH;
  const rise = Math.max(0.01, peakHeight - 1);
  const risen = Math.min(1, Math.max(0, (moment.height - 1) / rise));
  return {
    ...glass,
    surface,
    dome: fallen ? -0.025 * (1 - risen) : 0.035 * risen,
    streaksTo: fallen ? Math.min(0.98, heightOf(vessel, fill * peakHeight)) : surface,
    bubbling: Math.min(1, Math.max(0, moment.height - 1) / 1.2),
  };
}

/** Share of the jar's volume that its mix fills without gas: where the band is. */
export function bandVolume(jar: Jar): number {
  const { massG, hydrationPct } = contentOf(jar);
  return massG / freshDensity(hydrationPct) / jar.card.vessel.capacityMl;
}

/** Liquid that somebody saw since the feed: an eye beats the model. */
const seenLiquid = (jar: Jar): Liquid | undefined =>
  jar.looks.findLast((look) => look.liquid !== undefined)?.liquid;

/** The liquid that so much hunger brings, against the hunger at which it first shows. */
function liquidFor(hunger: number): Liquid {
  if (hunger < 1) return 'none';
  return hunger < 1.5 ? 'clear' : hunger < 2.5 ? 'grey' : 'dark';
}

const FLOUR_COLOURS: Readonly<Record<FlourKind, readonly [number, number, number]>> = {
  white: [236, 221, 188],
  strongWhite: [234, 217, 180],
  wholeWheat: [199, 161, 112],
  sifted: [219, 192, 150],
  rye: [176, 138, 98],
  spelt: [208, 174, 128],
  einkorn: [222, 190, 126],
  emmer: [204, 170, 124],
  brownRice: [222, 206, 178],
  buckwheat: [178, 158, 138],
  sorghum: [218, 190, 160],
  teff: [158, 120, 92],
  glutenFree: [216, 196, 168],
};

/** The colour of a stirred starter of some flour. */
export function flourColour(blend: Blend): string {
  const mixed = [0, 1, 2].map((channel) =>
    Math.round(
      blendShares(blend).reduce(
        (sum, [kind, share]) => sum + share * FLOUR_COLOURS[kind][channel]!,
        0,
      ),
    ),
  );
  return `rgb(${mixed.join(',')})`;
}

/** Where bubbles sit: even over the glass, the same for every picture. Shares of width and height, and a size 0 to 1. */
export const BUBBLE_SPOTS: readonly (readonly [number, number, number])[] = Array.from(
  { length: 46 },
  (_, i) => [(0.5 + i * 0.7548777) % 1, (0.5 + i * 0.5698403) % 1, ((i * 7919) % 101) / 101],
);

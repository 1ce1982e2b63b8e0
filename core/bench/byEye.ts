import { type Blend, blendTraits, flourAndWater } from '../measure';
import { type FeedAmounts } from './weighing';

/** How a mix looks on the spoon, from thin to stiff. */
export const TEXTURES = ['pours', 'batter', 'thick', 'dough'] as const;
export type Texture = (typeof TEXTURES)[number];

/** Water over flour at which white flour looks so, percent: it pours like cream, drips slowly, stands, or is a ball. */
const WHITE_PCT: Readonly<Record<Texture, number>> = {
  pours: 125,
  batter: 100,
  thick: 75,
  dough: 58,
};

/** How far such an estimate may be off, as a share of what was added. */
export const BY_EYE_ERROR = 0.25;

/** Hydration of a texture, percent: whole grain takes more water to look the same. */
export const texturePct = (texture: Texture, flour: Blend): number =>
  Math.round(WHITE_PCT[texture] * (1 + 0.4 * (blendTraits(flour).binds - 1)));

/** A feed that nobody weighed. */
export interface EyedFeed {
  /** Share of what was in the jar that stayed. */
  readonly kept: number;
  /** How much there is after it, against what had stayed: twice as much is 2. */
  readonly grown: number;
  readonly texture: Texture;
}

/**
 * What a feed by eye came to, in whole grams: so much stayed, so much is there now, and it looks like that. Flour and water
 * follow; where it is so stiff or thin already that one of them alone changes it, the other is 0.
 *
 * @param there what was in the jar, with its hydration in percent
 * @example byEye({ massG: 200, hydrationPct: 100 }, { white: 1 }, { kept: 0.5, grown: 2, texture: 'batter' })
 *   // 100 g kept, 50 g flour, 50 g water
 */
export function byEye(
  there: { readonly massG: number; readonly hydrationPct: number },
  flour: Blend,
  { kept, grown, texture }: EyedFeed,
): FeedAmounts {
  const keepG = Math.max(1, Math.round(there.massG * kept));
  const addedG = Math.round(keepG * (grown - 1));
  const had = flourAndWater(keepG, there.hydrationPct);
  const wanted = flourAndWater(keepG + addedG, texturePct(texture, flour));
  const flourG = Math.min(addedG, Math.max(0, Math.round(wanted.flourG - had.flourG)));
  return { keepG, flourG, waterG: addedG - flourG };
}

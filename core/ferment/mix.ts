import { type Blend, flourAndWater, hydrationOf, mixBlends } from '../measure';
import { MODEL } from './constants';

/** What lives in a jar and what it lives in, per gram of mix. */
export interface Mix {
  /** Active yeast, relative to the plateau of a mature starter. */
  readonly yeast: number;
  /** Lactic acid bacteria, on the same scale. */
  readonly lactic: number;
  /** Dormant or injured cells that recover slowly, on the same scale. */
  readonly dormant: number;
  /** Physiological state q of the cells: the lag is ln(1 + 1/q) / μ. */
  readonly ready: number;
  /** Food left, share of the flour's fermentable sugar, 0 to 1. */
  readonly food: number;
  /** Acidity, ml 0.1 N per 10 g. */
  readonly acid: number;
  /** Integrity of the gluten, 0 to 1. */
  readonly gluten: number;
  /** Gas held, volumes per volume of mix; in a straight jar the height is 1 + gas. */
  readonly gas: number;
  /** Hours without food, counted at 22 °C. */
  readonly hunger: number;
  /** The jar's own temperature, °C. */
  readonly celsius: number;
  /** Share of its flour that was old when it was last fed, 0 to 1: the thinner the feed, the less. */
  readonly old: number;
  readonly massG: number;
  readonly hydrationPct: number;
  readonly flour: Blend;
}

/**
 * pH of an acidity in ml 0.1 N per 10 g, in a flour of so much buffering against white.
 *
 * @example phOf(0) // = 6.0
 */
export const phOf = (acid: number, buffer = 1): number =>
  MODEL.phFloor + MODEL.phSpan * Math.exp(-acid / (MODEL.phScale * buffer));

/** Gas and hunger are gone with a stir; nothing else changes. */
export const stir = (mix: Mix): Mix => ({ ...mix, gas: 0 });

/** The same mix with so many grams left in the jar. */
export const keepOf = (mix: Mix, massG: number): Mix => ({ ...mix, massG });

/**
 * A mix that some grams of liquid were poured off from: less water to the same flour. Cells and acid per gram of what stays
 * are taken as they were, for the liquid carries its share of both.
 *
 * @example drained(starterIn('hungry', { white: 1 }, 100, 100), 10).massG // = 90
 */
export function drained(mix: Mix, offG: number): Mix {
  if (offG <= 0) return mix;
  const { flourG, waterG } = flourAndWater(mix.massG, mix.hydrationPct);
  const off = Math.min(offG, waterG * MOST_POURED);
  return { ...mix, massG: mix.massG - off, hydrationPct: hydrationOf(flourG, waterG - off) };
}

/** What settles keeps at least a fifth of its water. */
const MOST_POURED = 0.8;

/** What goes into a jar at a feed, grams and °C. Without a temperature the parts come at the jar's own. */
export interface FeedParts {
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly flour: Blend;
  readonly flourCelsius?: number;
  readonly waterCelsius?: number;
}

/**
 * A feed is a mixing of masses: cells and acid are diluted by mass, food and gluten by flour, the gas is stirred out,
 * and the cells bring their past (their adaptation) along. Mass, flour, water and heat are conserved.
 *
 * @example feed(starterIn('ripe', { white: 1 }, 100, 100), { keepG: 20, flourG: 40, waterG: 40, flour: { white: 1 } }).massG // = 100
 */
export function feed(mix: Mix, parts: FeedParts): Mix {
  const { keepG, flourG, waterG } = parts;
  const massG = keepG + flourG + waterG;
  const kept = flourAndWater(keepG, mix.hydrationPct);
  const allFlourG = kept.flourG + flourG;
  const byMass = keepG / massG;
  const byFlour = allFlourG > 0 ? kept.flourG / allFlourG : 0;
  const newFlour = 1 - byFlour;
  const flourHeat = flourG * MODEL.flourHeat;
  const waterHeat = waterG * MODEL.waterHeat;
  const keptHeat = keepG * mixHeat(mix.hydrationPct);
  return {
    yeast: mix.yeast * byMass,
    lactic: mix.lactic * byMass,
    dormant: mix.dormant * byMass,
    ready: mix.ready,
    food: mix.food * byFlour + newFlour,
    acid: mix.acid * byMass,
    gluten: mix.gluten * byFlour + newFlour,
    gas: 0,
    hunger: flourG > 0 ? 0 : mix.hunger,
    celsius:
      (keptHeat * mix.celsius +
        flourHeat * (parts.flourCelsius ?? mix.celsius) +
        waterHeat * (parts.waterCelsius ?? mix.celsius)) /
      (keptHeat + flourHeat + waterHeat),
    old: flourG > 0 ? byFlour : mix.old,
    massG,
    hydrationPct: (100 * (kept.waterG + waterG)) / allFlourG,
    flour: mixBlends(mix.flour, kept.flourG, parts.flour, flourG),
  };
}

/**
 * Specific heat of a mix in J/(g K), from its flour and water.
 *
 * @example mixHeat(100) > mixHeat(50) // = true
 */
export function mixHeat(hydrationPct: number): number {
  const { flourG, waterG } = flourAndWater(1, hydrationPct);
  return flourG * MODEL.flourHeat + waterG * MODEL.waterHeat;
}

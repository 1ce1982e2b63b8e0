import { FLOURS, type FlourKind } from './flour';

/** What a cup or a spoon can be filled with, besides flours. `starter` is ripe and stirred down, `yeast` dried. */
const GRAMS_PER_CUP = {
  water: 237,
  starter: 235,
  salt: 288,
  sugar: 200,
  fat: 227,
  yeast: 150,
} as const;

export type Ingredient = FlourKind | keyof typeof GRAMS_PER_CUP;

/** Measures found in a kitchen drawer, with their volume in millilitres. The cup is the US cup. */
const MEASURES = {
  cup: 236.588,
  tablespoon: 14.787,
  teaspoon: 4.929,
  millilitre: 1,
} as const;

export type Measure = keyof typeof MEASURES;

const gramsPerCup = (ingredient: Ingredient): number =>
  ingredient in GRAMS_PER_CUP
    ? GRAMS_PER_CUP[ingredient as keyof typeof GRAMS_PER_CUP]
    : FLOURS[ingredient as FlourKind].gramsPerCup;

/**
 * Mass in grams of `count` measures of an ingredient, levelled off.
 * A scooped cup of flour is easily 20 % off: weighing is better, and the interface says so.
 *
 * @example volumeToGrams(0.5, 'cup', 'water') // = 118.5
 */
export const volumeToGrams = (count: number, measure: Measure, ingredient: Ingredient): number =>
  (count * MEASURES[measure] * gramsPerCup(ingredient)) / MEASURES.cup;

/** How many measures hold `grams` of an ingredient. */
export const gramsToVolume = (grams: number, measure: Measure, ingredient: Ingredient): number =>
  (grams * MEASURES.cup) / (MEASURES[measure] * gramsPerCup(ingredient));

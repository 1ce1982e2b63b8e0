import { flourAndWater, hydrationOf } from '../measure';

/** A recipe raised with baker's yeast, grams. Water counts all that is wet as water: milk, eggs by their water. */
export interface YeastRecipe {
  readonly flourG: number;
  readonly waterG: number;
  readonly saltG: number;
  readonly sugarG: number;
  readonly fatG: number;
  /** Left out when it is turned. */
  readonly yeastG?: number;
}

/** What to mind in a turned recipe. */
export type RecipeWarning =
  /** Sugar above a tenth of the flour draws water from the yeast: it takes half as long again and more. */
  | 'sweet'
  /** Fat above a seventh of the flour slows the rise and weakens it. */
  | 'rich'
  /** Below 55 % a dough is stiff, and sourdough slow in it. */
  | 'stiff'
  /** No salt: it runs away, and tastes of little. */
  | 'saltless';

/** A recipe with levain instead of yeast, whole grams; sugar, fat and salt stay. */
export interface TurnedRecipe {
  readonly levainG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly hydrationPct: number;
  readonly warnings: readonly RecipeWarning[];
}

const SWEET = 0.1;
const RICH = 0.15;
const STIFF_PCT = 55;

/**
 * Turns a yeast recipe into sourdough: the yeast goes, the levain's flour and water come off the recipe's own, so that
 * hydration stays.
 *
 * @returns null when the levain holds more water than the recipe
 * @example turned(recipe, 20, 100)?.levainG
 */
export function turned(
  recipe: YeastRecipe,
  inoculationPct: number,
  levainHydrationPct: number,
): TurnedRecipe | null {
  const levainG = Math.round(
    recipe.flourG * (inoculationPct / 100) * (1 + levainHydrationPct / 100),
  );
  const levain = flourAndWater(levainG, levainHydrationPct);
  const flourG = Math.round(recipe.flourG - levain.flourG);
  const waterG = Math.round(recipe.waterG - levain.waterG);
  if (waterG < 0 || flourG < 0) return null;
  const hydrationPct = hydrationOf(recipe.flourG, recipe.waterG);
  const warnings: RecipeWarning[] = [];
  if (recipe.sugarG > SWEET * recipe.flourG) warnings.push('sweet');
  if (recipe.fatG > RICH * recipe.flourG) warnings.push('rich');
  if (hydrationPct < STIFF_PCT) warnings.push('stiff');
  if (recipe.saltG === 0) warnings.push('saltless');
  return { levainG, flourG, waterG, hydrationPct, warnings };
}

import {
  type DoughCard,
  type DoughFormula,
  type DoughProblem,
  type LevainWay,
  type RecipeWarning,
  type TurnedRecipe,
  type YeastRecipe,
} from '@core/bench';

import { type KitchenWords } from './kitchenWords';

export const DOUGH_PROBLEM_WORDS: Readonly<Record<DoughProblem, string>> = {
  levainTooWet:
    'That much levain brings more water than the dough has. Use less levain, a stiffer one, or more hydration.',
  levainTooWhole:
    'The levain brings more whole grain than the dough has. Use less levain, or more whole grain.',
  levainTooWhite:
    'The levain brings more white flour than the dough has. Use less levain, or less whole grain.',
};

export const RECIPE_WARNING_WORDS: Readonly<Record<RecipeWarning, string>> = {
  sweet: 'A sweet dough: sugar holds the yeast back. Expect half as long again, or more levain.',
  rich: 'A rich dough: fat slows the rise. Work it in after the first hour, and give it time.',
  stiff: 'A stiff dough: sourdough is slow in it. A little more water helps.',
  saltless: 'No salt: about 2 % of the flour is usual. Without it the dough rises too fast.',
};

/** "12.5 g", with ounces beside when wanted. */
const amount = (grams: number, words: KitchenWords): string =>
  [`${figure(grams)} g`, words.ounces(grams) && `(${words.ounces(grams)})`]
    .filter(Boolean)
    .join(' ');

const figure = (n: number) => (Math.round(n * 10) / 10).toString();

/** What goes into the bowl, in the order of the bowl; nothing that is not there. */
export function bowlParts(
  card: Omit<DoughCard, 'doughG'>,
): readonly (readonly [name: string, grams: number])[] {
  const parts: readonly (readonly [string, number])[] = [
    ['levain', card.levainG],
    ['water', card.waterG],
    ['white flour', card.whiteG],
    ['whole grain', card.wholeG],
    ['salt', card.saltG],
  ];
  return parts.filter(([, grams]) => grams > 0);
}

/** A dough as text to send or print. */
export function doughText(formula: DoughFormula, card: DoughCard, words: KitchenWords): string {
  const { loaves } = formula;
  return [
    `${loaves === 1 ? 'One loaf' : `${loaves} loaves`}, ${words.grams(card.doughG)} of dough`,
    '',
    ...bowlParts(card).map(([name, grams]) => `${amount(grams, words)} ${name}`),
    '',
    `Hydration ${figure(formula.hydrationPct)} %, salt ${figure(formula.saltPct)} %, ${figure(formula.inoculationPct)} % of the flour in a levain of ${figure(formula.levainHydrationPct)} %, ${figure(formula.wholePct)} % whole grain.`,
  ].join('\n');
}

/** A turned yeast recipe as text. */
export function turnedText(recipe: YeastRecipe, made: TurnedRecipe, words: KitchenWords): string {
  return [
    'With levain instead of yeast',
    '',
    ...turnedParts(recipe, made).map(([name, grams]) => `${amount(grams, words)} ${name}`),
    '',
    `Hydration ${figure(made.hydrationPct)} %, as before.`,
    ...made.warnings.map((warning) => RECIPE_WARNING_WORDS[warning]),
  ].join('\n');
}

export function turnedParts(
  { saltG, sugarG, fatG }: YeastRecipe,
  { levainG, flourG, waterG }: TurnedRecipe,
): readonly (readonly [name: string, grams: number])[] {
  const parts: readonly (readonly [string, number])[] = [
    ['levain', levainG],
    ['water', waterG],
    ['flour', flourG],
    ['salt', saltG],
    ['sugar', sugarG],
    ['fat', fatG],
  ];
  return parts.filter(([, grams]) => grams > 0);
}

/** A way to a levain in a sentence. */
export function levainWayWords(
  { kind, seedG, flourG, waterG }: LevainWay,
  jarName: string,
  words: KitchenWords,
): string {
  const [seed, flour, water] = [seedG, flourG, waterG].map(words.grams);
  switch (kind) {
    case 'take':
      return `There is enough in ${jarName}: take it when it is ripe.`;
    case 'topUp':
      return `Top up: to the ${seed} there, add ${water} water and ${flour} flour.`;
    case 'feed':
      return `A larger feed for ${jarName}: keep ${seed}, add ${water} water and ${flour} flour.`;
    case 'beside':
      return `In a bowl: take ${seed} out, add ${water} water and ${flour} flour. The mother stays as it is.`;
  }
}

import { type Allergen, type Extra, type FormulaId, type Unfit } from '@core/larder/formulas';

/** A formula in words: its name, how it is made, and what can stand in for what. */
export const FORMULA_WORDS: Readonly<
  Record<
    FormulaId,
    {
      readonly name: string;
      readonly piece: readonly [one: string, several: string];
      readonly method: readonly string[];
      readonly instead: string;
    }
  >
> = {
  crackers: {
    name: 'Crackers',
    piece: ['cracker', 'crackers'],
    method: [
      'Knead all but the seeds to a smooth dough; let it rest 20 minutes.',
      'Roll it as thin as you can, scatter the sesame on, press it in, and cut.',
      'Bake at {180} for 15 to 18 minutes, until they are dry and brown at the edges.',
    ],
    instead:
      'Coarse salt and rosemary for the sesame, where somebody must not eat sesame. Sharp discard is best here.',
  },
  pancakes: {
    name: 'Pancakes',
    piece: ['pancake', 'pancakes'],
    method: [
      'Whisk discard, milk, egg and melted butter; stir in the dry things. Lumps may stay.',
      'Let it stand 10 minutes. It foams: the soda meets the acid.',
      'Fry ladlefuls over a medium heat; turn them when the bubbles stay open.',
    ],
    instead:
      'Oat milk for milk (it brings gluten), or soya milk (it brings soya); oil for butter; for an egg, {15g} of ground linseed in {35g} of water. Honey for the sugar, but never for a child under one year.',
  },
  flatbread: {
    name: 'Flatbread',
    piece: ['flatbread', 'flatbreads'],
    method: [
      'Knead everything to a soft dough, rest it half an hour.',
      'Roll pieces out as wide as your pan.',
      'Bake in a dry, very hot pan, a minute or two a side.',
    ],
    instead: 'Yoghurt for some of the water makes it softer; it brings milk.',
  },
  waffles: {
    name: 'Waffles',
    piece: ['waffle', 'waffles'],
    method: [
      'Whisk discard, milk, egg yolks and melted butter; stir in the dry things.',
      'Fold in the whites, beaten stiff, at the very end.',
      'Bake in a hot, greased iron until no more steam comes.',
    ],
    instead: 'Whole eggs without beating: flatter, and just as good.',
  },
  crumpets: {
    name: 'Crumpets',
    piece: ['crumpet', 'crumpets'],
    method: [
      'Stir the sugar, the salt and, last, the soda into the discard: it rises in the bowl.',
      'Fill greased rings in a warm pan to a thumb’s depth.',
      'Cook them slowly until the top is dry and full of holes; then turn them for a minute.',
    ],
    instead: 'Without rings, as small thick cakes.',
  },
  muffins: {
    name: 'Muffins',
    piece: ['muffin', 'muffins'],
    method: [
      'Whisk the wet things with the sugar, fold in the dry ones, and do not beat.',
      'A handful of berries may go in. Fill the tin to two thirds.',
      'Bake at {190} for 20 to 22 minutes.',
    ],
    instead:
      'Oil for butter, a fifth less of it; a mashed banana for an egg. Nuts among the berries bring nuts.',
  },
  batter: {
    name: 'Batter for frying',
    piece: ['piece', 'pieces'],
    method: [
      'Whisk everything with ice-cold water to a thin cream.',
      'Fill the pot with oil to a third at the most, and lay its lid beside it: the lid puts out flames, water never does. Never leave it alone.',
      'Dry what you dip; dip, let it drip, fry at {180}. Chicken is done at {74} in the middle.',
      'Batter that raw meat or fish has touched goes into the bin, not back into the fridge.',
    ],
    instead: 'Sparkling water for crispness.',
  },
  quickLoaf: {
    name: 'Quick loaf',
    piece: ['slice', 'slices'],
    method: [
      'Stir everything to a thick, sticky dough; no kneading.',
      'Into a greased tin at once, seeds on top.',
      'Bake at {200} for 45 to 50 minutes, until it sounds hollow.',
    ],
    instead:
      'Buttermilk for the milk: it is sour itself, so a pinch more soda and a little less baking powder. Oat milk brings gluten of its own.',
  },
};

export const EXTRA_WORDS: Readonly<Record<Extra, string>> = {
  milk: 'milk',
  oil: 'oil',
  butter: 'butter',
  egg: 'egg',
  sugar: 'sugar',
  salt: 'salt',
  bakingPowder: 'baking powder',
  soda: 'baking soda',
  seeds: 'sesame seeds',
};

export const ALLERGEN_WORDS: Readonly<Record<Allergen, string>> = {
  gluten: 'gluten',
  milk: 'milk',
  egg: 'egg',
  sesame: 'sesame',
};

export const UNFIT_WORDS: Readonly<Record<Unfit, string>> = {
  tooSour: 'the discard is too sour',
  tooLittle: 'too little discard for a batch',
  tooLong: 'takes longer',
  tooWet: 'the discard is too wet',
};

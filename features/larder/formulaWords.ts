import { type Allergen, type Extra, type FormulaId, type Unfit } from '@core/larder';

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
      'Roll it as thin as you can, strew the seeds on, press them in, cut.',
      'Bake at 180 °C for 15 to 18 minutes, until they are dry and brown at the edges.',
    ],
    instead: 'Any seeds, or coarse salt and rosemary. Sharp discard is best here.',
  },
  pancakes: {
    name: 'Pancakes',
    piece: ['pancake', 'pancakes'],
    method: [
      'Whisk discard, milk, egg and melted butter; stir in what is dry, lumps may stay.',
      'Let it stand 10 minutes. It foams: the soda meets the acid.',
      'Fry ladlefuls over a middling flame, turn when bubbles stay open.',
    ],
    instead:
      'Oat milk for milk; oil for butter; for an egg, 15 g of ground linseed in 35 g of water.',
  },
  flatbread: {
    name: 'Flatbread',
    piece: ['flatbread', 'flatbreads'],
    method: [
      'Knead everything to a soft dough, rest it half an hour.',
      'Roll pieces out as wide as your pan.',
      'Bake in a dry, very hot pan, a minute or two a side.',
    ],
    instead: 'Yoghurt for some of the water makes it softer.',
  },
  waffles: {
    name: 'Waffles',
    piece: ['waffle', 'waffles'],
    method: [
      'Whisk discard, milk, egg yolks and melted butter; stir in what is dry.',
      'Fold in the whites, beaten stiff, at the very end.',
      'Bake in a hot, greased iron until no more steam comes.',
    ],
    instead: 'Whole eggs without beating: flatter, and as good.',
  },
  crumpets: {
    name: 'Crumpets',
    piece: ['crumpet', 'crumpets'],
    method: [
      'Stir sugar, salt and last the soda into the discard: it rises in the bowl.',
      'Fill greased rings in a warm pan a thumb deep.',
      'Slowly, until the top is full of holes and dry; then turn for a minute.',
    ],
    instead: 'Without rings, as small thick cakes.',
  },
  muffins: {
    name: 'Muffins',
    piece: ['muffin', 'muffins'],
    method: [
      'Whisk what is wet with the sugar, fold in what is dry, do not beat.',
      'A handful of berries may follow. Fill the tin two thirds.',
      'Bake at 190 °C for 20 to 22 minutes.',
    ],
    instead: 'Oil for butter, a fifth less of it; a mashed banana for an egg.',
  },
  batter: {
    name: 'Batter for frying',
    piece: ['piece', 'pieces'],
    method: [
      'Whisk everything with ice-cold water to a thin cream.',
      'Dry what you dip; dip, let it drip, fry at 180 °C.',
      'Hot fat burns and catches fire: never leave it, never put water to it.',
    ],
    instead: 'Sparkling water for crispness.',
  },
  quickLoaf: {
    name: 'Quick loaf',
    piece: ['slice', 'slices'],
    method: [
      'Stir everything to a thick, sticky dough; no kneading.',
      'Into a greased tin at once, seeds on top.',
      'Bake at 200 °C for 45 to 50 minutes, until it sounds hollow.',
    ],
    instead: 'Buttermilk for the milk, with less soda for milder discard.',
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
  seeds: 'seeds',
};

export const ALLERGEN_WORDS: Readonly<Record<Allergen, string>> = {
  gluten: 'gluten',
  milk: 'milk',
  egg: 'egg',
  sesame: 'sesame, if the seeds are',
};

export const UNFIT_WORDS: Readonly<Record<Unfit, string>> = {
  tooSour: 'the discard is too sour for it',
  tooLittle: 'too little discard for a batch',
  tooLong: 'takes longer',
  tooWet: 'the discard is too wet for it',
};

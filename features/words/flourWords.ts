import { type FlourKind } from '@core/measure';

export const FLOUR_WORDS: Readonly<Record<FlourKind, string>> = {
  white: 'white',
  strongWhite: 'strong white',
  sifted: 'sifted wheat',
  wholeWheat: 'whole wheat',
  rye: 'rye',
  spelt: 'spelt',
  einkorn: 'einkorn',
  emmer: 'emmer',
  brownRice: 'brown rice',
  buckwheat: 'buckwheat',
  sorghum: 'sorghum',
  teff: 'teff',
  glutenFree: 'gluten-free mix',
};

/** What is known of a flour that is less common; nothing where there is nothing to say. */
export const FLOUR_NOTES: Readonly<Partial<Record<FlourKind, string>>> = {
  sifted: 'Some of the bran is sifted out: between white and whole in pace, rise and thirst.',
  spelt: 'Its gluten is tender: it rises well and sinks sooner than wheat.',
  einkorn: 'It takes little water and its gluten is weak: judge it by bubbles, and catch it early.',
  emmer: 'Much like spelt, a little lower in the rise and sooner past it.',
  brownRice: 'No gluten: it lifts by half at best, thins as it ripens, and smells mild.',
  buckwheat: 'No gluten, quick and earthy. It takes a lot of water and turns grey-brown by itself.',
  sorghum: 'No gluten, mild and steady. Judge it by bubbles and by how far it lifts.',
  teff: 'No gluten, very lively. It is dark by itself, and liquid on top comes early.',
  glutenFree: 'Every mix is its own. Log two or three rises, and its forecast follows yours.',
};

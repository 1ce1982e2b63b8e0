import { type Spoilage } from '@core/journal';
import { type Happening, type Signs, type Verdict, befell, spoilageOf } from '@core/rescue';

/** What a verdict of throwing out means, for each reason; what grows is told in the verdict's own words. */
const OUT_BECAUSE: Readonly<Partial<Record<Spoilage, string>>> = {
  insects:
    'Insects leave eggs and germs in a starter, and they came from somewhere. Keep none of it. If what you saw was glass or soap, the same goes.',
  hardBits: 'A splinter cannot be found by looking, and a sieve does not catch all of them.',
  cleaner: 'Soap and cleaners cannot be washed out of a starter, and are not for eating.',
  food: 'Egg and milk in a warm jar feed germs that a starter’s acid cannot be trusted to keep down.',
  smell:
    'Nothing can be seen; this rests on the smell alone. A mature starter that still smells rotten after a feed is not worth the risk.',
  unsure:
    'Even in good light and with two pairs of eyes it could not be called clean. If you cannot tell, do not bake with it.',
};

/** What helps against each thing that went in. */
const HELPS: Readonly<Partial<Record<Happening, string>>> = {
  salt: 'Salt slows yeast and bacteria alike. A pinch does no harm; a spoonful is washed out by two feeds from a small keep.',
  sugarOrOil:
    'Sugar makes it race and then starve, oil keeps it from rising. Two feeds from a small keep thin them out.',
  wrongFlour:
    'Self-raising flour foams by its baking powder: that is not a rise you can bake with. Bleached flour feeds it badly. Go on with plain, unbleached flour.',
  chlorine:
    'Chlorine goes overnight from an open jug, or with boiling. Chloramine does not: filter that. Ask your waterworks which it is.',
};

/** What a verdict means in this very case. */
export function meansOf(verdict: Verdict, signs: Signs, usual: string): string {
  if (verdict.kind === 'contaminated') return OUT_BECAUSE[spoilageOf(verdict, signs)] ?? usual;
  if (verdict.kind === 'fine' && signs.age === 'unknown')
    return `${usual} If it may be younger than three weeks, see it double several feeds in a row before you bake with it: the first rises are of other microbes.`;
  if (verdict.kind === 'wrongThingIn') {
    const helps = Object.entries(HELPS).filter(([what]) => befell(signs, what as Happening));
    return [usual, ...helps.map(([, text]) => text)].join(' ');
  }
  return usual;
}

/** What else is to be done in this very case. */
export function doesBeside(verdict: Verdict, signs: Signs): readonly string[] {
  if (verdict.kind !== 'contaminated' || spoilageOf(verdict, signs) !== 'insects') return [];
  return [
    'Look through flour, tubs and the whole cupboard: what holds webs, larvae or beetles goes into the bin outside. Vacuum the shelves, and keep new flour in jars that close.',
  ];
}

/** A jar whose lid was tight, before anybody opens it. */
export const PRESSURE = [
  'Do not unscrew it yet. Chill it for an hour or two: cold gas presses less.',
  'Lay a folded cloth over the lid, turn the jar away from your face and from others, and open it a little at a time.',
  'A jar that bulges or has a crack stays closed: put it into a bag, in the cold, and throw it out.',
] as const;

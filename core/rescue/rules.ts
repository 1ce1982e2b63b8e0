import { type Happening, type QuestionId, type Signs, befell, shows } from './signs';

/** What is the matter with a jar, the gravest first. */
export const VERDICTS = [
  'contaminated',
  'killed',
  'tooHot',
  'frozen',
  'smellsRotten',
  'falseRise',
  'tooYoung',
  'neglected',
  'wrongThingIn',
  'hungry',
  'dryCover',
  'tooCold',
  'wrongProportion',
  'weak',
  'underPressure',
  'waiting',
  'fine',
  'cannotTell',
] as const;
export type VerdictKind = (typeof VERDICTS)[number];

/** Three words for how sure a verdict is. */
export type Certainty = 'sure' | 'likely' | 'guess';

/** A rule: whether the signs speak for a verdict, by which answers, and how strongly. */
interface Rule {
  readonly kind: VerdictKind;
  readonly holds: (signs: Signs) => readonly QuestionId[] | null;
  readonly certainty: Certainty;
}

const rule = (
  kind: VerdictKind,
  certainty: Certainty,
  holds: (signs: Signs) => readonly QuestionId[] | null,
): Rule => ({ kind, certainty, holds });

/** Answers that speak for a verdict when all of them are given. */
const when = (condition: boolean, ...because: readonly QuestionId[]) =>
  condition ? because : null;

export const quiet = ({ rise }: Signs): boolean => rise === 'none' || rise === 'some';

const befellAny = (signs: Signs, ...what: readonly Happening[]) =>
  what.some((one) => befell(signs, one));

/** Water or an oven that was hotter than a starter bears, whatever was answered to how hot. */
const heated = (signs: Signs) => befellAny(signs, 'hot', 'hotWater');

/** Liquid under or in a mix that is thin: it has settled, as flour does in water. */
const settledOut = ({ where, texture }: Signs) =>
  (where === 'middle' || where === 'below') && texture === 'runny';

/**
 * Safety first, then harm, then what is too young to be judged, then hunger, then what is only slow. The first rule that
 * holds gives the verdict; the others are told beside it.
 */
export const RULES: readonly Rule[] = [
  rule('contaminated', 'sure', (s) =>
    when(
      shows(s, 'fuzz') || shows(s, 'spots') || shows(s, 'streaks') || shows(s, 'foreign'),
      'surface',
    ),
  ),
  rule('contaminated', 'sure', (s) => when(s.liquid === 'coloured', 'liquid')),
  rule('contaminated', 'sure', (s) =>
    when(befellAny(s, 'cleaner', 'hardBits', 'insects', 'eggOrMilk'), 'happened'),
  ),
  rule('contaminated', 'sure', (s) =>
    when(befell(s, 'froze') && s.glass === 'cracked', 'happened', 'glass'),
  ),
  // A flat white film may be yeast, and a tinge the flour's. Nobody can be sure by eye, so it goes.
  rule('contaminated', 'guess', (s) => when(shows(s, 'film'), 'surface')),
  rule('contaminated', 'guess', (s) =>
    when(
      shows(s, 'tinge') && (s.darkFlour === 'no' || s.darkFlour === 'unknown'),
      'surface',
      'darkFlour',
    ),
  ),
  rule('contaminated', 'guess', (s) =>
    when(
      s.surface === 'unknown' && (s.secondLook === 'unsure' || s.secondLook === 'unknown'),
      'surface',
      'secondLook',
    ),
  ),
  rule('contaminated', 'guess', (s) =>
    when(befell(s, 'froze') && s.glass === 'unknown', 'happened', 'glass'),
  ),
  rule('contaminated', 'likely', (s) =>
    when(s.smell === 'rot' && s.cured === 'stays' && s.age === 'grown', 'smell', 'cured', 'age'),
  ),
  rule('contaminated', 'guess', (s) =>
    when(s.smell === 'rot' && s.cured === 'stays' && s.age === 'unknown', 'smell', 'cured'),
  ),
  rule('killed', 'sure', (s) => when(befell(s, 'hot') && s.heat === 'baked', 'happened', 'heat')),
  rule('killed', 'sure', (s) =>
    when(
      s.heat === 'killed' &&
        !befell(s, 'hotWater') &&
        (s.heatFor === 'hour' || s.heatFor === 'hours'),
      'heat',
      'heatFor',
    ),
  ),
  rule('killed', 'likely', (s) => when(s.heat === 'killed' && !heated(s), 'heat')),
  // The outside of a jar is hot long before its middle, and a keep cools the water it is fed.
  rule('tooHot', 'likely', (s) =>
    when(s.heat === 'killed' || s.heat === 'harmed' || s.heat === 'baked', 'heat'),
  ),
  rule('tooHot', 'likely', (s) =>
    when(s.heat === 'stalled' && (quiet(s) || s.heatFor === 'hours'), 'heat'),
  ),
  rule('tooHot', 'guess', (s) => when(heated(s) && s.heat === 'unknown', 'happened', 'heat')),
  rule('frozen', 'likely', (s) => when(befell(s, 'froze'), 'happened')),
  rule('smellsRotten', 'likely', (s) =>
    when(s.smell === 'rot' && s.cured !== 'gone' && s.age !== 'young', 'smell'),
  ),
  rule('falseRise', 'likely', (s) =>
    when(s.age === 'young' && s.rise === 'doubled', 'age', 'rise'),
  ),
  rule('tooYoung', 'likely', (s) => when(s.age === 'young', 'age')),
  rule('neglected', 'sure', (s) => when(s.unfed === 'months' && s.rise !== 'doubled', 'unfed')),
  rule('neglected', 'likely', (s) => when(s.unfed === 'months', 'unfed')),
  rule('neglected', 'likely', (s) =>
    when(s.unfed === 'weeks' && s.stood !== 'cold' && s.stood !== undefined, 'unfed', 'stood'),
  ),
  rule('neglected', 'likely', (s) =>
    when(
      s.unfed === 'weeks' && (s.liquid === 'dark' || s.smell === 'solvent'),
      'unfed',
      s.liquid === 'dark' ? 'liquid' : 'smell',
    ),
  ),
  rule('neglected', 'likely', (s) =>
    when(s.unfed === 'weeks' && s.rise === 'none', 'unfed', 'rise'),
  ),
  rule('wrongThingIn', 'likely', (s) =>
    when(befellAny(s, 'salt', 'sugarOrOil', 'wrongFlour', 'chlorine'), 'happened'),
  ),
  rule('wrongProportion', 'likely', (s) =>
    when(shows(s, 'liquid') && settledOut(s) && s.unfed !== 'weeks', 'where', 'texture'),
  ),
  rule('hungry', 'sure', (s) =>
    when(
      shows(s, 'liquid') &&
        s.liquid !== undefined &&
        s.liquid !== 'unknown' &&
        !heated(s) &&
        (s.where === 'top' || s.where === undefined),
      'surface',
      'liquid',
    ),
  ),
  rule('hungry', 'likely', (s) => when(s.smell === 'solvent', 'smell')),
  rule('hungry', 'likely', (s) => when(s.unfed === 'weeks', 'unfed')),
  rule('hungry', 'likely', (s) => when(shows(s, 'liquid'), 'surface')),
  rule('dryCover', 'likely', (s) =>
    when(shows(s, 'skin') && s.unfed === 'hours', 'surface', 'unfed'),
  ),
  rule('hungry', 'guess', (s) => when(shows(s, 'skin') && s.unfed !== 'hours', 'surface')),
  rule('hungry', 'guess', (s) => when(s.smell === 'sharp' && s.unfed !== 'hours', 'smell')),
  rule('tooCold', 'likely', (s) =>
    when(quiet(s) && (s.stood === 'cold' || s.stood === 'cool'), 'rise', 'stood'),
  ),
  rule('wrongProportion', 'likely', (s) =>
    when(quiet(s) && (s.texture === 'runny' || s.texture === 'thick'), 'rise', 'texture'),
  ),
  rule('weak', 'likely', (s) =>
    when(befell(s, 'neverDoubles') && s.rise !== 'doubled', 'happened'),
  ),
  rule('underPressure', 'likely', (s) => when(befell(s, 'tightLid'), 'happened')),
  rule('waiting', 'likely', (s) => when(quiet(s) && s.unfed === 'hours', 'rise', 'unfed')),
  rule('fine', 'likely', (s) => when(s.rise === 'doubled', 'rise')),
  rule('fine', 'guess', (s) =>
    when(shows(s, 'nothing') && s.smell === 'fresh' && !quiet(s), 'surface', 'smell'),
  ),
];

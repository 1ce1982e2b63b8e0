/** What can be told of a jar, question by question: the options, each an answer. */
export const SIGNS_OF = {
  /** What happened to it; several things may have. */
  happened: [
    'nothing',
    'hot',
    'hotWater',
    'froze',
    'tightLid',
    'salt',
    'sugarOrOil',
    'eggOrMilk',
    'wrongFlour',
    'chlorine',
    'cleaner',
    'hardBits',
    'insects',
    'neverDoubles',
  ],
  /** On the surface and the glass; several may be there. */
  surface: ['nothing', 'liquid', 'skin', 'tinge', 'fuzz', 'spots', 'streaks', 'film', 'foreign'],
  /** A second look, in better light and with a second pair of eyes, where the first could not tell. */
  secondLook: ['clean', 'unsure'],
  /** Whether there is flour in it that is mauve or brown of itself. */
  darkFlour: ['yes', 'no'],
  /** Whether its glass is whole. */
  glass: ['whole', 'cracked'],
  liquid: ['clear', 'grey', 'dark', 'coloured'],
  amount: ['film', 'finger', 'more'],
  /** Where the liquid stands. */
  where: ['top', 'middle', 'below'],
  age: ['young', 'grown'],
  /** How hot it got, or the water it was fed with. */
  heat: ['none', 'stalled', 'harmed', 'killed', 'baked'],
  heatFor: ['minutes', 'hour', 'hours'],
  smell: ['fresh', 'sharp', 'solvent', 'rot'],
  /** Whether a feed cured a rotten smell. */
  cured: ['notFed', 'gone', 'stays'],
  /** Since the last feed. */
  rise: ['doubled', 'some', 'none'],
  unfed: ['hours', 'days', 'weeks', 'months'],
  stood: ['cold', 'cool', 'room', 'warm'],
  texture: ['usual', 'runny', 'thick'],
} as const;

export type QuestionId = keyof typeof SIGNS_OF;
export type SignAnswer<Q extends QuestionId = QuestionId> = (typeof SIGNS_OF)[Q][number];
export type Surface = SignAnswer<'surface'>;
export type Happening = SignAnswer<'happened'>;

/** Questions to which several answers may be true at once. */
const SEVERAL = ['happened', 'surface'] as const satisfies readonly QuestionId[];
type Several = (typeof SEVERAL)[number];

/** Answered so far. What somebody cannot tell is `unknown`; what was not asked is not there. */
export type Signs = {
  readonly [Q in Exclude<QuestionId, Several>]?: SignAnswer<Q> | 'unknown';
} & { readonly [Q in Several]?: readonly SignAnswer<Q>[] | 'unknown' };

/** Questions in the order in which they are worth asking. */
export const QUESTIONS = Object.keys(SIGNS_OF) as readonly QuestionId[];

export const isSeveral = (question: QuestionId): question is Several =>
  (SEVERAL as readonly QuestionId[]).includes(question);

/** One answer to one question; where several may be true, that one alone. */
export const withAnswer = (signs: Signs, question: QuestionId, answer: string): Signs => ({
  ...signs,
  [question]: isSeveral(question) && answer !== 'unknown' ? [answer] : answer,
});

/** Whether a surface sign was seen. */
export const shows = ({ surface }: Signs, sign: Surface): boolean =>
  Array.isArray(surface) && surface.includes(sign);

/** Whether somebody told that this happened to it. */
export const befell = ({ happened }: Signs, what: Happening): boolean =>
  Array.isArray(happened) && happened.includes(what);

/**
 * What is known and what was told, together: a jar that got hot by accident was hotter than its place, whatever the log knows of that.
 *
 * @example toldBeside({}, { surface: 'clean' }) // = { surface: 'clean' }
 */
export function toldBeside(known: Signs, told: Signs): Signs {
  const { heat: _, ...rest } = known;
  const hot = befell(told, 'hot') || befell(told, 'hotWater');
  return { ...(hot ? rest : known), ...told };
}

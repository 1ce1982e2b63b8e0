/** What can be told of a jar, question by question: the options, each an answer. */
export const SIGNS_OF = {
  /** On the surface and the glass; several may be there. */
  surface: ['nothing', 'liquid', 'skin', 'fuzz', 'spots', 'streaks', 'film', 'foreign'],
  liquid: ['clear', 'grey', 'dark', 'coloured'],
  amount: ['film', 'finger', 'more'],
  /** Where the liquid stands. */
  where: ['top', 'middle', 'below'],
  /** Since the last feed. */
  rise: ['doubled', 'some', 'none'],
  smell: ['fresh', 'sharp', 'solvent', 'rot'],
  /** Whether a feed cured a rotten smell. */
  cured: ['notFed', 'gone', 'stays'],
  unfed: ['hours', 'days', 'weeks', 'months'],
  stood: ['cold', 'cool', 'room', 'warm'],
  heat: ['none', 'stalled', 'harmed', 'killed'],
  age: ['young', 'grown'],
  texture: ['usual', 'runny', 'thick'],
} as const;

export type QuestionId = keyof typeof SIGNS_OF;
export type Answer<Q extends QuestionId = QuestionId> = (typeof SIGNS_OF)[Q][number];
export type Surface = Answer<'surface'>;

/** Answered so far. What somebody cannot tell is `unknown`; what was not asked is not there. */
export type Signs = {
  readonly [Q in Exclude<QuestionId, 'surface'>]?: Answer<Q> | 'unknown';
} & { readonly surface?: readonly Surface[] | 'unknown' };

/** Questions in the order in which they are worth asking. */
export const QUESTIONS = Object.keys(SIGNS_OF) as readonly QuestionId[];

/** One answer to one question; the surface may show several. */
export const withAnswer = (signs: Signs, question: QuestionId, answer: string): Signs => ({
  ...signs,
  [question]: question === 'surface' && answer !== 'unknown' ? [answer] : answer,
});

/** Whether a surface sign was seen. */
export const shows = (signs: Signs, sign: Surface): boolean =>
  Array.isArray(signs.surface) && signs.surface.includes(sign);

/** What can be written down at all, in one place: the journal's shapes, the forms and the verbs keep to it. */

/** Longest name, in letters as a reader counts them; a label holds no more. */
export const NAME_LENGTH = 60;
export const NOTE_LENGTH = 2000;

/** The least that is a weight, and the most of starter or flour that anybody weighs at home, grams. */
export const LEAST_G = 0.01;
export const MOST_WEIGHED_G = 10_000;
/** The most that a tub of flour holds, grams. */
export const MOST_STOCK_G = 50_000;

/** What a jar's card may say: least and most. */
export const CARD_LIMITS = {
  hydrationPct: [40, 250],
  emptyG: [5, 5000],
  capacityMl: [30, 10_000],
  keepG: [1, 2000],
  parts: [0.25, 20],
  taperPct: [30, 200],
  everyH: [2, 2000],
} as const;

/** Steps that one file for calendars can bring and be remembered by. */
export const MOST_SENT_STEPS = 500;

/** What a look can say of a rise, percent of the band. */
export const RISE_PCT = [-80, 900] as const;

import { type Started } from './events';

/** Hours in the middle of a guess: between weeks and months nobody thinks in sums. */
export const guessedHours = (guess: readonly [number, number] | undefined): number =>
  guess === undefined ? 0 : Math.sqrt(Math.max(1, guess[0]) * Math.max(1, guess[1]));

/** From and to so far apart, a guess is none: a few days, or two months. */
const NO_GUESS = 10;

/**
 * Whether nobody knows when a jar was fed last, not even about.
 *
 * @example isAnybodysGuess({ unfedH: [48, 1440] }) // = true
 */
export const isAnybodysGuess = ({ unfedH }: Pick<Started, 'unfedH'>): boolean =>
  unfedH !== undefined && unfedH[1] > NO_GUESS * unfedH[0];

import { type Answer, type JarAtHand, answer, instantOf, isoOf, together } from '../journal';
import { type Instant } from '../measure';
import { look } from './look';

/** A picture as it is kept. */
export interface KeptPicture {
  readonly id: string;
  readonly width: number;
  readonly height: number;
}

/**
 * A picture is put to an entry, or to a jar alone.
 *
 * @param at when it was taken, as far as that is known
 */
export const addPicture = (
  { id, width, height }: KeptPicture,
  to: { readonly jar: string; readonly of?: string },
  at: Instant,
): Answer => answer([{ kind: 'pictured', at: isoOf(at), picture: id, width, height, ...to }]);

/** A look that was read off a picture. */
export interface LookByPicture {
  readonly at: Instant;
  /** Rise by volume, 1 at the band. */
  readonly rise: number;
  readonly picture: KeptPicture;
  /** The id of the look to be: the picture speaks of it. */
  readonly id: string;
}

/**
 * Looks that were read off pictures, each with its picture.
 *
 * @returns objections to `rise` or `at`
 * @example lookByPictures(atHand, [{ at: now, rise: 1.85, picture: { id: 'p', width: 960, height: 1280 }, id: 'l' }])
 */
export const lookByPictures = (atHand: JarAtHand, looks: readonly LookByPicture[]): Answer =>
  together(
    looks.map(({ at, rise, picture, id }) => {
      // The band is in the picture: it is a height of the feed of its own hour, whatever was fed since.
      const { entries, objections } = look(before(atHand, at), { at, rise });
      if (objections) return answer([], objections);
      return together([
        answer(entries.map((entry) => ({ ...entry, id }))),
        addPicture(picture, { jar: atHand.jar.id, of: id }, at),
      ]);
    }),
  );

/** A jar as it is at hand for something that was seen before its last feed. */
const before = (atHand: JarAtHand, at: Instant): JarAtHand =>
  atHand.jar.lastFed && at < instantOf(atHand.jar.lastFed)
    ? { ...atHand, jar: { ...atHand.jar, lastFed: null } }
    : atHand;

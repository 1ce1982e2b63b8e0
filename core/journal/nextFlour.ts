import { type Blend, mixBlends } from '../measure';
import { type Jar } from './fold';

/**
 * How far a change of flour has come: feeds done of how many; null without one, and once it is done.
 *
 * @example flourChange(jar) // e.g. { done: 2, of: 6 }
 */
export function flourChange({ card, fedInChange }: Jar): { done: number; of: number } | null {
  const { change } = card;
  return change && fedInChange < change.feeds ? { done: fedInChange, of: change.feeds } : null;
}

/**
 * The flour of a jar's next feed: its usual one, or on the way to another a little more of that at every feed, so that the
 * cells can follow.
 *
 * @example nextFlour(jar) // e.g. { white: 0.7, rye: 0.3 }
 */
export function nextFlour({ card, fedInChange }: Jar): Blend {
  const { change, flour } = card;
  if (!change) return flour;
  const share = Math.min(1, (fedInChange + 1) / change.feeds);
  return share === 1 ? change.to : mixBlends(flour, 1 - share, change.to, share);
}

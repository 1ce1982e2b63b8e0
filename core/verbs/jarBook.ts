import { type Vessel } from '../ferment';
import {
  type Answer,
  type JarAtHand,
  type JarCard,
  answer,
  isoOf,
  objectionsAtHand,
} from '../journal';
import { type Instant } from '../measure';

/**
 * A starter stands in a clean jar, the same or another.
 *
 * @example rejar(atHand, { emptyG: 300, capacityMl: 750 }).entries
 */
export function rejar(
  atHand: JarAtHand,
  vessel: Vessel = atHand.jar.card.vessel,
  at: Instant = atHand.now,
): Answer {
  const entry = { kind: 'rejarred' as const, jar: atHand.jar.id, at: isoOf(at), vessel };
  return answer([entry], objectionsAtHand(entry, atHand));
}

/** A jar's card is changed. */
export const changeCard = ({ jar, now }: JarAtHand, card: JarCard): Answer =>
  answer([{ kind: 'described', jar: jar.id, at: isoOf(now), card }]);

/** A jar leaves the shelf, or comes back to it. */
export const archive = (atHand: JarAtHand, archived: boolean): Answer =>
  changeCard(atHand, { ...atHand.jar.card, archived });

import { type Vessel } from '../ferment';
import { type Answer, type JarAtHand, type JarCard, answer, isoOf } from '../journal';

/** A jar is put into another place. */
export const move = ({ jar, now }: JarAtHand, place: string): Answer =>
  answer([{ kind: 'moved', jar: jar.id, at: isoOf(now), place }]);

/** A starter stands in a clean jar, the same or another. */
export const rejar = ({ jar, now }: JarAtHand, vessel: Vessel = jar.card.vessel): Answer =>
  answer([{ kind: 'rejarred', jar: jar.id, at: isoOf(now), vessel }]);

/** A jar's card is changed. */
export const changeCard = ({ jar, now }: JarAtHand, card: JarCard): Answer =>
  answer([{ kind: 'described', jar: jar.id, at: isoOf(now), card }]);

/** A jar leaves the shelf, or comes back to it. */
export const archive = (atHand: JarAtHand, archived: boolean): Answer =>
  changeCard(atHand, { ...atHand.jar.card, archived });

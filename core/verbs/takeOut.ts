import {
  type Answer,
  type Destination,
  type JarAtHand,
  type NewEntryOf,
  answer,
  isoOf,
  objectionsAtHand,
} from '../journal';

/**
 * Starter is taken out of a jar, for a bake or to be rid of it.
 *
 * @returns objections to `grams`
 * @example takeOut(atHand, { grams: 80, to: 'bake' })
 */
export function takeOut(
  atHand: JarAtHand,
  { grams, to }: { readonly grams: number; readonly to: Destination },
): Answer {
  const { jar, now } = atHand;
  const entry = takenTo(to, { jar: jar.id, at: isoOf(now), grams });
  return answer([entry], objectionsAtHand(entry, atHand));
}

/** A levain is begun beside the jar: its seed is taken out. */
export const build = (atHand: JarAtHand, { seedG }: { readonly seedG: number }): Answer =>
  takeOut(atHand, { grams: seedG, to: 'bake' });

/** What goes into a dough was taken, all else discarded. */
export const takenTo = (
  to: Destination,
  taken: { readonly jar: string; readonly at: string; readonly grams: number },
): NewEntryOf<'took'> | NewEntryOf<'discarded'> =>
  to === 'bake' ? { kind: 'took', ...taken } : { kind: 'discarded', ...taken, to };

import {
  type Answer,
  type Destination,
  type JarAtHand,
  type NewEntry,
  type NewEntryOf,
  type Objection,
  answer,
  isoOf,
  objectionsAtHand,
} from '../journal';
import { type Instant } from '../measure';

/** Some of what comes out of a jar, and where it goes. */
export interface PartOut {
  readonly grams: number;
  readonly to: Destination;
}

/** Starter that is taken out of a jar. */
export interface TakenOut extends PartOut {
  /** What of it goes elsewhere than `to`. */
  readonly parts?: readonly PartOut[];
  /** When; NaN where it was not given. */
  readonly at?: Instant;
}

/**
 * Starter is taken out of a jar, for a bake or to be rid of it, to one place or to several.
 *
 * @returns objections to `grams`, `parts` or `at`
 * @example takeOut(atHand, { grams: 80, to: 'bake', parts: [{ grams: 10, to: 'animals' }] })
 */
export function takeOut(
  atHand: JarAtHand,
  { grams, to, parts = [], at = atHand.now }: TakenOut,
): Answer {
  const whole = takenTo(to, { jar: atHand.jar.id, at: isoOf(at), grams });
  return answer(sharedOut({ jar: atHand.jar.id, at: isoOf(at) }, grams, to, parts), [
    ...objectionsAtHand(whole, atHand),
    ...partsObjections(grams, parts),
  ]);
}

/** What of an amount has no place of its own yet, grams; less than nothing where the parts are more than there is. */
export const leftOver = (outG: number, parts: readonly PartOut[]): number =>
  Math.round(10 * (outG - parts.reduce((sum, { grams }) => sum + grams, 0))) / 10;

/** What comes out, as it is written down: each part by itself, the rest in one. */
export function sharedOut(
  common: { readonly jar: string; readonly at: string },
  grams: number,
  to: Destination,
  parts: readonly PartOut[],
): readonly NewEntry[] {
  const restG = parts.length === 0 ? grams : leftOver(grams, parts);
  return [
    ...parts
      .filter((part) => part.grams > 0)
      .map((part) => takenTo(part.to, { ...common, grams: part.grams })),
    ...(restG > 0 ? [takenTo(to, { ...common, grams: restG })] : []),
  ];
}

/** What stands against parts of an amount. */
export function partsObjections(outG: number, parts: readonly PartOut[]): readonly Objection[] {
  const object = (message: string) => [{ field: 'parts', message }];
  if (parts.some(({ grams }) => !(grams >= 0))) return object('Give each part in grams.');
  return leftOver(outG, parts) < -0.5
    ? object(`Together that is more than the ${Math.round(outG)} g that come out.`)
    : [];
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

import {
  type Answer,
  type Jar,
  type JarAtHand,
  type NewEntry,
  type NewEntryOf,
  type Objection,
  answer,
  isoOf,
  objectionsAtHand,
} from '../journal';
import { type Instant } from '../measure';
import { type NewBowl, bowlBegun } from './bowlBegun';
import { type OutTo } from './outTo';

/** Some of what comes out of a jar, and where it goes. */
export interface PartOut {
  readonly grams: number;
  readonly to: OutTo;
}

/** Starter that is taken out of a jar. */
export interface TakenOut extends PartOut {
  /** What of it goes elsewhere than `to`. */
  readonly parts?: readonly PartOut[];
  /** When; NaN where it was not given. */
  readonly at?: Instant;
  /** The bowl it goes into, where some of it does. */
  readonly bowl?: NewBowl;
}

/**
 * Starter is taken out of a jar, for a bake or to be rid of it, to one place or to several.
 *
 * @returns objections to `grams`, `parts` or `at`
 * @example takeOut(atHand, { grams: 80, to: 'bake', parts: [{ grams: 10, to: 'animals' }] })
 */
export function takeOut(
  atHand: JarAtHand,
  { grams, to, parts = [], at = atHand.now, bowl }: TakenOut,
): Answer {
  const { jar } = atHand;
  const whole = takenTo(to, { jar: jar.id, at: isoOf(at), grams });
  return answer(sharedOut({ jar, at, bowl }, grams, to, parts), [
    ...objectionsAtHand(whole, atHand),
    ...partsObjections(grams, parts),
  ]);
}

/** What of an amount has no place of its own yet, grams; less than nothing where the parts are more than there is. */
export const leftOver = (outG: number, parts: readonly PartOut[]): number =>
  Math.round(10 * (outG - parts.reduce((sum, { grams }) => sum + grams, 0))) / 10;

/**
 * What comes out, as it is written down: each part by itself, the rest in one, and a bowl for what goes into one.
 *
 * @example sharedOut({ jar, at: now }, 120, 'discardJar', [])
 */
export function sharedOut(
  {
    jar,
    at,
    bowl,
  }: { readonly jar: Jar; readonly at: Instant; readonly bowl?: NewBowl | undefined },
  grams: number,
  to: OutTo,
  parts: readonly PartOut[],
): readonly NewEntry[] {
  const restG = parts.length === 0 ? grams : leftOver(grams, parts);
  const all = [...parts, { grams: restG, to }].filter((part) => part.grams > 0);
  const inBowlG = all.reduce((sum, part) => (part.to === 'bowl' ? sum + part.grams : sum), 0);
  const common = { jar: jar.id, at: isoOf(at) };
  return [
    ...all.map((part) => takenTo(part.to, { ...common, grams: part.grams })),
    ...(bowl && inBowlG > 0 ? [bowlBegun(jar, bowl, inBowlG, at)] : []),
  ];
}

/**
 * What stands against parts of an amount.
 *
 * @example partsObjections(100, []) // = []
 */
export function partsObjections(outG: number, parts: readonly PartOut[]): readonly Objection[] {
  const object = (message: string) => [{ field: 'parts', message }];
  if (parts.some(({ grams }) => !(grams >= 0))) return object('Give each part in grams.');
  return leftOver(outG, parts) < -0.5
    ? object(`Together that is more than the ${Math.round(outG)} g that come out.`)
    : [];
}

/** What goes into a dough or a bowl for one was taken, all else discarded. */
export const takenTo = (
  to: OutTo,
  taken: { readonly jar: string; readonly at: string; readonly grams: number },
): NewEntryOf<'took'> | NewEntryOf<'discarded'> =>
  to === 'bake' || to === 'bowl' ? { kind: 'took', ...taken } : { kind: 'discarded', ...taken, to };

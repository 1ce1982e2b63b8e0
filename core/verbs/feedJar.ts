import { type FeedAmounts } from '../bench';
import {
  type Answer,
  type Jar,
  type JarAtHand,
  type NewEntry,
  type NewEntryOf,
  answer,
  contentOf,
  isoOf,
  objectionsAtHand,
} from '../journal';
import { type OtherFlour, type Tub, feedFlour } from '../larder';
import { type Instant } from '../measure';
import { type NewBowl } from './bowlBegun';
import { instead, movedAt } from './move';
import { type OutTo } from './outTo';
import { type PartOut, partsObjections, sharedOut } from './takeOut';

/** A feed that is to be written down. */
export interface DoneFeed {
  readonly amounts: FeedAmounts;
  /** When; NaN where it was not given. */
  readonly at: Instant;
  /** Where goes what comes out, but for what `parts` say. */
  readonly to: OutTo;
  /** What goes elsewhere. */
  readonly parts?: readonly PartOut[];
  /** The bowl for what goes into one. */
  readonly bowl?: NewBowl;
  /** Where the jar stands then; null where it stands already. */
  readonly place: string | null;
  /** Where it goes after that, and when. */
  readonly then?: { readonly place: string; readonly at: Instant } | null;
  /** Another flour than the jar's own. */
  readonly other?: OtherFlour | null;
  /** Whether it was measured by eye only. */
  readonly rough?: boolean;
}

/** What comes out of a jar when so much is kept, grams. */
export const comesOut = (jar: Jar, keepG: number): number =>
  Math.max(0, Math.round(contentOf(jar).massG) - keepG);

/**
 * A feed: what came out, the feed itself, and a move when the jar goes elsewhere, at once or later. Moves that were still to
 * come give way.
 *
 * @param tubs what its flour may come out of
 * @returns objections to `at`, `keep`, `flour`, `water` or `parts`
 * @example feedJar(atHand, tubs, { amounts: { keepG: 20, flourG: 80, waterG: 80 }, at: now, to: 'discardJar', place: null })
 */
export function feedJar(atHand: JarAtHand, tubs: readonly Tub[], done: DoneFeed): Answer {
  const { jar } = atHand;
  const { amounts, to, place, then = null, parts = [], bowl } = done;
  const common = { jar: jar.id, at: isoOf(done.at) };
  const { flour, tub } = feedFlour(jar, tubs, done.other);
  const fed: NewEntryOf<'fed'> = {
    kind: 'fed',
    ...common,
    ...amounts,
    flour,
    ...(tub && amounts.flourG > 0 ? { tub: tub.id } : {}),
    ...(done.rough ? { rough: true } : {}),
  };
  const outG = comesOut(jar, amounts.keepG);
  const entries: NewEntry[] = [
    ...instead(atHand),
    ...(outG > 0 ? sharedOut({ jar, at: done.at, bowl }, outG, to, parts) : []),
    fed,
    ...(place === null ? [] : [{ kind: 'moved' as const, ...common, place }]),
    ...(then ? [movedAt(atHand, then.place, then.at)] : []),
  ];
  return answer(entries, [...objectionsAtHand(fed, atHand), ...partsObjections(outG, parts)]);
}

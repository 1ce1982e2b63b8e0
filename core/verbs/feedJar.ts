import { type FeedAmounts } from '../bench';
import {
  type Answer,
  type Destination,
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
import { takenTo } from './takeOut';

/** A feed that is to be written down. */
export interface DoneFeed {
  readonly amounts: FeedAmounts;
  /** When; NaN where it was not given. */
  readonly at: Instant;
  /** Where goes what comes out. */
  readonly to: Destination;
  /** Where the jar stands then; null where it stands already. */
  readonly place: string | null;
  /** Another flour than the jar's own. */
  readonly other?: OtherFlour | null;
}

/** What comes out of a jar when so much is kept, grams. */
export const comesOut = (jar: Jar, keepG: number): number =>
  Math.max(0, Math.round(contentOf(jar).massG) - keepG);

/**
 * A feed: what came out, the feed itself, and a move when the jar goes elsewhere.
 *
 * @param tubs what its flour may come out of
 * @returns objections to `at`, `keep`, `flour` or `water`
 * @example feedJar(atHand, tubs, { amounts: { keepG: 20, flourG: 80, waterG: 80 }, at: now, to: 'discardJar', place: null })
 */
export function feedJar(atHand: JarAtHand, tubs: readonly Tub[], done: DoneFeed): Answer {
  const { jar } = atHand;
  const { amounts, to, place } = done;
  const common = { jar: jar.id, at: isoOf(done.at) };
  const { flour, tub } = feedFlour(jar, tubs, done.other);
  const fed: NewEntryOf<'fed'> = {
    kind: 'fed',
    ...common,
    ...amounts,
    flour,
    ...(tub ? { tub: tub.id } : {}),
  };
  const outG = comesOut(jar, amounts.keepG);
  const entries: NewEntry[] = [
    ...(outG > 0 ? [takenTo(to, { ...common, grams: outG })] : []),
    fed,
    ...(place === null ? [] : [{ kind: 'moved' as const, ...common, place }]),
  ];
  return answer(entries, objectionsAtHand(fed, atHand));
}

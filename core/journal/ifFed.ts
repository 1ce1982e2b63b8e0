import { type PaceBelief, type Place } from '../ferment';
import { type Blend, type Instant } from '../measure';
import { type FoldContext, type Jar, withEvent } from './fold';
import { SKETCHED, type Standing, outlookOf, standingAt } from './standing';

/** A feed that might be given: whole grams, and where the jar would stand. */
export interface PossibleFeed {
  readonly at: Instant;
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly flour: Blend;
  /** As warm as it would be then, which need not be as it is. */
  readonly place: Place;
}

/** The place of a possible feed, beside the kitchen's own. */
const THERE = ' if fed';

/**
 * What becomes of a jar that is fed so: how it would stand right after the feed, with its outlook.
 *
 * @param hours how far to look, from the feed
 * @example ifFed(jar, { at: now, keepG: 20, flourG: 40, waterG: 40, flour: { white: 1 }, place }, context, belief, 48).outlook
 */
export function ifFed(
  jar: Jar,
  { at, keepG, flourG, waterG, flour, place }: PossibleFeed,
  context: FoldContext,
  belief: PaceBelief,
  hours: number,
): Standing {
  const when = new Date(at).toISOString();
  const there = { ...place, id: THERE };
  const places = new Map(context.places).set(THERE, {
    arranged: [{ kind: 'arranged', id: THERE, at: when, place: there }],
    measured: [],
  });
  const possible = { ...context, places };
  const event = { id: THERE, jar: jar.id, at: when };
  const fed = withEvent(jar, { ...event, kind: 'fed', keepG, flourG, waterG, flour }, possible)!;
  const standsThere = { ...fed, stays: [{ from: at, place: THERE }] };
  return standingAt(
    standsThere,
    outlookOf(standsThere, possible, hours, belief, SKETCHED),
    possible,
    at,
  );
}

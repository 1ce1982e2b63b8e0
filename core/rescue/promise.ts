import { HOUR, type Instant } from '../measure';
import { type Foretold } from './foretell';
import { type Programme } from './programmes';

/** What can be promised of a programme: more feeds, and the days by which it is well, from and to. */
export interface Promised {
  readonly feeds: readonly [number, number];
  readonly at: readonly [Instant, Instant];
}

/** No model knows what is left alive: it may take so much less or more. */
const LESS = 0.75;
const MORE = 1.35;

/**
 * A range around what the model foretells, that never contradicts what keepers report of the programme.
 *
 * @param given feeds of the programme so far
 * @example promiseOf(foretell(begun, jar, events, context, now, how), programme, 3).feeds
 */
export function promiseOf({ feeds, at }: Foretold, programme: Programme, given: number): Promised {
  const [fewest, most] = programme.usualFeeds;
  const wait = programme.feeds[programme.feeds.length - 1]!.waitH;
  const foretold = feeds.length;
  const low = Math.max(1, Math.floor(LESS * foretold), Math.min(fewest - given, foretold + fewest));
  const high = Math.max(low + 1, Math.ceil(MORE * foretold), Math.min(most - given, low + 4));
  const begins = feeds[0]?.at ?? at;
  /** So many feeds at the programme's own rhythm, and the last has doubled. */
  const whenDone = (count: number): Instant =>
    begins + ((count - 1) * wait + programme.inTimeH) * HOUR;
  return { feeds: [low, high], at: [whenDone(low), whenDone(high)] };
}

import { DAY, type Instant, MINUTE } from '../measure';
import { type JarEvent, instantOf, isPromise } from './events';
import { type Jar } from './fold';
import { LEAST_G, MOST_WEIGHED_G } from './limits';
import { EARLIEST } from './shape';

/** Something that keeps an entry out of the journal: which field, and what to tell the baker. */
export interface Objection {
  readonly field: string;
  readonly message: string;
}

/** Nobody knows further ahead when a jar is to be moved. */
const FARTHEST_PROMISE = 14 * DAY;

/** Clocks of two devices may differ by so much. */
const CLOCK_SLACK = 2 * 60_000;

/**
 * What is wrong with a new entry for a jar, given its earlier ones; empty when nothing is. Shapes and types are the
 * schema's business: this is what only the journal can know.
 *
 * @example objectionsTo(fed, jar, earlier, now).map(({ field }) => field) // e.g. ['keep']
 */
export function objectionsTo(
  event: JarEvent,
  jar: Jar | null,
  earlier: readonly JarEvent[],
  now: Instant,
): readonly Objection[] {
  const at = instantOf(event);
  const found: Objection[] = [];
  const object = (field: string, message: string) => found.push({ field, message });

  const promised = isPromise(event);
  found.push(...timeObjections(at, promised ? Infinity : now));
  if (promised) {
    if (at > now + FARTHEST_PROMISE) object('at', 'A move can be set two weeks ahead at most.');
  } else if (found.length === 0 && jar && event.kind !== 'started' && at < jar.started)
    object('at', `${jar.card.name} was not in the kitchen yet at that time.`);

  switch (event.kind) {
    case 'fed':
      if (earlier.some((e) => e.kind === 'fed' && Math.abs(instantOf(e) - at) < MINUTE))
        object('at', 'There is already a feed at this minute.');
      found.push(...weightObjections('keep', event.keepG));
      // A ball is fed flour alone, a stiff mix water alone; nothing at all is no feed.
      if (event.flourG !== 0 || event.waterG === 0)
        found.push(...weightObjections('flour', event.flourG));
      if (event.waterG !== 0) found.push(...weightObjections('water', event.waterG));
      break;
    case 'looked':
      if (jar?.lastFed && at < instantOf(jar.lastFed))
        object(
          'at',
          'That is before the last feed, when the band was somewhere else. Give a time after it, or log the look without a height.',
        );
      break;
    case 'weighed':
      found.push(...weightObjections('grams', event.grams));
      break;
    case 'took':
    case 'discarded':
    case 'pouredOff':
    case 'drying':
      found.push(...weightObjections('grams', event.grams));
      if (jar && event.grams > jar.massG + 0.5)
        object('grams', `There are only about ${Math.round(jar.massG)} g in the jar.`);
      break;
    case 'backedUp':
      found.push(...weightObjections('grams', event.grams));
      if (jar && event.takenG > jar.massG + 0.5)
        object('takenG', `There are only about ${Math.round(jar.massG)} g in the jar.`);
      break;
    case 'thrownOut':
    case 'programmeBegun':
    case 'programmeEnded':
    case 'backupUsed':
    case 'backupTended':
    case 'backupDeclined':
    case 'started':
    case 'moved':
    case 'noted':
    case 'baked':
    case 'pictured':
    case 'described':
    case 'rejarred':
      break;
  }
  return found;
}

/**
 * What is wrong with the hour of something that was done; one that cannot be read comes as NaN.
 *
 * @example timeObjections(NaN, 0).length // = 1
 */
export function timeObjections(at: Instant, now: Instant): readonly Objection[] {
  const object = (message: string) => [{ field: 'at', message }];
  if (Number.isNaN(at)) return object('Give a day and a time.');
  if (at < EARLIEST) return object('Check the year: that is before 1990.');
  return at > now + CLOCK_SLACK
    ? object('That is still to come. Give a time that has passed.')
    : [];
}

/**
 * What is wrong with a weight on the scale, grams; blank comes as NaN.
 *
 * @example weightObjections('water', 40) // = []
 */
export function weightObjections(field: string, grams: number): readonly Objection[] {
  if (Number.isNaN(grams)) return [{ field, message: 'Give a weight: 80, 3 oz or ½ cup will do.' }];
  if (grams < LEAST_G) return [{ field, message: 'More than nothing, please.' }];
  if (grams > MOST_WEIGHED_G)
    return [{ field, message: 'That is more than ten kilograms. Check the number.' }];
  return [];
}

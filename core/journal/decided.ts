import { DAY, type Instant, type ZoneSince, isZone } from '../measure';
import { type Away, type LetBe, type Zoned, instantOf } from './events';
import { type HandsPattern, USUAL_HANDS, withHands } from './hands';
import { type Log } from './log';
import { type Settings } from './settings';
import { type PlanChoice } from './vocabulary';

/** A bake that levain is wanted for, as it stands now. */
export interface Bake {
  readonly id: string;
  readonly name: string;
  readonly jar: string;
  readonly levainG: number;
  readonly from: Instant;
  readonly until: Instant;
}

/** A stretch in which nobody is there; its id is its entry's. */
export interface Trip {
  readonly id: string;
  readonly from: Instant;
  readonly until: Instant;
}

/** A stretch in which a jar is left alone, but for one moment if there is one. */
export interface LeftAlone {
  readonly jar: string;
  readonly from: Instant;
  readonly until: Instant;
  readonly butAt: Instant | null;
}

/** The bakes that are wanted, by their hours: of each wish the last word, unless it was dropped since. */
export function bakesOf(log: Log): readonly Bake[] {
  const bakes = new Map<string, { readonly bake: Bake; readonly said: Instant }>();
  for (const event of log.of('wished')) {
    const { wish: id, name, jar, what } = event;
    const bake = {
      id,
      name,
      jar,
      levainG: what.levainG,
      from: Date.parse(what.from),
      until: Date.parse(what.until),
    };
    bakes.set(id, { bake, said: instantOf(event) });
  }
  for (const dropped of log.of('wishDropped')) {
    const known = bakes.get(dropped.wish);
    if (known && known.said <= instantOf(dropped)) bakes.delete(dropped.wish);
  }
  return [...bakes.values()].map(({ bake }) => bake).sort((a, b) => a.from - b.from);
}

/** When hands are there. */
export const handsOf = (log: Log): HandsPattern =>
  log.of('handsAre').reduce((hands, { hands: change }) => withHands(hands, change), USUAL_HANDS);

/** Trips and nights away, by their beginnings. */
export const tripsOf = (log: Log): readonly Trip[] =>
  log
    .of('away')
    .map(({ id, from, until }: Away) => ({ id, from: Date.parse(from), until: Date.parse(until) }))
    .sort((a, b) => a.from - b.from);

/** A step that was put off is old news after so long. */
const FORGOTTEN = 60 * DAY;

/** Jars left alone: a later word takes the place of earlier ones that it overlaps. */
export function leftAloneOf(log: Log, now: Instant): readonly (LeftAlone & { id: string })[] {
  let left: (LeftAlone & { id: string })[] = [];
  for (const event of log.of('letBe')) {
    const stretch = leftAlone(event);
    if (stretch.until < now - FORGOTTEN) continue;
    left = [...left.filter((other) => !overlap(other, stretch)), stretch];
  }
  return left.sort((a, b) => a.from - b.from);
}

const leftAlone = ({ id, jar, from, until, butAt }: LetBe) => ({
  id,
  jar,
  from: Date.parse(from),
  until: Date.parse(until),
  butAt: butAt === null ? null : Date.parse(butAt),
});

/** Whether two stretches are of one jar and share time. */
export const overlap = (a: LeftAlone, b: LeftAlone): boolean =>
  a.jar === b.jar && a.until > b.from && a.from < b.until;

/** Which of the plans offered is followed; null while none is. */
export const followedChoice = (log: Log): PlanChoice | null =>
  log.of('planFollowed').at(-1)?.plan ?? null;

/** How the kitchen likes things: what was said last, field by field. */
export const settingsOf = (log: Log, usual: Settings): Settings =>
  log.of('settled').reduce((settled, { settings }) => ({ ...settled, ...settings }), usual);

/**
 * The zones a kitchen has been in, in order; a kitchen that moved keeps the hours of its past.
 *
 * @param fallback the zone of a kitchen that never said
 */
export function zonesOf(zoned: readonly Zoned[], fallback: string): readonly ZoneSince[] {
  let zones: readonly ZoneSince[] = [{ from: -Infinity, zone: fallback }];
  for (const { at, zone, always } of zoned) {
    if (!isZone(zone)) continue;
    const from = Date.parse(at);
    if (always) zones = [{ from: -Infinity, zone }];
    else if (zones.at(-1)!.zone !== zone)
      zones = [...zones.filter((earlier) => earlier.from < from), { from, zone }];
  }
  return zones;
}

import { DAY, type Instant, type KitchenTime, type ZoneSince, instantAt, isZone } from '../measure';
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
  /** It takes discard or whatever can be spared, ripe or not. */
  readonly anything?: true;
  /** The wish that it comes back by, and how often. */
  readonly series?: { readonly wish: string; readonly weeks: number };
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

/** Wishes that come back are told so far ahead: as far as plans look, and a day. */
const TOLD_AHEAD = 15 * DAY;
/** One that was wanted is still told so long after, ms. */
const TOLD_AFTER = DAY;

/**
 * The bakes that are wanted, by their hours: of each wish the last word, unless it was dropped since. One that comes back stands
 * there once for each time in the days ahead, by the kitchen's own clock; each can be changed or dropped by itself.
 *
 * @example bakesOf(logOf(journal, now), now, time).at(0)?.from
 */
export function bakesOf(log: Log, now: Instant, time: KitchenTime): readonly Bake[] {
  const bakes = new Map<string, Told>();
  for (const event of log.of('wished')) {
    const { wish: id, name, jar, what, every } = event;
    bakes.set(id, {
      said: instantOf(event),
      weeks: every?.weeks ?? null,
      bake: {
        id,
        name,
        jar,
        levainG: what.levainG,
        from: Date.parse(what.from),
        until: Date.parse(what.until),
        ...(what.anything ? { anything: true } : {}),
      },
    });
  }
  const dropped = new Map<string, Instant>();
  for (const event of log.of('wishDropped')) {
    const at = instantOf(event);
    dropped.set(event.wish, Math.max(at, dropped.get(event.wish) ?? at));
  }
  const stands = ({ bake: { id }, said }: Told) => !((dropped.get(id) ?? -Infinity) >= said);
  return [...bakes.values()]
    .filter((told) => stands(told))
    .flatMap((told): readonly Bake[] =>
      told.weeks === null
        ? [told.bake]
        : comingBack(told, now, time).filter(({ id }) => !bakes.has(id) && !dropped.has(id)),
    )
    .sort((a, b) => a.from - b.from);
}

/** A wish as it was last told. */
interface Told {
  readonly bake: Bake;
  readonly said: Instant;
  /** It comes back after so many weeks; null for one that does not. */
  readonly weeks: number | null;
}

/** A wish that comes back, once for each time in the days ahead. */
function comingBack({ bake, weeks }: Told, now: Instant, time: KitchenTime): readonly Bake[] {
  const apart = weeks! * 7 * DAY;
  const local = bake.from + time.offset(bake.from);
  const width = bake.until - bake.from;
  const first = Math.max(0, Math.floor((now - TOLD_AFTER - bake.until) / apart));
  const all: Bake[] = [];
  for (let k = first; ; k++) {
    const from = instantAt(local + k * apart, time);
    if (from > now + TOLD_AHEAD) return all;
    if (from + width < now - TOLD_AFTER) continue;
    const day = new Date(local + k * apart).toISOString().slice(0, 10);
    all.push({
      ...bake,
      id: `${bake.id} ${day}`,
      from,
      until: from + width,
      series: { wish: bake.id, weeks: weeks! },
    });
  }
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

/**
 * Jars left alone: a later word takes the place of earlier ones that it overlaps.
 *
 * @example leftAloneOf(logOf([], now), now) // []
 */
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
 * @example zonesOf([], 'Europe/Lisbon') // = [{ from: -Infinity, zone: 'Europe/Lisbon' }]
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

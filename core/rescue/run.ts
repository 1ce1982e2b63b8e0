import { growthRate } from '../ferment';
import {
  type Fed,
  type JarEvent,
  type Looked,
  type ProgrammeBegun,
  type Smell,
  instantOf,
  risenTo,
} from '../journal';
import { type Blend, DAY, HOUR, type Instant, doubledHeight, highest } from '../measure';
import { PROGRAMME, type PlannedFeed, type Programme } from './programmes';

/** A feed of a programme that was given, and what was seen of it. */
export interface RunFeed {
  readonly at: Instant;
  readonly flour: Blend;
  /** When the next one was given; null for the last. */
  readonly until: Instant | null;
  /** Hours after which somebody saw it doubled (or lifted as far as its flour lifts); null when nobody did. */
  readonly doubledH: number | null;
  readonly peakedH: number | null;
  /** The highest that was seen, against the band; null when nobody looked. */
  readonly highest: number | null;
  readonly smell: Smell | null;
  /** Doubled by then is in time, in the warmth it stands in. */
  readonly inTimeH: number;
}

/** How a programme goes, against its usual course. `notSeen`: nobody looked, so nobody knows. */
export type Headway = 'tooSoon' | 'early' | 'onTime' | 'late' | 'none' | 'notSeen';

/** A programme under way, as the log tells it. */
export interface Run {
  readonly programme: Programme;
  readonly begunAt: Instant;
  readonly day: number;
  readonly feeds: readonly RunFeed[];
  /** Feeds it had before those. */
  readonly feedsSoFar: number;
  /** The last feeds in a row that doubled in time; two are needed. */
  readonly doublings: number;
  /** The last smells in a row that were right; two are needed. */
  readonly goodSmells: number;
  readonly progress: Headway;
  /** How many times longer everything takes where it stands than in a room, from 1 to 2. */
  readonly slower: number;
  /** The last feeds in a row that did not double, as far as somebody looked. */
  readonly misses: number;
  /** Rose when other microbes do, in a new starter's first days: no reason to bake. */
  readonly falseRise: boolean;
  /** `well` through both gates; `useBackup` when its time is up. */
  readonly verdict: 'going' | 'well' | 'useBackup';
}

/** Both gates have to be passed so often. */
export const GATES = 2;

/** Pleasant or plainly sour; the others are of hunger or of strangers. */
const GOOD_SMELLS: ReadonlySet<Smell> = new Set(['yoghurt', 'fruit', 'vinegar', 'wetFlour']);

const STANDARD_CELSIUS = 24;
const ROOM_CELSIUS = 20;
/** A peak is higher than another by so much when nobody's eye is to blame. */
const RISEN_BY = 0.04;
/** A rise below this is none, and below this share of the way only a beginning. */
const LEAST_RISE = 1.15;

/**
 * The programme a jar is in by its events, oldest first; null when it is in none.
 *
 * @example begunProgramme([]) // = null
 */
export function begunProgramme(events: readonly JarEvent[]): ProgrammeBegun | null {
  const last = events.findLast(
    (event) => event.kind === 'programmeBegun' || event.kind === 'programmeEnded',
  );
  return last?.kind === 'programmeBegun' ? last : null;
}

/** How a programme was begun, or joined on its way. */
export type Begun = Pick<ProgrammeBegun, 'programme' | 'at' | 'day' | 'feedsSoFar' | 'own'>;

/** When its first day was: before it was joined, if it was. */
export const begunSince = ({ at, day = 1 }: Begun): Instant => Date.parse(at) - (day - 1) * DAY;

/**
 * The programme as it is followed: with the baker's own feeds and flour, where those were given.
 *
 * @example programmeOf(begun).warmth
 */
export function programmeOf({ programme, own }: Begun): Programme {
  const usual = PROGRAMME[programme];
  if (!own) return usual;
  const feeds = own.map(({ keepG, flourG, waterG, everyH }): PlannedFeed => ({
    keep: keepG,
    flour: flourG / keepG,
    water: waterG / keepG,
    waitH: everyH,
  }));
  return { ...usual, feeds, medicine: null };
}

/**
 * Whole hours by which a feed should have doubled where it stands: quicker when warm, slower when cool.
 *
 * @example inTimeHours({ inTimeH: 8 }, 20) >= inTimeHours({ inTimeH: 8 }, 26) // = true
 */
export function inTimeHours({ inTimeH }: Programme, celsius: number): number {
  const slower =
    growthRate('yeast', STANDARD_CELSIUS) / Math.max(1e-3, growthRate('yeast', celsius));
  return Math.round(inTimeH * Math.min(2, Math.max(0.8, slower)));
}

/** Below the warmth of a room everything takes longer: feeds wait, and so does patience. */
function slowedBy(celsius: number): number {
  const slower = growthRate('yeast', ROOM_CELSIUS) / Math.max(1e-3, growthRate('yeast', celsius));
  return Math.min(2, Math.max(1, slower));
}

/** Each of the last peaks stood higher than the one before: it is coming back, however slowly. */
function isRising(feeds: readonly RunFeed[]): boolean {
  const peaks = feeds.flatMap(({ highest }) => (highest === null ? [] : [highest])).slice(-3);
  return (
    peaks.length >= 2 &&
    peaks[peaks.length - 1]! > LEAST_RISE &&
    peaks.every((peak, i) => i === 0 || peak > peaks[i - 1]! + RISEN_BY)
  );
}

/**
 * A programme as the log tells it.
 *
 * @param celsiusAt the air where the jar stood at an instant
 * @example runOf(begun, events, now, () => 26).feeds
 */
export function runOf(
  begun: Begun,
  events: readonly JarEvent[],
  now: Instant,
  celsiusAt: (at: Instant) => number,
): Run {
  const programme = programmeOf(begun);
  const begunAt = begunSince(begun);
  const since = events.filter((event) => instantOf(event) >= begunAt);
  const given = since.filter((event): event is Fed => event.kind === 'fed');
  const looks = since.filter((event): event is Looked => event.kind === 'looked');
  const feeds = given.map((fed, i) =>
    runFeed(programme, fed, given[i + 1] ?? null, looks, celsiusAt),
  );
  const day = Math.floor((now - begunAt) / DAY) + 1;
  const trusted = feeds.filter(({ at }) => at - begunAt >= (programme.falseUntilDay - 1) * DAY);
  const doublings = lastInARow(
    trusted.filter((feed) => feed.until !== null || feed.doubledH !== null),
    ({ doubledH, inTimeH }) => doubledH !== null && doubledH <= inTimeH,
  );
  const smells = feeds.flatMap(({ smell }) => (smell === null ? [] : [smell]));
  const goodSmells = lastInARow(smells, (smell) => GOOD_SMELLS.has(smell));
  const everDoubled = trusted.some(({ doubledH }) => doubledH !== null);
  const days = (now - begunAt) / DAY;
  const well = doublings >= GATES && goodSmells >= GATES;
  // Before its first feed a jar stands where it was neglected, which tells nothing of the programme's warmth.
  const last = feeds[feeds.length - 1];
  const slower = last
    ? slowedBy(mean([0, 0.3, 0.6, 0.9].map((part) => celsiusAt(now - part * (now - last.at)))))
    : 1;
  const patient = everDoubled || isRising(feeds);
  const timeIsUp =
    days >= programme.longestDays * slower || (days >= programme.patienceDays * slower && !patient);
  return {
    programme,
    begunAt,
    day,
    feeds,
    feedsSoFar: begun.feedsSoFar ?? 0,
    doublings: Math.min(GATES, doublings),
    goodSmells: Math.min(GATES, goodSmells),
    progress: progressOf(programme, feeds, doublings, now),
    slower,
    misses: lastInARow(
      feeds.filter(({ until, highest }) => until !== null && highest !== null),
      ({ doubledH }) => doubledH === null,
    ),
    falseRise:
      trusted.length < feeds.length &&
      trusted.length === 0 &&
      feeds.some(({ highest }) => (highest ?? 0) > LEAST_RISE + 0.2),
    verdict: well ? 'well' : timeIsUp ? 'useBackup' : 'going',
  };
}

function runFeed(
  programme: Programme,
  fed: Fed,
  next: Fed | null,
  looks: readonly Looked[],
  celsiusAt: (at: Instant) => number,
): RunFeed {
  const at = instantOf(fed);
  const until = next ? instantOf(next) : null;
  const seen = looks.filter((look) => {
    const when = instantOf(look);
    // A look in the minute of the feed was before it.
    return when > at && when <= (until ?? Infinity);
  });
  const hoursOf = (look: Looked | undefined) =>
    look === undefined ? null : (instantOf(look) - at) / HOUR;
  const enough = doubledHeight(fed.flour);
  const doubled = seen.find((look) => look.sign === 'doubled' || risenTo(look) >= enough - 0.02);
  const heights = seen.flatMap((look) => {
    const height = look.sign === 'doubled' ? enough : risenTo(look);
    return height > 0 ? [height] : [];
  });
  const air = [0, 3, 6, 9].map((h) => celsiusAt(at + h * HOUR));
  return {
    at,
    flour: fed.flour,
    until,
    doubledH: doubled ? doubledHours(seen, doubled, enough, hoursOf) : null,
    peakedH: hoursOf(seen.find(({ sign }) => sign === 'peaked' || sign === 'fallen')),
    highest: heights.length > 0 ? highest(heights) : null,
    smell: seen.findLast(({ smell }) => smell !== undefined)?.smell ?? null,
    inTimeH: inTimeHours(programme, mean(air)),
  };
}

/** When it doubled: as it was seen; by a streak alone, half way from the look before. */
function doubledHours(
  seen: readonly Looked[],
  doubled: Looked,
  enough: number,
  hoursOf: (look: Looked | undefined) => number | null,
): number {
  const hours = hoursOf(doubled)!;
  const told = doubled.sign === 'doubled' || (doubled.height ?? 0) >= enough - 0.02;
  return told ? hours : (hours + (hoursOf(seen[seen.indexOf(doubled) - 1]) ?? 0)) / 2;
}

const mean = (of: readonly number[]): number => of.reduce((sum, one) => sum + one, 0) / of.length;

/** A feed has had its chance after so long, hours. */
const CHANCE_H = 20;

function progressOf(
  { usualFeeds, falseUntilDay }: Programme,
  feeds: readonly RunFeed[],
  doublings: number,
  now: Instant,
): Headway {
  const judged = feeds.filter(
    ({ at, until, doubledH }) => doubledH !== null || until !== null || now - at >= CHANCE_H * HOUR,
  );
  if (judged.length === 0) return 'tooSoon';
  const first = judged.findIndex(
    ({ doubledH, inTimeH }) => doubledH !== null && doubledH <= inTimeH,
  );
  if (doublings > 0 && falseUntilDay === 0 && first + 1 < usualFeeds[0]) return 'early';
  if (doublings > 0) return first + 1 > usualFeeds[1] ? 'late' : 'onTime';
  const lately = judged.slice(-2);
  if (lately.every(({ highest }) => highest === null)) return 'notSeen';
  // A new starter is silent for days: that is no bad sign.
  const quiet = lately.every(({ highest }) => (highest ?? 0) < LEAST_RISE);
  if (quiet && judged.length > usualFeeds[0] / 2) return 'none';
  return judged.length >= usualFeeds[1] ? 'late' : 'onTime';
}

function lastInARow<T>(items: readonly T[], good: (item: T) => boolean): number {
  const bad = items.findLastIndex((item) => !good(item));
  return items.length - 1 - bad;
}

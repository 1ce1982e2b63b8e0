import { forecast, momentAt } from '../ferment';
import {
  type Fed,
  type FoldContext,
  type Jar,
  type JarEvent,
  type Looked,
  type Smell,
  airWhere,
  conditionsOf,
  isoOf,
  standsIn,
  withEvent,
} from '../journal';
import { type Blend, HOUR, type Instant, highest } from '../measure';
import { type NextFeed, nextFeed } from './nextFeed';
import { type Begun, begunSince, runOf } from './run';

/** A feed as it is expected to go. */
export interface ForetoldFeed {
  readonly at: Instant;
  readonly until: Instant;
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  /** Hours until it has doubled; null when it does not before the next feed. */
  readonly doublesH: number | null;
  /** Height against the band by instants. */
  readonly heights: readonly (readonly [Instant, number])[];
}

/** How the model expects a programme to go on, and to end. */
export interface Foretold {
  /** What stands in the jar now, followed to the next feed: heights by instants. */
  readonly present: readonly (readonly [Instant, number])[];
  readonly feeds: readonly ForetoldFeed[];
  readonly ends: 'well' | 'useBackup';
  readonly at: Instant;
}

/** A programme is done long before. */
const MOST_FEEDS = 60;
/** A feed is followed for so long, hours: the longest wait of any programme, once and a half. */
const FOLLOWED = 72;
const DRAWN_EVERY = 1.5;

/**
 * Plays a programme to its end against the model: every feed when and as the programme asks for it, every look as the model
 * sees the jar. What was really logged so far counts as it is.
 *
 * @param jar as it stands; what is logged of it is in `events`
 * @param celsiusAt the air where it will stand
 * @example foretell(begun, jar, events, context, now, { flour: { rye: 1 }, celsiusAt: () => 26 }).at
 */
export function foretell(
  begun: Begun,
  jar: Jar,
  events: readonly JarEvent[],
  context: FoldContext,
  now: Instant,
  {
    flour,
    hands = [],
    celsiusAt,
  }: {
    readonly flour: Blend;
    readonly hands?: readonly { readonly from: Instant; readonly until: Instant }[];
    readonly celsiusAt: (at: Instant) => number;
  },
): Foretold {
  const feeds: ForetoldFeed[] = [];
  let present: Foretold['present'] = [];
  let played = [...events];
  let state = jar;
  let at = now;
  // What stands in the jar now is followed from here on; what was seen of it stays as it was.
  if (begunFed(begun, events)) played = [...played, ...expectedLooks(state, context, now)];
  for (let n = 0; n < MOST_FEEDS; n++) {
    const { verdict } = runOf(begun, seenBy(played, at), at, celsiusAt);
    if (verdict !== 'going') return { present, feeds, ends: verdict, at };
    const step = stepAfter(begun, played, state.massG, at, celsiusAt, hands);
    if (n === 0) present = followed(state, context, state.since, Math.max(step.at, now)).heights;
    const ended = runOf(begun, seenBy(played, step.at), step.at, celsiusAt);
    if (ended.verdict === 'well')
      return { present, feeds, ends: 'well', at: endOf(played, at, step.at) };
    if (ended.verdict === 'useBackup') return { present, feeds, ends: 'useBackup', at: step.at };
    // The first may be due at once; after that nobody feeds twice within the hour.
    at = Math.max(step.at, n === 0 ? now : at + HOUR);
    const fed: Fed = {
      kind: 'fed',
      id: `foretold ${n}`,
      jar: jar.id,
      at: new Date(at).toISOString(),
      keepG: step.keepG,
      flourG: step.flourG,
      waterG: step.waterG,
      flour,
    };
    state = withEvent(state, fed, context)!;
    // Looks that were foretold for later than this feed never happen.
    played = [...seenBy(played, at), fed];
    const looks = expectedLooks(state, context, at);
    const next = stepAfter(begun, [...played, ...looks], state.massG, at, celsiusAt, hands);
    feeds.push({ ...step, at, ...followed(state, context, at, next.at) });
    played = [...played, ...looks];
  }
  return { present, feeds, ends: 'useBackup', at };
}

/**
 * A programme played to its end, one that is under way or one that would begin now, with its jar put where it should stand.
 *
 * @param begunAt when it began; null for one that would begin now
 * @param place where the jar is to stand from its next feed on; where it stands, when not given
 * @example foretellIn({ programme: 'daily', begunAt: null }, jar, events, context, now, { flour: { rye: 1 } }).ends
 */
export function foretellIn(
  {
    programme,
    begunAt,
  }: { readonly programme: Begun['programme']; readonly begunAt: string | null },
  jar: Jar,
  events: readonly JarEvent[],
  context: FoldContext,
  now: Instant,
  {
    place = standsIn(jar),
    ...rest
  }: {
    readonly flour: Blend;
    readonly hands?: readonly { readonly from: Instant; readonly until: Instant }[];
    readonly place?: string | undefined;
  },
): Foretold {
  const moved: readonly JarEvent[] =
    place === standsIn(jar)
      ? []
      : [{ kind: 'moved', id: 'to be moved', jar: jar.id, at: isoOf(now), place }];
  const there = moved.reduce<Jar>((state, event) => withEvent(state, event, context)!, jar);
  const seen = begunAt === null ? [] : events;
  const begun = { programme, at: begunAt ?? isoOf(now) };
  const celsiusAt = airWhere([...events, ...moved], context);
  return foretell(begun, there, seen, context, now, { ...rest, celsiusAt });
}

/** The next feed: its hour waits for a peak that is foretold, its amounts are by what will have been seen by then. */
function stepAfter(
  begun: Begun,
  played: readonly JarEvent[],
  massG: number,
  at: Instant,
  celsiusAt: (at: Instant) => number,
  hands: readonly { readonly from: Instant; readonly until: Instant }[],
): NextFeed {
  const due = nextFeed(runOf(begun, played, at, celsiusAt), massG, at, hands);
  const when = Math.max(due.at, at);
  const seen = runOf(begun, seenBy(played, when), when, celsiusAt);
  return { ...nextFeed(seen, massG, when, hands), at: due.at, because: due.because };
}

const begunFed = (begun: Begun, events: readonly JarEvent[]) =>
  events.some((event) => event.kind === 'fed' && Date.parse(event.at) >= begunSince(begun));

const seenBy = (events: readonly JarEvent[], at: Instant) =>
  events.filter((event) => Date.parse(event.at) <= at);

/** When the last evidence came in, between the last feed and what would have been the next. */
function endOf(events: readonly JarEvent[], from: Instant, until: Instant): Instant {
  const seen = events.flatMap((event) => {
    const when = Date.parse(event.at);
    return event.kind === 'looked' && when >= from && when <= until ? [when] : [];
  });
  return seen.length > 0 ? highest(seen) : until;
}

/** Looks at a feed when it has doubled, when it stands highest, and after a day, as the model sees it from `now` on. */
function expectedLooks(jar: Jar, context: FoldContext, now: Instant): readonly Looked[] {
  const outlook = forecast(
    jar.fedMix,
    conditionsOf(jar, context),
    FOLLOWED + (now - jar.since) / HOUR,
  );
  const look = (hours: number | null, seen: Partial<Looked>): readonly Looked[] => {
    const when = hours === null ? NaN : jar.since + hours * HOUR;
    if (Number.isNaN(when) || when <= Math.max(now, jar.since)) return [];
    const moment = momentAt(outlook.curve, hours!);
    return [
      {
        kind: 'looked',
        id: `expected ${when}`,
        jar: jar.id,
        at: new Date(when).toISOString(),
        height: moment.height,
        smell: smellOf(moment.hunger, moment.ph),
        ...seen,
      },
    ];
  };
  return [
    ...look(outlook.doublesAtH, {}),
    ...look(outlook.peaksAtH, outlook.peakHeight > 1.3 ? { sign: 'peaked' } : {}),
    ...look(22, {}),
  ].toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** Starved long it smells of solvent, sour of vinegar; before, of yoghurt. */
function smellOf(hunger: number, ph: number): Smell {
  if (hunger > 36) return 'solvent';
  return ph < 3.8 ? 'vinegar' : 'yoghurt';
}

function followed(
  jar: Jar,
  context: FoldContext,
  at: Instant,
  until: Instant,
): Pick<ForetoldFeed, 'until' | 'doublesH' | 'heights'> {
  const hours = Math.max(1, (until - at) / HOUR);
  const { curve, doublesAtH } = forecast(jar.fedMix, conditionsOf(jar, context), hours);
  let drawn = -Infinity;
  const heights: (readonly [Instant, number])[] = [];
  for (const { hours: h, height } of curve)
    if (h - drawn >= DRAWN_EVERY || h >= hours - 1e-6) {
      heights.push([at + h * HOUR, height]);
      drawn = h;
    }
  return {
    until,
    doublesH: doublesAtH,
    heights,
  };
}

/**
 * Heights since an instant, by instants: every feed as the model follows it from what was really in the jar.
 *
 * @param events of the jar, oldest first
 * @example heightsSince(now - 2 * DAY, events, context, now).at(-1)
 */
export function heightsSince(
  from: Instant,
  events: readonly JarEvent[],
  context: FoldContext,
  now: Instant,
): readonly (readonly [Instant, number])[] {
  const heights: (readonly [Instant, number])[] = [];
  let state: Jar | null = null;
  const follow = (until: Instant) => {
    if (!state || until <= Math.max(from, state.since)) return;
    const { heights: curve } = followed(state, context, state.since, until);
    for (const point of curve) if (point[0] >= from && point[0] <= until) heights.push(point);
  };
  for (const event of events) {
    const at = Date.parse(event.at);
    if (at > now) break;
    if (event.kind === 'fed') follow(at);
    state = withEvent(state, event, context);
  }
  follow(now);
  return heights;
}

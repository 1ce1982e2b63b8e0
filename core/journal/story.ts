import { HOUR, type Instant, MINUTE } from '../measure';
import { firstIdOf } from './entry';
import { type Fed, type JarEvent, instantOf, risenTo } from './events';

/** A feed with what was done for it and what was seen of it within a day and a half; or what belongs to no feed. */
export interface Chapter {
  readonly jar: string;
  /** When its feed was; without one, when its first entry was. */
  readonly at: Instant;
  readonly fed: Fed | null;
  /** Oldest first, its feed among them. */
  readonly entries: readonly JarEvent[];
}

/** How far a feed rose by what was logged: the highest of its looks, and hours until then. */
export interface Rise {
  /** Against the band, 1 at the band. */
  readonly height: number;
  /** Null where only the streak on the glass tells of it: nobody knows when. */
  readonly hours: number | null;
}

/** What comes out of a jar so shortly before a feed comes out for it. */
const ONE_VISIT = 15 * MINUTE;

/** What is seen of a feed later than this is told where it was seen, ms. */
const OF_ITS_FEED = 36 * HOUR;

/** What belongs to no feed is told together for so long, ms. */
const TOGETHER = 12 * HOUR;

/** They belong to the feed they prepare. */
const BEFORE_A_FEED: ReadonlySet<JarEvent['kind']> = new Set([
  'took',
  'discarded',
  'pouredOff',
  'weighed',
  'rejarred',
]);

/** They tell of the jar, whatever feed it is at. */
const BY_ITSELF: ReadonlySet<JarEvent['kind']> = new Set([
  'started',
  'described',
  'thrownOut',
  'programmeBegun',
  'programmeEnded',
  'drying',
  'backedUp',
  'backupUsed',
  'backupTended',
  'backupDeclined',
]);

/**
 * The entries of one jar told feed by feed.
 *
 * @param events of one jar, oldest first
 * @returns chapters in order of their first entries; every entry stands in exactly one
 * @example storyOf([]) // = []
 */
export function storyOf(events: readonly JarEvent[]): readonly Chapter[] {
  interface Draft {
    readonly jar: string;
    readonly fed: Fed | null;
    readonly entries: JarEvent[];
  }
  const chapters: Draft[] = [];
  /** Which chapter holds what others may speak of. */
  const holding = new Map<string, Draft>();
  const put = (chapter: Draft, event: JarEvent) => {
    chapter.entries.push(event);
    if (event.kind === 'took' || event.kind === 'looked') holding.set(firstIdOf(event), chapter);
  };
  let current: Draft | null = null;
  for (const event of events) {
    const told = holding.get(spokenOf(event) ?? '');
    // How a bake turned out, and a picture of a look, stand with what they tell of.
    if (told) {
      told.entries.push(event);
      continue;
    }
    if (BY_ITSELF.has(event.kind)) {
      chapters.push({ jar: event.jar, fed: null, entries: [event] });
      continue;
    }
    if (event.kind === 'fed' || !current || isLate(event, current)) {
      const fed = event.kind === 'fed' ? event : null;
      const before: JarEvent[] = [];
      while (fed && current && belongsTo(fed, current.entries.at(-1)))
        before.unshift(current.entries.pop()!);
      if (current?.entries.length === 0) chapters.splice(chapters.indexOf(current), 1);
      current = { jar: event.jar, fed, entries: [] };
      for (const moved of before) put(current, moved);
      chapters.push(current);
    }
    put(current, event);
  }
  return chapters.map((chapter) => ({
    ...chapter,
    at: instantOf(chapter.fed ?? chapter.entries[0]!),
  }));
}

/** The entry that another one speaks of, by the id that one first had. */
const spokenOf = (event: JarEvent): string | undefined =>
  event.kind === 'baked' || event.kind === 'pictured' ? event.of : undefined;

const isLate = (event: JarEvent, { fed, entries }: Pick<Chapter, 'fed' | 'entries'>): boolean =>
  instantOf(event) - instantOf(fed ?? entries[0]!) > (fed ? OF_ITS_FEED : TOGETHER);

const belongsTo = (fed: Fed, last: JarEvent | undefined): boolean =>
  last !== undefined &&
  BEFORE_A_FEED.has(last.kind) &&
  instantOf(fed) - instantOf(last) <= ONE_VISIT;

/**
 * How far a chapter's feed was seen to rise; null where nobody saw it above the band.
 *
 * @example riseOf({ fed: null, entries: [] }) // = null
 */
export function riseOf({ fed, entries }: Chapter): Rise | null {
  if (!fed) return null;
  let rise: Rise | null = null;
  for (const event of entries) {
    if (event.kind !== 'looked' || risenTo(event) <= (rise?.height ?? 1)) continue;
    const streakOnly = (event.height ?? 0) < (event.streak ?? 0);
    rise = {
      height: risenTo(event),
      hours: streakOnly ? null : (instantOf(event) - instantOf(fed)) / HOUR,
    };
  }
  return rise;
}

import {
  type Baked,
  type JarEvent,
  type JournalEvent,
  type Pictured,
  type Took,
  instantOf,
} from './events';
import { firstIdOf } from './entry';
import { type Chapter, riseOf } from './story';

/** A bake by what went into it: the levain that was taken, the feed it came from, and how it turned out. */
export interface PastBake {
  readonly took: Took;
  /** What was said of it last; null where nobody has. */
  readonly outcome: Baked | null;
  /** How far the feed behind it was seen to rise, 1 at the band; null where nobody looked. */
  readonly rise: number | null;
  /** The feed behind it. */
  readonly chapter: Chapter;
}

/** How bakes turned out, by the entry that took their levain: what is said last of one counts. */
const outcomesIn = (events: readonly JarEvent[]): ReadonlyMap<string, Baked> =>
  new Map(events.flatMap((event) => (event.kind === 'baked' ? [[event.of, event] as const] : [])));

/** What was said last of how something turned out that was taken for a bake; null where nobody has. */
export const outcomeOf = (took: Pick<Took, 'id' | 'corrects'>, events: readonly JarEvent[]) =>
  outcomesIn(events).get(firstIdOf(took)) ?? null;

/** The pictures that belong to an entry, oldest first. */
export const picturesOf = (
  entry: Pick<JarEvent, 'id' | 'corrects'>,
  events: readonly JarEvent[],
): readonly Pictured[] =>
  events.filter(
    (event): event is Pictured => event.kind === 'pictured' && event.of === firstIdOf(entry),
  );

/**
 * The bakes of one jar, newest first. What was taken to begin a bowl with is no bake: the bowl's levain is.
 *
 * @param chapters of the jar
 * @param begun the instants at which bowls were begun from it
 * @example bakesIn(storyOf(events), events).at(0)?.took.at
 */
export function bakesIn(
  chapters: readonly Chapter[],
  events: readonly JarEvent[],
  begun: ReadonlySet<number> = new Set(),
): readonly PastBake[] {
  const outcomes = outcomesIn(events);
  let before: Chapter | null = null;
  const bakes = chapters.flatMap((chapter) => {
    const feedBefore = before;
    if (chapter.fed) before = chapter;
    return chapter.entries.flatMap((took): readonly PastBake[] => {
      if (took.kind !== 'took' || begun.has(instantOf(took))) return [];
      // What is taken before a feed was still of the feed before.
      const own = chapter.fed && instantOf(took) > instantOf(chapter.fed) ? chapter : null;
      const of = own ?? feedBefore ?? chapter;
      const outcome = outcomes.get(firstIdOf(took)) ?? null;
      return [{ took, outcome, rise: riseOf(of)?.height ?? null, chapter: of }];
    });
  });
  return bakes.sort((a, b) => instantOf(b.took) - instantOf(a.took));
}

/**
 * The instants at which bowls were begun from each jar: what was taken then went into them.
 *
 * @example bowlsBegun([]) // = new Map()
 */
export function bowlsBegun(
  live: readonly JournalEvent[],
): ReadonlyMap<string, ReadonlySet<number>> {
  const begun = new Map<string, Set<number>>();
  for (const event of live)
    if (event.kind === 'started' && event.card.bowl && event.from !== undefined)
      begun.set(event.from, (begun.get(event.from) ?? new Set()).add(instantOf(event)));
  return begun;
}

import { type Chapter, type JarEvent, type JournalEvent, firstIdOf, storyOf } from '@core/journal';

import { createSelector } from './memo';
import { selectEventsByJar } from './selectors';

/** Of each jar's entries: the same entries are the same story. */
const stories = new WeakMap<readonly JarEvent[], readonly Chapter[]>();

function storyFrom(events: readonly JarEvent[]): readonly Chapter[] {
  const known = stories.get(events);
  if (known) return known;
  const story = storyOf(events);
  stories.set(events, story);
  return story;
}

/** What happened in the kitchen feed by feed, newest first. */
export const selectChapters = createSelector([selectEventsByJar], (byJar): readonly Chapter[] =>
  [...byJar.values()].flatMap(storyFrom).sort((a, b) => b.at - a.at),
);

/** What an entry was before it was put right, newest first. */
export function formerEntries(
  journal: readonly JournalEvent[],
  event: JarEvent,
): readonly JarEvent[] {
  if (event.corrects === undefined) return [];
  const first = firstIdOf(event);
  const former = (other: JournalEvent): other is JarEvent =>
    other.kind === event.kind && firstIdOf(other) === first && other.id !== event.id;
  return journal.filter(former).reverse();
}

import legacy from '@react-native-async-storage/async-storage';

import { type JournalEvent, isEntry } from '@core/journal';

import { type KitchenName } from './shelf';
import { type BenchDrafts, benchDraftsFrom } from '../benchDraft';
import { deviceZone } from '../deviceZone';
import { parsed } from './pages';

/** What the first version of the application left in the browser's other store. It stays there as it is. */
export interface MovedIn {
  readonly events: readonly JournalEvent[];
  readonly bad: readonly string[];
  readonly bench: BenchDrafts;
}

/** Reads a kitchen of the first version; null where there is none. */
export async function movedIn(name: KitchenName, now: number): Promise<MovedIn | null> {
  const at = (part: string) =>
    legacy.getItem(part).then(
      (text) => text,
      () => null,
    );
  const journal = await at(`ombrello/${name}/journal`);
  if (journal === null) return null;
  const events: JournalEvent[] = [];
  const bad: string[] = [];
  const [header = '', ...lines] = journal.split('\n');
  if (!header.startsWith('ombrello-journal-1')) lines.unshift(header);
  for (const line of lines) {
    if (line.trim() === '') continue;
    const entry = parsed(line);
    if (isEntry(entry, now)) events.push(entry);
    else bad.push(line);
  }
  const aside = parsed(await at(`ombrello/${name}/set-aside`)) as { lines?: unknown } | null;
  if (Array.isArray(aside?.lines))
    for (const line of aside.lines) if (typeof line === 'string') bad.push(line);
  // Fetched late: few have such a kitchen, and all load what opens one.
  const { entriesOfFirstVersion } = await import('@core/formats/firstVersion');
  const moved = entriesOfFirstVersion({
    events,
    settings: parsed(await at('ombrello/settings')),
    plan: parsed(await at(`ombrello/${name}/plan`)),
    dough: parsed(await at(`ombrello/${name}/dough`)),
    zone: deviceZone(),
    at: new Date(now).toISOString(),
    now,
  });
  const bench = benchDraftsFrom(parsed(await at(`ombrello/${name}/bench`)));
  return {
    events: moved.events,
    bad,
    bench: Object.fromEntries(
      Object.entries(bench).map(([jar, draft]) => [
        moved.jar(jar),
        { ...draft, place: draft.place === null ? null : moved.place(draft.place) },
      ]),
    ),
  };
}

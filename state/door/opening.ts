import { type JournalEvent, isEntry } from '@core/journal';

import { type BenchDrafts } from '../benchDraft';
import { type LearntByJar } from '../learntBook';
import { type Troubles } from '../troubleAnswers';
import { DAMAGED, type SetAside, asideFrom, stored, toSetAside } from './aside';
import { type KeptFolds, type KeptPlan, readCaches } from './caches';
import { readDrafts } from './drafts';
import { movedIn } from './movingIn';
import { FULL_PAGE, pageText, parsed, readPage } from './pages';
import {
  type KitchenName,
  asidePrefix,
  freshName,
  logPrefix,
  movedKey,
  read,
  shelf,
} from './shelf';

/** Entries that are sound, but of a time that is still to come by this device's clock: most likely that clock is wrong. */
export interface Later {
  readonly entries: number;
  /** When the last of them happened, ISO 8601. */
  readonly last: string;
}

/** A kitchen as it comes out of the store. */
export interface FromStore {
  readonly name: KitchenName;
  readonly events: readonly JournalEvent[];
  /** All that was ever set aside. */
  readonly setAside: readonly SetAside[];
  /** So many lines of that were set aside just now, of those that nothing brings back by itself. */
  readonly damaged: number;
  /** What waits aside for a later clock. */
  readonly later: Later | null;
  /** Whether some of the journal was written by a newer version. */
  readonly newer: boolean;
  readonly drafts: { readonly bench: BenchDrafts; readonly trouble: Troubles };
  readonly learnt: LearntByJar;
  readonly folds: KeptFolds | null;
  readonly plan: KeptPlan | null;
}

/**
 * Reads a kitchen. What cannot be read is set aside in the same stroke in which its page is written without it: when that
 * fails, the page stays as it was. Data of the first version is brought over once.
 *
 * @throws when the store itself cannot be read
 */
export async function readKitchen(name: KitchenName, now: number): Promise<FromStore> {
  const keys = (await shelf.getAllKeys()).filter((key) => key.startsWith(`${name}/`)).sort();
  const logKeys = keys.filter((key) => key.startsWith(logPrefix(name)));
  const asideKeys = keys.filter((key) => key.startsWith(asidePrefix(name)));
  const old =
    logKeys.length === 0 && !keys.includes(movedKey(name)) ? await movedIn(name, now) : null;
  const texts = await read([...logKeys, ...asideKeys]);

  const events = new Map<string, JournalEvent>();
  const take = (found: readonly JournalEvent[]) => {
    for (const event of found) if (!events.has(event.id)) events.set(event.id, event);
  };
  const mended: Record<string, string> = {};
  let setAside = asideKeys.flatMap((key) => {
    const text = texts.get(key);
    return text === undefined ? [] : [asideFrom(key, text)];
  });
  let newer = false;
  const bad: string[] = [];
  for (const key of logKeys) {
    const text = texts.get(key);
    if (text === undefined) continue;
    const page = readPage(text, now);
    newer ||= page.newer;
    take(page.events);
    if (page.bad.length === 0) continue;
    for (const line of page.bad) bad.push(line);
    mended[key] = pageText(page.events);
  }
  if (old) {
    take(old.events);
    for (const line of old.bad) bad.push(line);
    Object.assign(mended, pagesOf(name, old.events), { [movedKey(name)]: '1' });
  }
  if (bad.length > 0) {
    const { item, key, text } = toSetAside(name, bad, DAMAGED);
    mended[key] = text;
    setAside = [...setAside, item];
  }
  const back = readableAgain(setAside, events, now);
  if (back.events.length > 0) {
    take(back.events);
    setAside = back.setAside;
    Object.assign(mended, pagesOf(name, back.events));
    for (const item of back.changed) {
      const { key, text } = stored(name, item);
      mended[key] = text;
    }
  }
  if (Object.keys(mended).length > 0) await shelf.setMany(mended).catch(() => undefined);

  const caches = await readCaches(name, keys);
  return {
    name,
    events: [...events.values()],
    setAside: setAside.filter(({ lines }) => lines.length > 0),
    damaged: bad.filter((line) => !isSound(line)).length,
    later: laterOf(setAside),
    newer,
    drafts: await readDrafts(name, keys, old?.bench ?? {}),
    ...caches,
  };
}

/** Whether a line is an entry at whatever hour. */
const isSound = (line: string): boolean => isEntry(parsed(line), Infinity);

function laterOf(setAside: readonly SetAside[]): Later | null {
  const hours = setAside
    .filter(({ byHand, quiet }) => !byHand && !quiet)
    .flatMap(({ lines }) => lines.map(parsed))
    .flatMap((entry) => (isEntry(entry, Infinity) ? [entry.at] : []))
    .sort();
  const last = hours.at(-1);
  return last === undefined ? null : { entries: hours.length, last };
}

/**
 * What waits aside for a later clock is told no more: its hour is wrong, not the clock's.
 *
 * @throws when the store cannot be read or written
 */
export async function leaveLaterAside(name: KitchenName): Promise<void> {
  const keys = (await shelf.getAllKeys()).filter((key) => key.startsWith(asidePrefix(name)));
  const texts = await read(keys);
  const left = [...texts]
    .map(([key, text]) => asideFrom(key, text))
    .filter(({ lines }) => lines.some(isSound))
    .map((item) => stored(name, { ...item, quiet: true }));
  await shelf.setMany(Object.fromEntries(left.map(({ key, text }) => [key, text])));
}

/** Entries on full pages, ready to be written. */
export function pagesOf(
  name: KitchenName,
  events: readonly JournalEvent[],
): Readonly<Record<string, string>> {
  const pages: Record<string, string> = {};
  for (let i = 0; i < events.length; i += FULL_PAGE)
    pages[`${logPrefix(name)}${freshName()}.${String(i / FULL_PAGE).padStart(5, '0')}`] = pageText(
      events.slice(i, i + FULL_PAGE),
    );
  return pages;
}

/** Lines set aside that this version can read: an older one met entries it did not know. */
function readableAgain(
  setAside: readonly SetAside[],
  known: ReadonlyMap<string, JournalEvent>,
  now: number,
): {
  readonly events: readonly JournalEvent[];
  readonly setAside: SetAside[];
  readonly changed: readonly SetAside[];
} {
  const events: JournalEvent[] = [];
  const changed: SetAside[] = [];
  const left = setAside.map((item) => {
    if (item.byHand) return item;
    const lines = item.lines.filter((line) => {
      const entry = parsed(line);
      if (!isEntry(entry, now)) return true;
      if (!known.has(entry.id)) events.push(entry);
      return false;
    });
    if (lines.length === item.lines.length) return item;
    const shorter = { ...item, lines };
    changed.push(shorter);
    return shorter;
  });
  return { events, setAside: left, changed };
}

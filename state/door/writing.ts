import { type JournalEvent } from '@core/journal';

import { type SetAside, stored } from './aside';
import { dropCaches } from './caches';
import { pagesOf } from './opening';
import { OPEN_PAGE, pageText, readPage } from './pages';
import { type KitchenName, freshName, logPrefix, read, shelf } from './shelf';
import { tellTabs } from './tabs';

/**
 * Writes the journal of one kitchen, for as long as the page lives. Every page of the store is written by one tab only, so
 * that tabs need no turns and cannot undo each other; a reader puts the pages together.
 */
export interface Writer {
  /**
   * Writes entries behind those written before.
   * @throws when they could not be written; they may be given again
   */
  write(events: readonly JournalEvent[]): Promise<void>;
}

export function writerFor(kitchen: KitchenName): Writer {
  let key = logPrefix(kitchen) + freshName();
  let written: readonly JournalEvent[] = [];
  let last: Promise<unknown> = Promise.resolve();
  const put = async (pages: Readonly<Record<string, string>>) => {
    try {
      await shelf.setMany(pages);
    } catch {
      // What can be worked out anew gives way to what cannot.
      await dropCaches(kitchen);
      await shelf.setMany(pages);
    }
    tellTabs({ kitchen, pages: Object.keys(pages) });
  };
  const writeNow = async (events: readonly JournalEvent[]) => {
    if (events.length > OPEN_PAGE) return put(pagesOf(kitchen, events));
    const full = written.length + events.length > OPEN_PAGE;
    const nextKey = full ? logPrefix(kitchen) + freshName() : key;
    const next = full ? events : [...written, ...events];
    await put({ [nextKey]: pageText(next) });
    key = nextKey;
    written = next;
  };
  return {
    write(events) {
      const mine = last.then(() => writeNow(events));
      last = mine.catch(() => undefined);
      return mine;
    },
  };
}

/** Entries on some pages, as another tab wrote them. */
export async function readPages(
  keys: readonly string[],
  now: number,
): Promise<readonly JournalEvent[]> {
  const texts = await read(keys);
  return [...texts.values()].flatMap((text) => readPage(text, now).events);
}

/** So many short pages are put together. */
const MANY = 12;

/**
 * Puts short pages together, some time after a kitchen was opened: each visit leaves one. The whole is written before the
 * parts go, and a tab that still writes one of the parts writes it again; so nothing can be lost, at worst kept twice.
 */
export async function tidyPages(kitchen: KitchenName, now: number): Promise<void> {
  const keys = (await shelf.getAllKeys())
    .filter((key) => key.startsWith(logPrefix(kitchen)))
    .sort();
  const short = keys.filter((key) => !key.includes('.'));
  if (short.length < MANY) return;
  const texts = await read(short);
  const events = new Map<string, JournalEvent>();
  const tidied: string[] = [];
  for (const [key, text] of texts) {
    const page = readPage(text, now);
    // What is damaged or newer is not touched here.
    if (page.newer || page.bad.length > 0) continue;
    tidied.push(key);
    for (const event of page.events) events.set(event.id, event);
  }
  await shelf.setMany(pagesOf(kitchen, [...events.values()]));
  await shelf.removeMany(tidied);
}

/**
 * Keeps what was set aside elsewhere and came with a file.
 * @throws when there is no room
 */
export const setAsideInto = async (
  kitchen: KitchenName,
  items: readonly SetAside[],
): Promise<void> => {
  if (items.length === 0) return;
  const texts = items.map((item) => stored(kitchen, item));
  await shelf.setMany(Object.fromEntries(texts.map(({ key, text }) => [key, text])));
};

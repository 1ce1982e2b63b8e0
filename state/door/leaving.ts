import { type JournalEvent } from '@core/journal';

import { type Drafts, draftText } from './drafts';
import { pageText, parsed } from './pages';
import { type KitchenName, STORE_NAME, draftPrefix, freshName, logPrefix, shelf } from './shelf';
import { tabNameNow } from './tabs';

/**
 * The store takes some milliseconds to write, and a page that is left is not given them. What it had not written by then is
 * put down here at one stroke, and the next page to open writes it before it reads anything.
 */
const PREFIX = `${STORE_NAME}/left/`;
const NOTE = PREFIX + freshName();

/** Texts by their keys in the store; null for what is to go. */
type Left = Readonly<Record<string, string | null>>;

/**
 * Puts down entries and half-filled forms that are not in the store yet.
 * @returns false when there is no room, or the browser has no such thing
 */
export function leaveBehind(
  kitchen: KitchenName,
  events: readonly JournalEvent[],
  drafts: Drafts | null,
): boolean {
  const tab = tabNameNow();
  const left: Left = {
    ...(events.length > 0 && { [logPrefix(kitchen) + freshName()]: pageText(events) }),
    ...(drafts && tab && { [draftPrefix(kitchen) + tab]: draftText(drafts) }),
  };
  try {
    localStorage.setItem(NOTE, JSON.stringify(left));
    return true;
  } catch {
    return false;
  }
}

/** Writes what pages that were left had not written. What cannot be written stays for the next time. */
export async function takeUpWhatWasLeft(): Promise<void> {
  for (const [note, left] of notes()) {
    const gone = Object.keys(left).filter((key) => left[key] === null);
    const texts = Object.entries(left).filter((pair): pair is [string, string] => pair[1] !== null);
    try {
      if (texts.length > 0) await shelf.setMany(Object.fromEntries(texts));
      if (gone.length > 0) await shelf.removeMany(gone);
      localStorage.removeItem(note);
    } catch {
      // It is still there.
    }
  }
}

/** All notes, the oldest first. A browser may forbid to look. */
function notes(): readonly (readonly [note: string, left: Left])[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(PREFIX))
      .sort()
      .map((key) => [key, leftFrom(parsed(localStorage.getItem(key)))] as const);
  } catch {
    return [];
  }
}

/** Only what belongs into a journal or among forms; both are checked again when they are read. */
function leftFrom(raw: unknown): Left {
  const mayBe = (['own', 'demo'] as const).flatMap((name) => [logPrefix(name), draftPrefix(name)]);
  return Object.fromEntries(
    Object.entries((raw ?? {}) as Record<string, unknown>).filter(
      (pair): pair is [string, string | null] =>
        (typeof pair[1] === 'string' || pair[1] === null) &&
        mayBe.some((prefix) => pair[0].startsWith(prefix)),
    ),
  );
}

import { type JournalEvent } from '@core/journal';

import { deviceNotes, whenNoteIsPut } from '../platform';
import { type Drafts, draftText } from './drafts';
import { pageText, parsed } from './pages';
import { type KitchenName, STORE_NAME, draftPrefix, freshName, logPrefix, shelf } from './shelf';
import { type Told, tabNameNow, tellTabs } from './tabs';

/**
 * The store takes some milliseconds to write, and a page that is left is not given them. What it had not written by then is
 * put down here at one stroke, and the next page to open writes it before it reads anything.
 */
const PREFIX = `${STORE_NAME}/left/`;
const NOTE = PREFIX + freshName();
/** Whether this page has put something down. */
let putDown = false;

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
    deviceNotes.put(NOTE, JSON.stringify(left));
    putDown = true;
    return true;
  } catch {
    return false;
  }
}

/** The page was not left after all, or was come back to: it writes for itself again, and what it put down would be old by then. */
export function stayedAfterAll(): void {
  if (putDown) deviceNotes.remove(NOTE);
  putDown = false;
}

/**
 * Writes what pages that were left had not written, the oldest first, and tells the other tabs of it. What cannot be written
 * stays for the next time.
 *
 * @returns what the other tabs are told
 */
export async function takeUpWhatWasLeft(): Promise<readonly Told[]> {
  const taken: Told[] = [];
  for (const note of deviceNotes.keys(PREFIX)) {
    const left = leftFrom(parsed(deviceNotes.read(note)));
    const gone = Object.keys(left).filter((key) => left[key] === null);
    const texts = Object.entries(left).filter((pair): pair is [string, string] => pair[1] !== null);
    try {
      if (texts.length > 0) await shelf.setMany(Object.fromEntries(texts));
      if (gone.length > 0) await shelf.removeMany(gone);
      deviceNotes.remove(note);
      for (const kitchen of KITCHENS) {
        const pages = texts.map(([key]) => key).filter((key) => key.startsWith(logPrefix(kitchen)));
        if (pages.length > 0) taken.push({ kitchen, pages });
      }
    } catch {
      // It is still there.
    }
  }
  taken.forEach(tellTabs);
  return taken;
}

/** Calls whenever a page is left with something that it had not written. @returns a function that stops it */
export const whenSomethingIsLeft = (then: () => void): (() => void) => whenNoteIsPut(PREFIX, then);

const KITCHENS = ['own', 'demo'] as const satisfies readonly KitchenName[];

/** Only what belongs into a journal or among forms; both are checked again when they are read. */
function leftFrom(raw: unknown): Left {
  const mayBe = KITCHENS.flatMap((name) => [logPrefix(name), draftPrefix(name)]);
  return Object.fromEntries(
    Object.entries((raw ?? {}) as Record<string, unknown>).filter(
      (pair): pair is [string, string | null] =>
        (typeof pair[1] === 'string' || pair[1] === null) &&
        mayBe.some((prefix) => pair[0].startsWith(prefix)),
    ),
  );
}

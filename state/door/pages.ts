import { isEntry, type JournalEvent } from '@core/journal';
import { fingerprint } from '@core/measure';

/** First line of a page: the format with its version, and a sum over the rest. */
const FORMAT = 'ombrello-log-';
const VERSION = 2;

/** Entries on a page that is still being written; on one that is full. */
export const OPEN_PAGE = 500;
export const FULL_PAGE = 2000;

/** A page of the journal as text: a header, then an entry a line. One damaged line costs one entry. */
export function pageText(events: readonly JournalEvent[]): string {
  const body = events.map((event) => JSON.stringify(event)).join('\n');
  return `${FORMAT}${VERSION} ${fingerprint([body])}\n${body}`;
}

export interface PageRead {
  readonly events: readonly JournalEvent[];
  /** Lines that are no entries. */
  readonly bad: readonly string[];
  /** It was written by a newer version, and is left as it is. */
  readonly newer: boolean;
}

/** A page from text. Every entry is checked, sound sum or not: a sum only says that nothing was changed since. */
export function readPage(text: string, now: number): PageRead {
  const cut = text.indexOf('\n');
  const header = cut < 0 ? text : text.slice(0, cut);
  const body = cut < 0 ? '' : text.slice(cut + 1);
  const [format = '', sum] = header.split(' ');
  const version = format.startsWith(FORMAT) ? Number(format.slice(FORMAT.length)) : NaN;
  if (version > VERSION) return { events: [], bad: [], newer: true };
  const lines = body.split('\n').filter((line) => line.trim() !== '');
  const whole = sum === fingerprint([body]) ? together(lines) : null;
  const items = whole ?? lines.map(parsed);
  const events: JournalEvent[] = [];
  const bad: string[] = Number.isNaN(version) ? [header] : [];
  items.forEach((item, i) => {
    if (isEntry(item, now)) events.push(item);
    else bad.push(lines[i]!);
  });
  return { events, bad, newer: false };
}

/** All lines read in one go, which is quicker; null where that cannot be. */
function together(lines: readonly string[]): readonly unknown[] | null {
  const all = parsed(`[${lines.join(',')}]`);
  return Array.isArray(all) && all.length === lines.length ? all : null;
}

export function parsed(text: string | null | undefined): unknown {
  try {
    return JSON.parse(text ?? 'null') as unknown;
  } catch {
    return undefined;
  }
}

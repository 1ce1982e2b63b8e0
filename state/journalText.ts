import { type JournalEvent } from '@core/journal';

import { type SetAside } from './kitchen';

/** First line of a stored journal: the format and a sum over the rest. */
const HEADER = 'ombrello-journal-1';

/**
 * A journal as text: a header line, then an event a line. One damaged line costs one entry, and a text cut short costs
 * its last one. The sum spares a sound journal the slow check at every start.
 */
export function journalToText(events: readonly JournalEvent[]): string {
  const body = events.map((event) => JSON.stringify(event)).join('\n');
  return `${HEADER} ${sumOf(body)}\n${body}`;
}

/** A journal from text. Sound text is trusted; anything else is checked line by line, and bad lines are set aside. */
export async function journalFromText(
  text: string,
): Promise<{ readonly events: readonly JournalEvent[]; readonly setAside: SetAside | null }> {
  const cut = text.indexOf('\n');
  const header = cut < 0 ? text : text.slice(0, cut);
  const body = cut < 0 ? '' : text.slice(cut + 1);
  const lines = body.split('\n').filter((line) => line.trim() !== '');
  if (header === `${HEADER} ${sumOf(body)}`)
    return { events: JSON.parse(`[${lines.join(',')}]`) as JournalEvent[], setAside: null };

  const { refusal } = await import('@core/journal/schema');
  const events: JournalEvent[] = [];
  const bad: string[] = header.startsWith(HEADER) ? [] : [header];
  for (const line of lines) {
    const item = parsed(line);
    if (item !== undefined && refusal(item) === null) events.push(item as JournalEvent);
    else bad.push(line);
  }
  return {
    events,
    setAside:
      bad.length > 0
        ? { lines: bad, because: 'The store was damaged or written only in part.' }
        : null,
  };
}

function parsed(line: string): unknown {
  try {
    return JSON.parse(line) as unknown;
  } catch {
    return undefined;
  }
}

/** FNV-1a over UTF-16, in hexadecimal. */
function sumOf(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}

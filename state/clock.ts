import { type Instant } from '@core/measure';

import { askedOfPage, tabNotes } from './platform';

const KEY = 'ombrello/at';

/** An instant that `?at=2026-03-13T18:20` (local time) holds still, for this tab; an empty `?at=` lets time go on. */
function frozenInstant(): Instant | null {
  const asked = askedOfPage('at');
  if (asked !== null) {
    const at = Date.parse(asked);
    if (Number.isNaN(at)) tabNotes.remove(KEY);
    else tabNotes.put(KEY, String(at));
  }
  const kept = tabNotes.read(KEY);
  return kept === null ? null : Number(kept);
}

const frozen = frozenInstant();

/** The one place that asks what time it is. */
export const readClock = (): Instant => frozen ?? Date.now();

export const clockStandsStill = frozen !== null;

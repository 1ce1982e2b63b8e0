import { type Instant } from '@core/measure';

import { askedOfPage, tabNotes } from './platform';

const KEY = 'ombrello/at';

/** `?at=2026-03-13T18:20` (local time) holds the time still for this tab; an empty `?at=` lets it go on. */
function holdStill(): void {
  const asked = askedOfPage('at');
  if (asked === null) return;
  const at = Date.parse(asked);
  if (Number.isNaN(at)) tabNotes.remove(KEY);
  else tabNotes.put(KEY, String(at));
}

holdStill();

/** The one place that asks what time it is. */
export const readClock = (): Instant => Number(tabNotes.read(KEY) ?? Date.now());

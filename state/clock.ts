import { type Instant } from '@core/measure';

const KEY = 'ombrello/at';

/** An instant that `?at=2026-03-13T18:20` (local time) holds still, for this tab; an empty `?at=` lets time go on. */
function frozenInstant(): Instant | null {
  if (typeof window === 'undefined' || !window.location) return null;
  const asked = new URLSearchParams(window.location.search).get('at');
  if (asked !== null) {
    const at = Date.parse(asked);
    if (Number.isNaN(at)) window.sessionStorage.removeItem(KEY);
    else window.sessionStorage.setItem(KEY, String(at));
  }
  const kept = window.sessionStorage.getItem(KEY);
  return kept === null ? null : Number(kept);
}

const frozen = frozenInstant();

/** The one place that asks what time it is. */
export const readClock = (): Instant => frozen ?? Date.now();

export const clockStandsStill = frozen !== null;

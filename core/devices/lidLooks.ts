import { HOUR, type Instant, MINUTE, middle } from '../measure';

/** Why the numbers of a lid are not believed: it came after the feed, it was knocked or lifted, or it hangs. */
export type LidDoubt = 'late' | 'jumped' | 'stuck';

/** A level that was believed, and how high the forecast had it then. */
interface Level {
  readonly at: Instant;
  readonly mm: number;
  readonly expected: number;
}

/** What a lid has shown of one feed. Levels are millimetres of mix above the floor of the jar. */
export interface LidWatch {
  readonly fedAt: Instant;
  /** Where the mix stood when it was fed; null until that is known. */
  readonly bandMm: number | null;
  /** The last few levels: one by itself is not believed. */
  readonly recent: readonly number[];
  /** The level in the middle of the last few. */
  readonly settled: Level | null;
  /** Since when it has not moved. */
  readonly still: Level | null;
  readonly logged: { readonly at: Instant; readonly height: number } | null;
  readonly doubt: LidDoubt | null;
}

export const watchFeed = (fedAt: Instant): LidWatch => ({
  fedAt,
  bandMm: null,
  recent: [],
  settled: null,
  still: null,
  logged: null,
  doubt: null,
});

const FEW = 5;
/** The first level counts as the band's until so long after the feed. */
const BAND_BY = 45 * MINUTE;
/** No dough moves by so much of the band from one moment to the next. */
const JUMP = 0.2;
const MOMENT = 5 * MINUTE;
/** It has come back when it is as near as this to where it would be by now. */
const BACK = 0.12;
/** A level that stays within so much for so long, while the forecast moved by so much, is no level, mm, ms, bands. */
const STILL_MM = 0.4;
const STUCK_AFTER = 3 * HOUR;
const SHOULD_MOVE = 0.35;
/** What is worth a line in the log: so much of a change, and not sooner than that after the last. */
const CHANGE = 0.06;
const SOONEST = 15 * MINUTE;
const SLIGHT = 0.02;
const QUIET = 90 * MINUTE;

/**
 * Takes a reading of a lid in.
 *
 * @param floorMm from the lid to the floor of the empty jar
 * @param expected height by the forecast, 1 at the band
 * @returns the watch, and a height (1 at the band, straight up the glass) where it is worth a look in the log
 * @example lidRead(watchFeed(0), { at: 0, mm: 60 }, 90, 1).height // = null
 */
export function lidRead(
  watch: LidWatch,
  { at, mm }: { readonly at: Instant; readonly mm: number },
  floorMm: number,
  expected: number,
): { readonly watch: LidWatch; readonly height: number | null } {
  const recent = [...watch.recent, floorMm - mm].slice(-FEW);
  const next = { ...watch, recent };
  if (recent.length < FEW) return { watch: next, height: null };
  const level = middle(recent);
  if (watch.bandMm === null) {
    if (at - watch.fedAt > BAND_BY || level <= 0) return { watch: { ...next, doubt: 'late' }, height: null }; // oxfmt-ignore
    const settled = { at, mm: level, expected };
    return {
      watch: { ...next, bandMm: level, settled, still: settled, logged: { at, height: 1 } }, // oxfmt-ignore
      height: null,
    };
  }
  const band = watch.bandMm;
  const { settled, logged } = watch;
  // It goes on rising while nobody can see it.
  const off = settled ? Math.abs(level - settled.mm - band * (expected - settled.expected)) : 0;
  const jumped =
    watch.doubt === 'jumped'
      ? off > BACK * band
      : settled !== null && at - settled.at <= MOMENT && off > JUMP * band;
  // Where it was before stays known, so that it can come back there.
  if (jumped) return { watch: { ...next, doubt: 'jumped' }, height: null };
  const moved = watch.still === null || Math.abs(level - watch.still.mm) > STILL_MM;
  const still = moved ? { at, mm: level, expected } : watch.still;
  const stuck = at - still.at >= STUCK_AFTER && Math.abs(expected - still.expected) >= SHOULD_MOVE;
  const kept: LidWatch = {
    ...next,
    settled: { at, mm: level, expected },
    still,
    doubt: stuck ? 'stuck' : null,
  };
  if (stuck) return { watch: kept, height: null };
  const height = level / band;
  const change = Math.abs(height - (logged?.height ?? 1));
  const since = at - (logged?.at ?? watch.fedAt);
  const tells = (change >= CHANGE && since >= SOONEST) || (change >= SLIGHT && since >= QUIET);
  return tells
    ? { watch: { ...kept, logged: { at, height } }, height }
    : { watch: kept, height: null };
}

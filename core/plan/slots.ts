import { DAY, HOUR, type Instant, type KitchenTime } from '../measure';
import { type Hands, type Wanted } from './problem';

/** Half an hour: the grain of a plan. */
export const GRAIN = HOUR / 2;
/** Before a bake every hour counts for so long; further away every fourth will do. Slack tells the half hours. */
const NEAR_A_BAKE = 30 * HOUR;
const COARSE = 4 * HOUR;
const FINE = HOUR;

/** Slots good enough for a feed that only keeps a jar well. */
export const isCoarse = (at: Instant): boolean => at % COARSE === 0;

/** Whether a jar can be touched at an instant. */
export const inHands = (hands: readonly Hands[], at: Instant): boolean =>
  hands.some(({ from, until }) => at >= from && at <= until);

/** The moments at which a plan may touch a jar, in order: fine before a bake, coarse elsewhere, always when hands come and go. */
export function slotsFor(
  now: Instant,
  until: Instant,
  hands: readonly Hands[],
  wanted: readonly Wanted[],
): readonly Instant[] {
  const slots = new Set<Instant>();
  for (const stretch of hands) {
    const from = Math.max(stretch.from, now);
    const end = Math.min(stretch.until, until);
    if (end < from) continue;
    const first = Math.ceil(from / GRAIN) * GRAIN;
    if (first <= end) slots.add(first);
    const last = Math.floor(end / GRAIN) * GRAIN;
    if (last >= from) slots.add(last);
    for (let at = first; at <= end; at += GRAIN) {
      const near = wanted.some((w) => at >= w.from - NEAR_A_BAKE && at <= w.until);
      if ((near && at % FINE === 0) || at % COARSE === 0) slots.add(at);
    }
  }
  return [...slots].sort((a, b) => a - b);
}

/** Before seven and after half past ten nobody likes to feed a jar. */
export function isOddHour(time: KitchenTime, at: Instant): boolean {
  const hour = time.hourOfDay(at);
  return hour < 7 || hour > 22.5;
}

/** A week's pattern of hands: for each day from Monday the local hours in which jars can be touched. */
export type WeekPattern = readonly (readonly (readonly [number, number])[])[];

/**
 * The stretches in which hands are there, from a weekly pattern in local hours and times away. Hours keep their local
 * meaning through a change of clocks.
 */
export function handsFrom(
  pattern: WeekPattern,
  away: readonly Hands[],
  now: Instant,
  until: Instant,
  time: KitchenTime,
): readonly Hands[] {
  const stretches: Hands[] = [];
  const midnight = (at: Instant) => Math.floor((at + time.offset(at)) / DAY) * DAY;
  for (let local = midnight(now) - DAY; local - time.offset(local) < until; local += DAY) {
    const weekday = (Math.floor(local / DAY) + 3) % 7;
    for (const [from, to] of pattern[weekday] ?? [])
      stretches.push({
        from: toInstant(local + from * HOUR, time),
        until: toInstant(local + to * HOUR, time),
      });
  }
  const cut = away.reduce<readonly Hands[]>(
    (left, trip) =>
      left.flatMap((s) => [
        { from: s.from, until: Math.min(s.until, trip.from) },
        { from: Math.max(s.from, trip.until), until: s.until },
      ]),
    stretches,
  );
  return cut
    .map((s) => ({ from: Math.max(s.from, now), until: Math.min(s.until, until) }))
    .filter((s) => s.until > s.from);
}

/** The instant of a local time given as if it were UTC. */
function toInstant(local: number, time: KitchenTime): Instant {
  const guess = local - time.offset(local);
  return local - time.offset(guess);
}

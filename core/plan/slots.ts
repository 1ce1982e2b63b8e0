import { DAY, HOUR, type Instant, type KitchenTime, highest, instantAt, lowest } from '../measure';
import { type Hands, type LeftAlone, type Problem, type Wanted } from './problem';

/** Half an hour: the grain of a plan. */
export const GRAIN = HOUR / 2;
/** Before a bake every hour counts for so long, and every fourth for a feed that only strengthens the jar. */
const NEAR_A_BAKE = 30 * HOUR;
const BEFORE_A_BAKE = 72 * HOUR;
const COARSE = 4 * HOUR;
const FINE = HOUR;

/**
 * Whether a jar can be touched at an instant.
 *
 * @example inHands([{ from: 0, until: 10 }], 10) // = true
 */
export const inHands = (hands: readonly Hands[], at: Instant): boolean =>
  hands.some(({ from, until }) => at >= from && at <= until);

/**
 * A step whose slack ends where the hands do.
 *
 * @example withinHands({ at: 2, earliest: 0, latest: 9 }, [{ from: 1, until: 5 }]).latest // = 5
 */
export function withinHands<
  S extends { readonly at: Instant; readonly earliest: Instant; readonly latest: Instant },
>(step: S, hands: readonly Hands[]): S {
  const there = hands.filter(({ from, until }) => step.at >= from && step.at <= until);
  if (there.length === 0) return { ...step, earliest: step.at, latest: step.at };
  const from = lowest(there.map((stretch) => stretch.from));
  const until = highest(there.map((stretch) => stretch.until));
  return { ...step, earliest: Math.max(step.earliest, from), latest: Math.min(step.latest, until) };
}

/**
 * Stretches between two instants in which nobody can touch a jar.
 *
 * @example gapsIn([{ from: 2, until: 4 }], 0, 6) // = [[0, 2], [4, 6]]
 */
export function gapsIn(
  hands: readonly Hands[],
  from: Instant,
  until: Instant,
): readonly (readonly [Instant, Instant])[] {
  const gaps: (readonly [Instant, Instant])[] = [];
  let last = from;
  for (const stretch of hands) {
    if (stretch.from > last && last < until) gaps.push([last, Math.min(until, stretch.from)]);
    last = Math.max(last, stretch.until);
  }
  return last < until ? [...gaps, [last, until]] : gaps;
}

/** The moments at which a plan may touch a jar, in order; `forFeeds` are good enough for a feed that is no levain. */
export interface Slots {
  readonly all: readonly Instant[];
  readonly forFeeds: ReadonlySet<Instant>;
}

/**
 * Slots fine before a bake, coarse further away, and always when hands come and go. Slack tells the half hours.
 *
 * @example slotsFor(now, now + 7 * DAY, hands, bakes, kitchenTime('Europe/Lisbon'))
 */
export function slotsFor(
  now: Instant,
  until: Instant,
  hands: readonly Hands[],
  wanted: readonly Wanted[],
  time: KitchenTime,
): Slots {
  const all = new Set<Instant>();
  const forFeeds = new Set<Instant>();
  const within = (at: Instant, before: number) =>
    wanted.some((w) => at >= w.from - before && at <= w.until);
  for (const stretch of hands) {
    const from = Math.max(stretch.from, now);
    const end = Math.min(stretch.until, until);
    // Half hours of the kitchen's clock, whatever zone it is in.
    const local = time.offset(from);
    const first = Math.ceil((from + local) / GRAIN) * GRAIN - local;
    const last = Math.floor((end + local) / GRAIN) * GRAIN - local;
    // Whoever is there can do it at once, whatever the clock says.
    if (from === end || (from === now && end > now)) {
      all.add(from);
      forFeeds.add(from);
    }
    if (last < first) continue;
    for (const edge of [first, last]) {
      all.add(edge);
      if (wanted.length === 0 || !within(edge, BEFORE_A_BAKE)) forFeeds.add(edge);
    }
    for (let at = first; at <= last; at += GRAIN) {
      const hour = at + time.offset(at);
      const coarse = hour % COARSE === 0;
      if (coarse && within(at, BEFORE_A_BAKE)) forFeeds.add(at);
      if (coarse || (hour % FINE === 0 && within(at, NEAR_A_BAKE))) all.add(at);
    }
  }
  return { all: [...all].sort((a, b) => a - b), forFeeds };
}

/**
 * Hands for one jar: where it is left alone there are none, but for a moment the baker has chosen.
 *
 * @example handsForJar([{ from: 0, until: 9 }], [], 'tern') // = [{ from: 0, until: 9 }]
 */
export function handsForJar(
  hands: readonly Hands[],
  leftAlone: readonly LeftAlone[],
  jar: string,
): readonly Hands[] {
  const own = leftAlone.filter((stretch) => stretch.jar === jar);
  const chosen = own.flatMap(({ butAt }) =>
    butAt === null ? [] : [{ from: butAt, until: butAt }],
  );
  // Moments last no time: they come in when nothing is taken away any more.
  return [...own.reduce(without, hands), ...chosen].toSorted((a, b) => a.from - b.from);
}

const without = (hands: readonly Hands[], gap: Hands): readonly Hands[] =>
  hands
    .flatMap(({ from, until }) => [
      { from, until: Math.min(until, gap.from) },
      { from: Math.max(from, gap.until), until },
    ])
    .filter(({ from, until }) => until > from);

/**
 * Before seven and after half past ten nobody likes to feed a jar.
 *
 * @example isOddHour(kitchenTime('Asia/Kolkata'), Date.parse('2026-03-13T01:00Z')) // = true
 */
export function isOddHour(time: KitchenTime, at: Instant): boolean {
  const hour = time.hourOfDay(at);
  return hour < 7 || hour > 22.5;
}

/** A week's pattern of hands: for each day from Monday the local hours in which jars can be touched. */
export type WeekPattern = readonly (readonly (readonly [number, number])[])[];

/**
 * The stretches in which hands are there, from a weekly pattern in local hours and times away. Hours keep their local
 * meaning through a change of clocks.
 *
 * @example handsFrom(pattern, [], now, now + 7 * DAY, time).at(0)?.from
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
        from: instantAt(local + from * HOUR, time),
        until: instantAt(local + to * HOUR, time),
      });
  }
  return away
    .reduce(without, stretches as readonly Hands[])
    .map((s) => ({ from: Math.max(s.from, now), until: Math.min(s.until, until) }))
    .filter((s) => s.until > s.from);
}

/**
 * The index of the first slot at or after an instant; their number where there is none.
 *
 * @param slots ascending
 * @example firstAt([10, 20, 30], 11) // = 1
 * @example firstAt([10, 20, 30], 31) // = 3
 */
export function firstAt(slots: readonly Instant[], at: Instant): number {
  let low = 0;
  let high = slots.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (slots[middle]! < at) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * The first moment in a bake's window at which hands are there; null when they never are. Of several bakes with one levain that
 * of the last: nothing else is done to it before.
 *
 * @example firstHandsIn(problem, bake) // null where nobody is in all through it
 */
export function firstHandsIn({ hands }: Pick<Problem, 'hands'>, bake: Wanted): Instant | null {
  if (bake.serves) {
    const each = bake.serves.map((one) => firstHandsIn({ hands }, one));
    return each.reduce((last, at) => (last === null || at === null ? null : Math.max(last, at)));
  }
  const times = hands
    .map(({ from, until }) => [Math.max(from, bake.from), Math.min(until, bake.until)] as const)
    .filter(([from, until]) => from <= until)
    .map(([from]) => from);
  return times.length > 0 ? lowest(times) : null;
}

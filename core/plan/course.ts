import { type Mix, feed, simulate, takenUp } from '../ferment';
import { airOf } from '../journal';
import { HOUR, type Instant } from '../measure';
import { type PlannedJar, type Problem } from './problem';

/** Where a mix is left: a place, and after some hours another. */
export interface Stand {
  readonly place: string;
  readonly thenAfterH?: number;
  readonly then?: string;
}

/** What a mix goes through from one touch: its moments, and when it is ripe. Hours from the touch. */
export interface Course {
  readonly hours: Float64Array;
  readonly gas: Float64Array;
  readonly hunger: Float64Array;
  hungerAt(hours: number): number;
  /** The mix at some hours, between the moments in straight lines. */
  mixAt(hours: number): Mix;
  readonly peakH: number | null;
  readonly peakHeight: number;
  readonly ripeFromH: number | null;
  readonly ripeUntilH: number | null;
}

const RIPE_FROM = 0.92;
const RIPE_LOSS = 0.12;
const GLUTEN_GONE = 0.25;
const LEAST_RIPE_RISE = 0.3;

/** Follows a mix for some hours where it is left. */
export function courseOf(
  problem: Problem,
  jar: PlannedJar,
  mix: Mix,
  at: Instant,
  stand: Stand,
  hours: number,
): Course {
  const stays = [{ from: at, place: stand.place }];
  if (stand.then !== undefined && stand.thenAfterH !== undefined)
    stays.push({ from: at + stand.thenAfterH * HOUR, place: stand.then });
  const air = airOf(stays, at, problem.places, problem.time);
  const times = [0];
  const states = [pick(mix)];
  const end = simulate(mix, { air, vessel: jar.vessel, pace: jar.pace }, hours, (h, state) => {
    times.push(h);
    states.push(pick(state));
  });
  const gas = Float64Array.from(states, (s) => s[6]!);
  let top = 0;
  for (let i = 1; i < gas.length; i++) if (gas[i]! > gas[top]!) top = i;
  const rise = gas[top]!;
  const peaked = top > 0 && top < gas.length - 1 && rise >= LEAST_RIPE_RISE;
  const times64 = Float64Array.from(times);
  const first = (from: number, done: (i: number) => boolean): number | null => {
    for (let i = from; i < gas.length; i++) if (done(i)) return times64[i]!;
    return null;
  };
  return {
    hours: times64,
    gas,
    hunger: Float64Array.from(states, (s) => s[7]!),
    hungerAt: (h) => between(times, states, h).hunger,
    mixAt: (h) => ({ ...end, ...between(times, states, h) }),
    peakH: peaked ? times64[top]! : null,
    peakHeight: 1 + rise,
    ripeFromH: peaked ? first(0, (i) => 1 + gas[i]! >= RIPE_FROM * (1 + rise)) : null,
    ripeUntilH: peaked
      ? first(top, (i) => gas[i]! <= rise * (1 - RIPE_LOSS) || states[i]![5]! < GLUTEN_GONE)
      : null,
  };
}

/** A keep fed so many parts, in the state in which this starter takes it up. */
export function fedWith(jar: PlannedJar, mix: Mix, parts: number, keepG = jar.keepG): Mix {
  return takenUp(
    feed(mix, {
      keepG,
      flourG: keepG * parts,
      waterG: keepG * parts * jar.hydration,
      flour: jar.flour,
    }),
    jar.pace,
  );
}

type Moving = Parameters<NonNullable<Parameters<typeof simulate>[3]>>[1];

const pick = (s: Moving): Float64Array =>
  Float64Array.of(
    s.yeast,
    s.lactic,
    s.dormant,
    s.food,
    s.acid,
    s.gluten,
    s.gas,
    s.hunger,
    s.ready,
    s.celsius,
  );

function between(times: readonly number[], states: readonly Float64Array[], h: number) {
  let low = 0;
  let high = times.length - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (times[middle]! < h) low = middle + 1;
    else high = middle;
  }
  const right = states[low]!;
  const left = states[Math.max(0, low - 1)]!;
  const span = times[low]! - times[Math.max(0, low - 1)]!;
  const t = span > 0 ? Math.min(1, Math.max(0, (h - times[low - 1]!) / span)) : 1;
  const at = (i: number) => left[i]! + t * (right[i]! - left[i]!);
  return {
    yeast: at(0),
    lactic: at(1),
    dormant: at(2),
    food: at(3),
    acid: at(4),
    gluten: at(5),
    gas: at(6),
    hunger: at(7),
    ready: at(8),
    celsius: at(9),
  };
}

import { blendTraits, doubledHeight } from '../measure';
import { MODEL } from './constants';
import { type Mix, phOf } from './mix';
import { type Moment } from './moment';
import { type Conditions, simulate } from './simulate';
import { bentRise } from './bend';
import { type Stage, stageOf } from './stage';

/** What becomes of a feed, in hours from it; null where it does not happen within the time looked at. */
export interface Forecast {
  readonly curve: readonly Moment[];
  /** As high as its flour's measure of a full rise. */
  readonly doublesAtH: number | null;
  readonly peaksAtH: number | null;
  readonly peakHeight: number;
  /** From 92 % of the rise on the way up ... */
  readonly ripeFromH: number | null;
  /** ... until 12 % of the rise is lost or the gluten has given way. */
  readonly ripeUntilH: number | null;
  /** Food is all but gone. */
  readonly emptyAtH: number | null;
  /** Half of the yeast that this feed raised has starved: feed before this. */
  readonly feedByH: number | null;
  readonly hoochAtH: number | null;
  readonly hoochHunger: number;
}

/** Shares of the rise: ripe from so much of it on the way up until so much is lost again; and gluten that has given way. */
export const RIPE_FROM = 0.92;
export const RIPE_LOSS = 0.12;
export const GLUTEN_GONE = 0.25;
/** A rise below this is no rise: an unfed jar has no peak. */
const LEAST_RISE = 0.08;
/** A rise of less than this share of the flour's measure makes no ripe starter: a jar in the cold that never gets far up. */
export const LEAST_RIPE_SHARE = 0.6;
const EMPTY = 0.02;

/**
 * Follows a mix from its feed for some hours. Cost: about 0.3 ms for 14 days.
 *
 * @example forecast(feed(ripe, { keepG: 20, flourG: 40, waterG: 40, flour: { white: 1 } }), { air: () => 24, vessel, pace: USUAL_PACE }, 24).peaksAtH
 */
export function forecast(mix: Mix, conditions: Conditions, hours: number): Forecast {
  const buffer = blendTraits(mix.flour).buffer;
  const curve: Moment[] = [];
  const see = (at: number, s: Omit<Mix, 'massG' | 'hydrationPct' | 'flour' | 'old'>) =>
    curve.push({
      hours: at,
      height: 1 + s.gas,
      food: s.food,
      acid: s.acid,
      ph: phOf(s.acid, buffer),
      vigour: s.yeast,
      gluten: s.gluten,
      hunger: s.hunger,
      celsius: s.celsius,
    });
  see(0, mix);
  simulate(mix, conditions, hours, see);
  const { bend } = conditions.pace;
  const measured = bend === 1 ? curve : bentRise(curve, mix, conditions);
  return read(measured, hoochHungerOf(mix), doubledHeight(mix.flour));
}

/** The hunger that shows as liquid: stiff dough holds its water longer. */
export const hoochHungerOf = (mix: Mix): number =>
  MODEL.hoochHunger * Math.max(1, (100 / Math.max(50, mix.hydrationPct)) ** 1.5);

/**
 * The moment at some hours, between the points of a curve in straight lines.
 *
 * @example momentAt(forecast(mix, conditions, 24).curve, 5.5).height
 */
export function momentAt(curve: readonly Moment[], hours: number): Moment {
  const after = indexFrom(curve, hours);
  const right = curve[Math.min(after, curve.length - 1)]!;
  const left = curve[Math.max(0, after - 1)]!;
  if (right === left || right.hours === left.hours) return right;
  const t = Math.min(1, Math.max(0, (hours - left.hours) / (right.hours - left.hours)));
  const between = (key: keyof Moment) => left[key] + t * (right[key] - left[key]);
  return {
    hours,
    height: between('height'),
    food: between('food'),
    acid: between('acid'),
    ph: between('ph'),
    vigour: between('vigour'),
    gluten: between('gluten'),
    hunger: between('hunger'),
    celsius: between('celsius'),
  };
}

/**
 * The height at some hours, without the rest of the moment.
 *
 * @example heightAt(forecast(mix, conditions, 24).curve, 0) // 1: the band
 */
export function heightAt(curve: readonly Moment[], hours: number): number {
  const after = indexFrom(curve, hours);
  const right = curve[Math.min(after, curve.length - 1)]!;
  const left = curve[Math.max(0, after - 1)]!;
  if (hours >= right.hours || right === left) return right.height;
  const t = (hours - left.hours) / (right.hours - left.hours);
  return left.height + t * (right.height - left.height);
}

/**
 * The stage of a feed at some hours after it.
 *
 * @example stageAt(forecast(mix, conditions, 24), 6) // e.g. 'ripe'
 */
export function stageAt(f: Forecast, hours: number): Stage {
  return stageOf({ ...momentAt(f.curve, hours), ...f });
}

function read(curve: readonly Moment[], hoochHunger: number, doubled: number): Forecast {
  const top = curve.reduce((best, m, i) => (m.height > curve[best]!.height ? i : best), 0);
  const summit = vertex(curve, top);
  const startHeight = curve[0]!.height;
  const rises = summit.height - startHeight >= LEAST_RISE;
  const peaked = rises && top < curve.length - 1;
  const rise = summit.height - 1;
  const doubles = crossing(curve, 0, (m) => m.height - doubled);
  const ripens = peaked && rise >= LEAST_RIPE_SHARE * (doubled - 1);
  const ripeFrom = ripens ? crossing(curve, 0, (m) => m.height - 1 - RIPE_FROM * rise) : null;
  const fallen = ripens ? crossing(curve, top, (m) => 1 + rise * (1 - RIPE_LOSS) - m.height) : null;
  const slack = ripens ? crossing(curve, top, (m) => GLUTEN_GONE - m.gluten) : null;
  const strongest = curve.reduce((best, m, i) => (m.vigour > curve[best]!.vigour ? i : best), 0);
  const most = curve[strongest]!.vigour;
  return {
    curve,
    doublesAtH: doubles,
    peaksAtH: peaked ? summit.hours : null,
    peakHeight: summit.height,
    ripeFromH: ripeFrom,
    ripeUntilH: earliest(fallen, slack),
    emptyAtH: crossing(curve, 0, (m) => EMPTY - m.food),
    feedByH: crossing(curve, strongest, (m) => 0.5 * most - m.vigour),
    hoochAtH: crossing(curve, 0, (m) => m.hunger - hoochHunger),
    hoochHunger,
  };
}

const earliest = (a: number | null, b: number | null) =>
  a === null ? b : b === null ? a : Math.min(a, b);

/** Hours at which `sign` first reaches zero from `start` on, or null. */
function crossing(
  curve: readonly Moment[],
  start: number,
  sign: (m: Moment) => number,
): number | null {
  let before = sign(curve[start]!);
  if (before >= 0) return curve[start]!.hours;
  for (let i = start + 1; i < curve.length; i++) {
    const here = sign(curve[i]!);
    if (here >= 0) {
      const from = curve[i - 1]!.hours;
      return from + ((curve[i]!.hours - from) * before) / (before - here);
    }
    before = here;
  }
  return null;
}

/** The summit of the parabola through a highest point and its neighbours. */
function vertex(curve: readonly Moment[], i: number): { hours: number; height: number } {
  const [a, b, c] = [curve[i - 1], curve[i]!, curve[i + 1]];
  if (!a || !c) return { hours: b.hours, height: b.height };
  const left = (b.height - a.height) / (b.hours - a.hours);
  const right = (c.height - b.height) / (c.hours - b.hours);
  const bend = (right - left) / (c.hours - a.hours);
  if (bend >= 0) return { hours: b.hours, height: b.height };
  const hours = Math.min(c.hours, Math.max(a.hours, (a.hours + b.hours) / 2 - left / (2 * bend)));
  const dx = hours - b.hours;
  const slope = left + bend * (b.hours - a.hours);
  return { hours, height: b.height + slope * dx + bend * dx * dx };
}

function indexFrom(curve: readonly Moment[], hours: number): number {
  let low = 0;
  let high = curve.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (curve[middle]!.hours < hours) low = middle + 1;
    else high = middle;
  }
  return low;
}

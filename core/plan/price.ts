import { filledShare } from '../bench';
import { type Mix } from '../ferment';
import { HOUR, type Instant, flourAndWater } from '../measure';
import { neededG, totalG } from './amounts';
import { isCold, kitchenOf } from './kitchen';
import { type PlannedJar, type Problem, type Step, type Wanted, type Weights } from './problem';
import { chanceOf } from './risk';
import { isOddHour } from './slots';
import { type Lived, type MixThere, type Stretch, isMixing, liveThrough } from './walk';

/** What things cost in one coin: a gram of flour, a touch, an odd hour, a bake missed for sure, an hour of hunger. */
export const COIN = { flour: 0.012, touch: 1, oddHour: 1.2, missed: 25, hunger: 0.04 } as const;
/** A walk to another place alone, and a touch while another jar is on the bench anyway. */
export const MOVE_SHARE = 0.5;
export const SHARED_TOUCH = 0.5;
/** A bake less likely than this is not promised. */
export const LEAST_CHANCE = 0.15;
/** A jar that is hungry already may wait so much longer, hours counted at 22 °C. */
const LONGER_WAIT_H = 12;

/** The most hunger a jar may come to before its next feed. */
export const mostHunger = ({ limits }: Problem, hungerNow: number): number =>
  Math.max(limits.hungryMaxH, hungerNow + LONGER_WAIT_H);

/** What is asked of a jar, and what counts. */
export interface JarTask {
  readonly problem: Problem;
  readonly jar: PlannedJar;
  readonly start: MixThere;
  /** In order of time. */
  readonly bakes: readonly Wanted[];
  readonly weights: Weights;
  /** Moments at which another jar is touched anyway. */
  readonly touched: ReadonlySet<Instant>;
  /** Stretches lived through before. */
  readonly lived: Lived;
}

/** What a list of steps costs, and how it was lived through. */
export interface Priced {
  readonly cost: number;
  readonly stretches: readonly Stretch[];
  readonly levains: ReadonlyMap<string, Levain>;
}

/** The stretch that holds a bake's levain, and the chance that it is ripe in time. */
export interface Levain {
  readonly stretch: Stretch;
  readonly chance: number;
}

/**
 * The price of a jar's steps by the full model, up to its last bake. Null when they break a limit: a jar that starves or
 * climbs out, a levain that falls short, comes from a starter not strong enough or is hardly ever ripe in its window.
 *
 * @param below null too when they cost as much without the risk, which is dear to reckon
 */
export function priceOf(task: JarTask, steps: readonly Step[], below = Infinity): Priced | null {
  const { problem, jar, start, bakes, weights, touched } = task;
  let cost = 0;
  for (const step of steps) {
    if (step.kind === 'take') continue;
    const shared = touched.has(step.at) ? SHARED_TOUCH : 1;
    cost += weights.touches * COIN.touch * shared * (isMixing(step) ? 1 : MOVE_SHARE);
    if (isMixing(step) && isOddHour(problem.time, step.at)) cost += weights.oddHours * COIN.oddHour;
    cost += weights.flour * COIN.flour * (step.flourG ?? 0);
  }
  if (cost >= below || inVain(problem, steps)) return null;
  const end = Math.max(problem.now, ...bakes.map(({ until }) => until)) + AFTER_BAKE;
  const stretches = liveThrough(problem, jar, start, steps, end, task.lived);
  for (const [i, { from, until, mix, course }] of stretches.slice(0, -1).entries()) {
    const hours = (until - from) / HOUR;
    const hunger = course.hungerAt(hours);
    if (hunger > mostHunger(problem, mix.hunger)) return null;
    cost += hungerCost(mix.hunger, hunger);
    const next = stretches[i + 1]!.step!;
    const food = course.foodAt(hours);
    if (next.kind === 'feed' && food > STILL_FED) return null;
    cost += weights.flour * COIN.flour * freshThrownOut(next, mix, food);
  }
  if (cost >= below) return null;
  const levains = new Map<string, Levain>();
  let massG = jar.massG;
  let s = 0;
  for (const step of steps) {
    if (isMixing(step)) {
      s++;
      massG = totalG({ keepG: step.keepG!, flourG: step.flourG!, waterG: step.waterG! });
      const { mix, course } = stretches[s]!;
      const full = filledShare(jar.vessel, massG, mix.hydrationPct, course.peakHeight);
      if (step.kind !== 'feed' && full > 1) return null;
    }
    const bake = step.kind === 'take' && bakes.find(({ id }) => id === step.wanted);
    if (!bake) continue;
    const levain = stretches[s]!;
    if (massG < neededG(jar, bake) || !strongEnough(task, stretches, s)) return null;
    const missed = weights.risk * COIN.missed;
    const least = Math.max(LEAST_CHANCE, 1 - (below - cost) / missed);
    const chance = chanceOf(problem, jar, levain.mixing, bake, least);
    if (chance < least) return null;
    cost += missed * (1 - chance);
    levains.set(bake.id, { stretch: levain, chance });
    massG -= step.takeG!;
  }
  return levains.size === bakes.length ? { cost, stretches, levains } : null;
}

/**
 * Whether a step is made for nothing: a levain that is taken within the hour is not carried to another place first, a jar
 * is not put into the cold just before it is mixed, nor carried twice within the hour, and nothing is fed that was just fed.
 */
function inVain(problem: Problem, steps: readonly Step[]): boolean {
  const { byId } = kitchenOf(problem);
  return steps.some((step, i) => {
    const next = steps[i + 1];
    if (!next) return false;
    const between = next.at - step.at;
    if (isMixing(step)) return isMixing(next) && between < JUST_FED;
    if (step.kind !== 'move') return false;
    if (!isMixing(next)) return between < HOUR;
    return between < JUST_COOLED && isCold(byId.get(step.place!)!);
  });
}

const JUST_FED = 2 * HOUR;
const JUST_COOLED = 4 * HOUR;

/** A jar with more of its food left than this is not fed: that would throw out what was fed to it. */
export const STILL_FED = 0.4;
/** Flour that has not been eaten from is thrown out with a heavier heart. */
const FRESH_COSTS = 3;

/** Grams of flour, as good as fresh, that a mixing throws out. */
function freshThrownOut({ discardG = 0 }: Step, { hydrationPct }: Mix, food: number): number {
  return FRESH_COSTS * flourAndWater(discardG, hydrationPct).flourG * Math.max(0, food - 0.2);
}

/**
 * What hunger costs, in the coin of a plan: hours without food cost little at first, and more the longer it goes.
 *
 * @example hungerCost(20, 24) > hungerCost(0, 4) // = true
 */
export function hungerCost(before: number, after: number): number {
  const grown = (hunger: number) =>
    COIN.hunger * (hunger + Math.max(0, hunger - WELL_FED_H) ** 2 / 8);
  return Math.max(0, grown(after) - grown(before));
}

/** Hunger that a starter bears well, hours counted at 22 °C. */
const WELL_FED_H = 10;

/** The height is followed so long after a window, to see it fall. */
const AFTER_BAKE = 8 * HOUR;

/** Whether the feeds before a levain doubled, as many in a row as asked for. */
function strongEnough(
  { problem, start }: JarTask,
  stretches: readonly Stretch[],
  levain: number,
): boolean {
  const { strongFeeds } = problem.limits;
  for (let k = 1; k <= strongFeeds; k++) {
    const before = stretches[levain - k];
    // All feeds of the plan have doubled; the rest must have been before it.
    if (!before) return start.strong > strongFeeds - levain;
    const doubled = before.course.doublesH !== null || (levain === k && start.strong > 0);
    if (!doubled) return false;
  }
  return true;
}

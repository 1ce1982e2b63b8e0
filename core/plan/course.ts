import {
  GLUTEN_GONE,
  LEAST_RIPE_SHARE,
  type Mix,
  type MovingState,
  type Pace,
  RIPE_FROM,
  RIPE_LOSS,
  simulate,
} from '../ferment';
import { type Stay, airOf } from '../journal';
import { type Instant, doubledHeight } from '../measure';
import {
  ACID,
  CELSIUS,
  DORMANT,
  FOOD,
  GAS,
  GLUTEN,
  HUNGER,
  LACTIC,
  READY,
  WIDTH,
  YEAST,
  bentHours,
} from './courseRows';
import { type PlannedJar, type Problem } from './problem';

/** When a mix doubles, peaks and is ripe; null where it does not. Hours from its mixing. */
export interface Ripeness {
  readonly doublesH: number | null;
  readonly peakH: number | null;
  readonly peakHeight: number;
  readonly ripeFromH: number | null;
  readonly ripeUntilH: number | null;
}

/** What a mix goes through from one touch: its moments, and when it is ripe. Hours from the touch. */
export interface Course extends Ripeness {
  /** Hours it was followed for. */
  readonly lastH: number;
  hungerAt(hours: number): number;
  foodAt(hours: number): number;
  yeastAt(hours: number): number;
  readyAt(hours: number): number;
  /** When hunger first reaches a limit; null when it does not. */
  hungryH(limit: number): number | null;
  /** Hours and heights against the band, at least so many hours apart. */
  heights(apartH: number): readonly (readonly [number, number])[];
  /** The mix at some hours, between the moments in straight lines. */
  mixAt(hours: number): Mix;
}

/** A pace and a thermometer other than those believed, to see how sure a plan is. */
export interface Otherwise {
  readonly pace: Pace;
  readonly shiftCelsius: number;
}

/**
 * Follows a mix for some hours through the places it stands in.
 *
 * @param refine divides the length of the model's steps
 */
export function courseOf(
  problem: Problem,
  jar: PlannedJar,
  mix: Mix,
  at: Instant,
  stays: readonly Stay[],
  hours: number,
  refine = 1,
): Course {
  const { end, count } = followed(problem, jar, mix, at, stays, hours, refine, AS_BELIEVED);
  const rows = scratch.slice(0, count * WIDTH);
  const measure = measureOf(mix, jar.pace);
  return { ...readingsOf(rows, count, measure), ...momentsOf(rows, count, end, measure) };
}

/** When a mix is ripe if pace and thermometer are otherwise than believed: coarse steps, and no more than the readings. */
export function ripenessOf(
  problem: Problem,
  jar: PlannedJar,
  mix: Mix,
  at: Instant,
  stays: readonly Stay[],
  hours: number,
  otherwise: Otherwise,
): Ripeness {
  const { count } = followed(problem, jar, mix, at, stays, hours, COARSELY, otherwise);
  return readingsOf(scratch, count, measureOf(mix, otherwise.pace));
}

/** Steps of half an hour are good enough to tell ways apart. */
export const COARSELY = 0.5;
const AS_BELIEVED: Partial<Otherwise> = {};

/** Follows a mix and leaves its rows in the scratch. */
function followed(
  problem: Problem,
  jar: PlannedJar,
  mix: Mix,
  at: Instant,
  stays: readonly Stay[],
  hours: number,
  refine: number,
  { pace = jar.pace, shiftCelsius }: Partial<Otherwise>,
) {
  const air = airOf(stays, at, problem.places, problem.time, shiftCelsius);
  let count = 0;
  const note = (h: number, state: Readonly<MovingState>) => {
    if ((count + 1) * WIDTH > scratch.length) scratch = enlarged(scratch);
    const row = count * WIDTH;
    scratch[row] = h;
    scratch[row + YEAST] = state.yeast;
    scratch[row + LACTIC] = state.lactic;
    scratch[row + DORMANT] = state.dormant;
    scratch[row + FOOD] = state.food;
    scratch[row + ACID] = state.acid;
    scratch[row + GLUTEN] = state.gluten;
    scratch[row + GAS] = state.gas;
    scratch[row + HUNGER] = state.hunger;
    scratch[row + READY] = state.ready;
    scratch[row + CELSIUS] = state.celsius;
    count++;
  };
  note(0, mix);
  const end = simulate(mix, { air, vessel: jar.vessel, pace }, hours, note, refine);
  return { end, count };
}

/** What a rise is read by: its flour's measure of a full one, and how this starter bends it. */
interface Measure {
  readonly doubledGas: number;
  readonly bend: number;
}

const measureOf = ({ flour }: Mix, { bend }: Pace): Measure => ({
  doubledGas: doubledHeight(flour) - 1,
  bend,
});

function topOf(rows: Float64Array, count: number): number {
  let top = 0;
  for (let i = 1; i < count; i++) if (rows[i * WIDTH + GAS]! > rows[top * WIDTH + GAS]!) top = i;
  return top;
}

function readingsOf(rows: Float64Array, count: number, { doubledGas, bend }: Measure): Ripeness {
  const read = (i: number, column: number) => rows[i * WIDTH + column]!;
  const top = topOf(rows, count);
  const rise = read(top, GAS);
  const peaked = top > 0 && top < count - 1;
  const ripens = peaked && rise >= LEAST_RIPE_SHARE * doubledGas;
  const bent = bend === 1 ? null : bentHours(rows, top, bend);
  /** When the gas first comes to a height, between the rows in a straight line. */
  const risesTo = (gas: number): number | null => {
    for (let i = 0; i < count; i++)
      if (read(i, GAS) >= gas) {
        const at = i === 0 ? 0 : crossing(i, gas);
        return bent && i <= top ? bent(at) : at;
      }
    return null;
  };
  const crossing = (i: number, gas: number) => {
    const t = (gas - read(i - 1, GAS)) / (read(i, GAS) - read(i - 1, GAS));
    return read(i - 1, 0) + t * (read(i, 0) - read(i - 1, 0));
  };
  /** The hour of the summit of the parabola through the highest row and its neighbours: steps are long. */
  const summit = () => {
    const [a, b, c] = [top - 1, top, top + 1].map((i) => [read(i, 0), read(i, GAS)] as const);
    const left = (b![1] - a![1]) / (b![0] - a![0]);
    const right = (c![1] - b![1]) / (c![0] - b![0]);
    const curve = (right - left) / (c![0] - a![0]);
    return curve < 0 ? (a![0] + b![0]) / 2 - left / (2 * curve) : b![0];
  };
  const sinksTo = (gas: number): number | null => {
    for (let i = top + 1; i < count; i++) {
      if (read(i, GAS) <= gas) return crossing(i, gas);
      if (read(i, GLUTEN) < GLUTEN_GONE) return read(i, 0);
    }
    return null;
  };
  return {
    doublesH: risesTo(doubledGas),
    peakH: ripens ? summit() : null,
    peakHeight: 1 + rise,
    ripeFromH: ripens ? risesTo(RIPE_FROM * rise) : null,
    ripeUntilH: ripens ? sinksTo(rise * (1 - RIPE_LOSS)) : null,
  };
}

function momentsOf(rows: Float64Array, count: number, end: Mix, { bend }: Measure) {
  const read = (i: number, column: number) => rows[i * WIDTH + column]!;
  /** The row at or after some hours. */
  const rowAt = (h: number) => {
    let low = 0;
    let high = count - 1;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (read(middle, 0) < h) low = middle + 1;
      else high = middle;
    }
    return low;
  };
  /** A column at some hours, between the rows in a straight line. */
  const columnAt = (h: number, column: number, right = rowAt(h)) => {
    const left = right > 0 ? right - 1 : 0;
    const span = read(right, 0) - read(left, 0);
    const t = span > 0 ? Math.min(1, (h - read(left, 0)) / span) : 1;
    return read(left, column) + t * (read(right, column) - read(left, column));
  };
  return {
    lastH: read(count - 1, 0),
    hungryH: (limit: number) => {
      for (let i = 0; i < count; i++) if (read(i, HUNGER) >= limit) return read(i, 0);
      return null;
    },
    heights: (apartH: number) => {
      const seen: (readonly [number, number])[] = [];
      const top = topOf(rows, count);
      const bent = bend === 1 ? null : bentHours(rows, top, bend);
      for (let i = 0; i < count; i++) {
        const h = bent && i > 0 && i < top ? bent(read(i, 0)) : read(i, 0);
        const before = seen[seen.length - 1]?.[0] ?? -Infinity;
        if (i === count - 1 || h - before >= apartH) seen.push([h, 1 + read(i, GAS)]);
      }
      return seen;
    },
    hungerAt: (h: number) => columnAt(h, HUNGER),
    foodAt: (h: number) => columnAt(h, FOOD),
    yeastAt: (h: number) => columnAt(h, YEAST),
    readyAt: (h: number) => columnAt(h, READY),
    mixAt: (h: number): Mix => {
      const right = rowAt(h);
      const of = (column: number) => columnAt(h, column, right);
      return {
        ...end,
        yeast: of(YEAST),
        lactic: of(LACTIC),
        dormant: of(DORMANT),
        food: of(FOOD),
        acid: of(ACID),
        gluten: of(GLUTEN),
        gas: of(GAS),
        hunger: of(HUNGER),
        ready: of(READY),
        celsius: of(CELSIUS),
      };
    },
  };
}

/** A course is written here first: a plan follows thousands of them, and each keeps only a copy of its own rows. */
let scratch = new Float64Array(WIDTH * 1024);

function enlarged(full: Float64Array<ArrayBuffer>): Float64Array<ArrayBuffer> {
  const larger = new Float64Array(full.length * 2);
  larger.set(full);
  return larger;
}

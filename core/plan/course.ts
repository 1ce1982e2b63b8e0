import { type Mix, dayTable, feed, simulate, takenUp } from '../ferment';
import { airOf, placeAt } from '../journal';
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
  let count = 0;
  const note = (h: number, state: Moving) => {
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
  const end = simulate(mix, { air, vessel: jar.vessel, pace: jar.pace }, hours, note);
  const rows = scratch.slice(0, count * WIDTH);
  const read = (i: number, column: number) => rows[i * WIDTH + column]!;

  let top = 0;
  for (let i = 1; i < count; i++) if (read(i, GAS) > read(top, GAS)) top = i;
  const rise = read(top, GAS);
  const peaked = top > 0 && top < count - 1 && rise >= LEAST_RIPE_RISE;
  const first = (from: number, done: (i: number) => boolean): number | null => {
    for (let i = from; i < count; i++) if (done(i)) return read(i, 0);
    return null;
  };
  /** The row at or after some hours, and how far it lies beyond the row before, 0 to 1. */
  const locate = (h: number): readonly [number, number] => {
    let low = 0;
    let high = count - 1;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (read(middle, 0) < h) low = middle + 1;
      else high = middle;
    }
    if (low === 0) return [0, 1];
    const span = read(low, 0) - read(low - 1, 0);
    return [low, span > 0 ? Math.min(1, (h - read(low - 1, 0)) / span) : 1];
  };
  const momentOf = (h: number) => {
    const [right, t] = locate(h);
    const left = Math.max(0, right - 1);
    return (column: number) => read(left, column) + t * (read(right, column) - read(left, column));
  };
  return {
    hours: Float64Array.from({ length: count }, (_, i) => read(i, 0)),
    gas: Float64Array.from({ length: count }, (_, i) => read(i, GAS)),
    hunger: Float64Array.from({ length: count }, (_, i) => read(i, HUNGER)),
    hungerAt: (h) => momentOf(h)(HUNGER),
    mixAt: (h) => {
      const of = momentOf(h);
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
    peakH: peaked ? read(top, 0) : null,
    peakHeight: 1 + rise,
    ripeFromH: peaked ? first(0, (i) => 1 + read(i, GAS) >= RIPE_FROM * (1 + rise)) : null,
    ripeUntilH: peaked
      ? first(top, (i) => read(i, GAS) <= rise * (1 - RIPE_LOSS) || read(i, GLUTEN) < GLUTEN_GONE)
      : null,
  };
}

/** Columns of a course's rows; the first is the hours. */
const YEAST = 1;
const LACTIC = 2;
const DORMANT = 3;
const FOOD = 4;
const ACID = 5;
const GLUTEN = 6;
const GAS = 7;
const HUNGER = 8;
const READY = 9;
const CELSIUS = 10;
const WIDTH = 11;

/** A course is written here first: a plan follows thousands of them, and each keeps only a copy of its own rows. */
let scratch = new Float64Array(WIDTH * 1024);

function enlarged(full: Float64Array<ArrayBuffer>): Float64Array<ArrayBuffer> {
  const larger = new Float64Array(full.length * 2);
  larger.set(full);
  return larger;
}

/** A keep fed so many parts at an instant, with flour and water from the kitchen, as this starter takes it up. */
export function fedWith(
  problem: Problem,
  jar: PlannedJar,
  mix: Mix,
  at: Instant,
  parts: number,
  keepG = jar.keepG,
): Mix {
  const kitchen = roomCelsius(problem, at);
  return takenUp(
    feed(mix, {
      keepG,
      flourG: keepG * parts,
      waterG: keepG * parts * jar.hydration,
      flour: jar.flour,
      flourCelsius: kitchen,
      waterCelsius: kitchen,
    }),
    jar.pace,
  );
}

/** Without a counter the kitchen is taken for a room, °C. */
const ROOM = 21;

function roomCelsius(problem: Problem, at: Instant): number {
  const day = roomDay(problem);
  return day ? day[Math.floor(problem.time.hourOfDay(at) * 4)]! : ROOM;
}

const roomDays = new WeakMap<Problem, Float64Array | null>();

/** The counter's day in quarters of an hour, worked out once for a problem. */
function roomDay(problem: Problem): Float64Array | null {
  const known = roomDays.get(problem);
  if (known !== undefined) return known;
  const room = [...problem.places.keys()]
    .map((id) => placeAt(problem.places, id, problem.now)!)
    .find(({ kind }) => kind === 'counter');
  const day = room ? dayTable(room.temperature) : null;
  roomDays.set(problem, day);
  return day;
}

type Moving = Parameters<NonNullable<Parameters<typeof simulate>[3]>>[1];

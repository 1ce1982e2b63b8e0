import { chanceFrom } from '../measure/chance';

/** What a played device counts and times its readings by. */
interface Counted {
  readonly seq: number;
  readonly at: number;
}

/** A room thermometer that is played: it follows the room slowly, wavers a little, and remembers its least and most. */
export interface PlayedThermometer {
  step(ms: number): readonly (Counted & {
    readonly celsius: number;
    readonly min: number;
    readonly max: number;
  })[];
  /** The room is so warm from now on, °C. */
  room(celsius: number): void;
}

/** A sensor in a lid that is played: it sees the surface, wavers, and can be knocked or hang. */
export interface PlayedLid {
  step(ms: number): readonly (Counted & { readonly mm: number; readonly celsius: number })[];
  /** The surface is so far below the lid from now on, mm. */
  surface(mm: number): void;
  /** It was knocked, and looks elsewhere by so much, mm; nought puts it back. */
  knocked(byMm: number): void;
  /** It says the same from now on, whatever it sees; or not any more. */
  hang(hangs: boolean): void;
}

/** Between two readings, ms. */
const EVERY = 2000;
/** A thermometer closes all but 1/e of the gap to its room in so long, ms. */
const SLOW = 90_000;

/**
 * @example playedThermometer(7, 21).step(2000).length // = 1
 */
export function playedThermometer(seed: number, celsius = 21): PlayedThermometer {
  const chance = chanceFrom(seed);
  let room = celsius;
  let felt = celsius;
  let [min, max] = [Infinity, -Infinity];
  const tick = ticking(() => {
    felt += (room - felt) * (1 - Math.exp(-EVERY / SLOW));
    const shown = Math.round(10 * (felt + 0.05 * chance.normal())) / 10;
    min = Math.min(min, shown);
    max = Math.max(max, shown);
    return { celsius: shown, min, max };
  });
  return {
    step: tick,
    room: (to) => {
      room = to;
    },
  };
}

/**
 * @example playedLid(7, 90).step(2000).length // = 1
 */
export function playedLid(seed: number, mm = 90): PlayedLid {
  const chance = chanceFrom(seed);
  let seen = mm;
  let off = 0;
  let stuck: number | null = null;
  let last = mm;
  const tick = ticking(() => {
    last = stuck ?? Math.max(0, Math.round(10 * (seen + off + 0.3 * chance.normal())) / 10);
    return { mm: last, celsius: 23 };
  });
  return {
    step: tick,
    surface: (to) => {
      seen = to;
    },
    knocked: (by) => {
      off = by;
    },
    hang: (hangs) => {
      stuck = hangs ? last : null;
    },
  };
}

/** Readings at even times, counted up. */
function ticking<T extends object>(read: () => T): (ms: number) => readonly (Counted & T)[] {
  let seq = 0;
  let now = 0;
  let left = 0;
  return (ms) => {
    const readings: (Counted & T)[] = [];
    for (left += ms; left >= EVERY; left -= EVERY) {
      now += EVERY;
      readings.push({ seq: seq++, at: now, ...read() });
    }
    return readings;
  };
}

import { chanceFrom } from '../measure/chance';

/** A reading as a device posts it. */
export interface PlayedReading {
  readonly seq: number;
  readonly at: number;
  readonly battery: number;
  readonly grams: number;
  readonly off?: boolean;
}

/** A scale that is played: it settles, drifts, wavers, switches itself off, and is out of reach now and then. */
export interface PlayedScale {
  /** Lets time pass, and says what it posted meanwhile. */
  step(ms: number): readonly PlayedReading[];
  /** Puts something on it, or takes it off when negative, grams. */
  put(grams: number): void;
  /** Something is poured, grams at so many a second. */
  pour(grams: number, perSecond: number): void;
  /** It shows nought from now on. */
  tare(): void;
  /** A knock against the table. */
  knock(): void;
  /** Switched on again, it shows nought with what is on it. */
  switchOn(): void;
  readonly isOn: boolean;
}

/** Numbers come every so many ms. */
const EVERY = 100;
/** It comes to rest with this time constant, ms. */
const SETTLES = 250;
const NOISE_G = 0.15;
const DRIFT_G = 0.004;
/** It switches itself off when nothing has moved for so long, ms. */
export const PLAYED_OFF = 120_000;
/** A reading in so many begins a gap, of up to so many readings. */
const GAP_EACH = 400;
const LONGEST_GAP = 12;

/**
 * @param wrongClock how far its own clock is off, ms
 * @example playedScale(7).step(1000).every(({ grams }) => Math.abs(grams) < 2) // = true
 */
export function playedScale(seed: number, wrongClock = 0): PlayedScale {
  const chance = chanceFrom(seed);
  let now = 0;
  let load = 0;
  let felt = 0;
  let nought = 0;
  let drift = 0;
  let shaken = 0;
  let coming = { grams: 0, perSecond: 0 };
  let idle = 0;
  let on = true;
  let gap = 0;
  let seq = 0;
  let battery = 100;
  const tick = (): PlayedReading | null => {
    now += EVERY;
    const poured = Math.min(coming.grams, (coming.perSecond * EVERY) / 1000);
    coming = { ...coming, grams: coming.grams - poured };
    load += poured;
    const before = felt;
    felt += (load - felt) * (1 - Math.exp(-EVERY / SETTLES));
    shaken *= 0.6;
    if (!on) return null;
    drift += DRIFT_G * chance.normal();
    battery = Math.max(0, battery - 0.0002);
    idle = Math.abs(felt - before) > 0.2 ? 0 : idle + EVERY;
    const grams = Math.round(felt - nought + drift + shaken + NOISE_G * chance.normal());
    const reading = { seq: seq++, at: now + wrongClock, battery: Math.round(battery), grams };
    if (idle >= PLAYED_OFF) {
      on = false;
      return { ...reading, off: true };
    }
    if (gap > 0) {
      gap -= 1;
      return null;
    }
    if (chance.even() < 1 / GAP_EACH) gap = Math.ceil(LONGEST_GAP * chance.even());
    return reading;
  };
  return {
    step: (ms) => {
      const posted: PlayedReading[] = [];
      for (let passed = 0; passed < ms; passed += EVERY) {
        const reading = tick();
        if (reading) posted.push(reading);
      }
      return posted;
    },
    put: (grams) => {
      load = Math.max(0, load + grams);
    },
    pour: (grams, perSecond) => {
      coming = { grams: coming.grams + grams, perSecond };
    },
    tare: () => {
      nought = felt;
      drift = 0;
    },
    knock: () => {
      shaken = 40 * (chance.even() - 0.5) + 15;
    },
    switchOn: () => {
      on = true;
      idle = 0;
      nought = felt;
      drift = 0;
    },
    get isOn() {
      return on;
    },
  };
}

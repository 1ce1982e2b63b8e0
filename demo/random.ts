/** A seeded source of numbers (mulberry32): the same seed tells the same story. */
export interface Chance {
  /** Even between 0 and 1. */
  even(): number;
  /** Normal, mean 0, standard deviation 1. */
  normal(): number;
}

export function chanceFrom(seed: number): Chance {
  let state = seed >>> 0;
  const even = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return {
    even,
    normal: () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even()),
  };
}

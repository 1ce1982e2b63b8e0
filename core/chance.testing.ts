import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** Seeded numbers for tests: the same seed gives the same case. */
export interface Chance {
  /** Even from 0 up to 1. */
  even(): number;
  /** Normal, mean 0, standard deviation 1. */
  normal(): number;
}

/** By the one generator there that spreads neighbouring seeds well: tests count theirs up. */
export function chanceFrom(seed: number): Chance {
  const generator = mersenne(seed);
  const even = () => uniformFloat64(generator);
  return {
    even,
    normal: () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even()),
  };
}

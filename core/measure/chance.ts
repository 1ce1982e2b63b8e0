import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** Seeded numbers: the same seed gives the same ones. */
export interface Chance {
  /** Even from 0 up to 1. */
  even(): number;
  /** Normal, mean 0, standard deviation 1. */
  normal(): number;
}

/** By a generator that spreads neighbouring seeds well: seeds are counted up. */
export function chanceFrom(seed: number): Chance {
  const generator = mersenne(seed);
  const even = () => uniformFloat64(generator);
  return {
    even,
    normal: () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even()),
  };
}

/** One of several, each as likely. */
export const oneOf = <T>(chance: Chance, all: readonly T[]): T =>
  all[Math.floor(chance.even() * all.length)]!;

/** Even from `low` up to `high`. */
export const between = (chance: Chance, low: number, high: number): number =>
  low + chance.even() * (high - low);

/** The same in another order. */
export function shuffled<T>(chance: Chance, all: readonly T[]): readonly T[] {
  const order = [...all];
  for (let i = order.length - 1; i > 0; i--) {
    const j = Math.floor(chance.even() * (i + 1));
    [order[i], order[j]] = [order[j]!, order[i]!];
  }
  return order;
}

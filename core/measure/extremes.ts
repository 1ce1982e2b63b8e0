/** The highest of some numbers, however many; -Infinity of none. A call with all of them as arguments has its limits. */
export const highest = (of: Iterable<number>): number => {
  let most = -Infinity;
  for (const one of of) if (one > most) most = one;
  return most;
};

/** The lowest of some numbers, however many; Infinity of none. */
export const lowest = (of: Iterable<number>): number => {
  let least = Infinity;
  for (const one of of) if (one < least) least = one;
  return least;
};

/** The one in the middle when all stand in order; NaN of none. */
export const middle = (of: readonly number[]): number => {
  const sorted = of.toSorted((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length === 0 ? NaN : (sorted[Math.floor(half)]! + sorted[Math.ceil(half) - 1]!) / 2;
};

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

/**
 * Of labels along a line those that do not touch the one before.
 *
 * @param at where each begins, px
 * @param width the longest with some air, px
 */
export function apartEnough<T>(
  labels: readonly T[],
  at: (label: T) => number,
  width: number,
): readonly T[] {
  let free = -Infinity;
  return labels.filter((label) => {
    if (at(label) < free) return false;
    free = at(label) + width;
    return true;
  });
}

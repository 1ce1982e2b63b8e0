/** More stretches than this are grain, not things. */
const MOST = 7;
/** A stretch is this long at least, rows. */
const SHORTEST = 5;
/** A further bound must explain so much more than chance would, in variances of a single row. */
const WORTH = 14;

/**
 * Divides rows into stretches that are each of one kind: the bounds for which what is left within stretches is least (dynamic
 * programming over sums of squares), as many as are worth their number.
 *
 * @param rows what is known of each row, in comparable units
 * @returns the first row of each stretch but the first
 */
export function stretchesOf(rows: readonly (readonly number[])[]): readonly number[] {
  const n = rows.length;
  const within = withinCost(rows);
  const noise = Math.max(1e-9, noiseOf(rows));
  let costs = Array.from({ length: n + 1 }, (_, end) =>
    end < SHORTEST ? Infinity : within(0, end),
  );
  let best = { cost: costs[n]!, bounds: [] as number[] };
  const from: number[][] = [];
  for (let stretches = 2; stretches <= MOST; stretches++) {
    const origin = new Array<number>(n + 1).fill(0);
    const next = new Array<number>(n + 1).fill(Infinity);
    for (let end = stretches * SHORTEST; end <= n; end++)
      for (let start = (stretches - 1) * SHORTEST; start <= end - SHORTEST; start++) {
        const cost = costs[start]! + within(start, end);
        if (cost < next[end]!) {
          next[end] = cost;
          origin[end] = start;
        }
      }
    from.push(origin);
    costs = next;
    const cost = costs[n]! + WORTH * noise * (stretches - 1);
    if (cost < best.cost) best = { cost, bounds: boundsFrom(from, n) };
  }
  return best.bounds;
}

function boundsFrom(from: readonly (readonly number[])[], n: number): number[] {
  const bounds: number[] = [];
  let end = n;
  for (let i = from.length - 1; i >= 0; i--) {
    end = from[i]![end]!;
    bounds.unshift(end);
  }
  return bounds;
}

/** The squares left within a stretch around its own mean, from sums that run along. */
function withinCost(rows: readonly (readonly number[])[]): (start: number, end: number) => number {
  const columns = rows[0]?.length ?? 0;
  const sums = Array.from({ length: columns }, () => new Float64Array(rows.length + 1));
  const squares = new Float64Array(rows.length + 1);
  rows.forEach((row, i) => {
    let square = 0;
    row.forEach((value, c) => {
      sums[c]![i + 1] = sums[c]![i]! + value;
      square += value * value;
    });
    squares[i + 1] = squares[i]! + square;
  });
  return (start, end) => {
    let cost = squares[end]! - squares[start]!;
    for (const sum of sums) cost -= (sum[end]! - sum[start]!) ** 2 / (end - start);
    return cost;
  };
}

/** What one row differs from the next by chance: the middle of all, so that the bounds themselves do not count. */
function noiseOf(rows: readonly (readonly number[])[]): number {
  const steps = rows.slice(1).map((row, i) => {
    const before = rows[i]!;
    return row.reduce((sum, value, c) => sum + (value - before[c]!) ** 2, 0) / 2;
  });
  return steps.toSorted((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 0;
}

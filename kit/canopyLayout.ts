import { area, curveMonotoneX, line } from 'd3-shape';

import { apartEnough } from './apartEnough';
import { highestOfEach } from './highestOfEach';

/** A point of the height curve with its width; hours from the feed, heights against the band. */
export interface CanopyPoint {
  readonly hours: number;
  readonly height: number;
  readonly low: number;
  readonly high: number;
}

/** What a canopy is drawn from; hours from the feed. */
export interface CanopyGiven {
  readonly points: readonly CanopyPoint[];
  readonly looks: readonly { readonly hours: number; readonly height: number }[];
  readonly fullRise: { readonly height: number };
  readonly now: { readonly hours: number };
  readonly until: number;
}

/** Around the dome, px: names of heights above it, hours and now below. */
export const CANOPY_MARGIN = { left: 6, right: 6, top: 18, bottom: 46 } as const;
/** "+ 60 %, a full rise" and "+ 50 %" with some air, px. */
const LONG_NAME = 126;
const NAME = 52;
/** Lines are so far apart that their names do not touch, px. */
const NAME_HEIGHT = 16;

/** Where all of a canopy comes to lie in a plot of a size, px. */
export function canopyLayout(
  { points, looks, fullRise, now, until }: CanopyGiven,
  { width, height }: { readonly width: number; readonly height: number },
) {
  const { left, right, top, bottom } = CANOPY_MARGIN;
  const shown = highestOfEach(
    points.filter((point) => point.hours <= until + 1e-6),
    until / Math.max(1, width),
  );
  const highest = Math.max(
    2.3,
    ...shown.map((point) => point.high),
    ...looks.map((point) => point.height),
  );
  const base = height - bottom;
  const x = (hours: number) => left + (hours / until) * (width - left - right);
  const y = (ratio: number) => base - ((ratio - 1) / (highest - 1)) * (base - top);
  const over = (of: (point: CanopyPoint) => number) => (point: CanopyPoint) =>
    y(Math.max(1, of(point)));
  const across = (point: CanopyPoint) => x(point.hours);
  const risen = over((point) => point.height);
  const apart = highest > 2.8 ? 1 : 0.5;
  const others = Array.from(
    { length: Math.floor((highest - 1) / apart) },
    (_, i) => 1 + (i + 1) * apart,
  ).filter((rise) => Math.abs(y(rise) - y(fullRise.height)) > NAME_HEIGHT);
  const nowX = x(Math.min(now.hours, until));
  /** A height is named where the dome is not: at the left if its name fits there, else on the side with more room. */
  const placeOf = (of: number) => {
    const above = shown.filter((point) => point.high >= of);
    const [first, last] = [above[0], above.at(-1)];
    const free = first ? x(first.hours) : width;
    const freeAfter = last ? width - x(last.hours) : width;
    const name = of === fullRise.height ? LONG_NAME : NAME;
    const atLeft = free > left + name || free >= freeAfter;
    // The line of now would go through it there: it begins after that line, or goes to the other side, where there is room.
    const struck = now.hours <= until && nowX < left + name;
    if (atLeft && struck && free > nowX + name)
      return { x: nowX + 6, textAnchor: 'start' as const };
    if (atLeft && !(struck && freeAfter > name)) return { x: left, textAnchor: 'start' as const };
    // A name that the line of now would cross ends before it, where there is room.
    const end = width - right;
    const crossed = now.hours <= until && nowX > end - name && nowX - name > width - freeAfter;
    return { x: crossed ? nowX - 4 : end, textAnchor: 'end' as const };
  };
  return {
    width,
    base,
    x,
    y,
    nowX,
    placeOf,
    /** The top of the dome. */
    apex: shown.reduce(
      (best, point) => (point.height > best.height ? point : best),
      shown[0] ?? { hours: 0, height: 1, low: 1, high: 1 },
    ),
    /** Heights that have a line and a name. */
    rises: [...others, fullRise.height].filter((rise) => y(rise) > top + 4),
    paths: {
      dome: line(across, risen).curve(curveMonotoneX)(shown) ?? '',
      under: area(across, base, risen).curve(curveMonotoneX)(shown) ?? '',
      spread:
        area(
          across,
          over((point) => point.low),
          over((point) => point.high),
        ).curve(curveMonotoneX)(smoothed(shown)) ?? '',
    },
  };
}

export type CanopyLayout = ReturnType<typeof canopyLayout>;

/** Each bound as the mean of what lies around it: few draws make it, and their steps mean nothing. */
function smoothed(points: readonly CanopyPoint[]): readonly CanopyPoint[] {
  const reach = Math.max(2, Math.round(points.length / 12));
  const mean = (i: number, of: 'low' | 'high') => {
    let sum = 0;
    let weight = 0;
    for (let k = -reach; k <= reach; k++) {
      const point = points[i + k];
      if (!point) continue;
      sum += (reach + 1 - Math.abs(k)) * point[of];
      weight += reach + 1 - Math.abs(k);
    }
    return sum / weight;
  };
  return points.map((point, i) => ({
    ...point,
    low: Math.min(point.height, mean(i, 'low')),
    high: Math.max(point.height, mean(i, 'high')),
  }));
}

/**
 * Of the hours along the bottom those that have room beside each other, each with the middle of its words inside the chart, px.
 *
 * @param size of the type, px
 */
export function hourLabels<T extends { readonly hours: number; readonly text: string }>(
  ticks: readonly T[],
  x: (hours: number) => number,
  width: number,
  size: number,
): readonly (T & { readonly middle: number })[] {
  const longest = Math.max(0, ...ticks.map(({ text }) => text.length)) * LETTER * size;
  const { left, right } = CANOPY_MARGIN;
  const placed = ticks.map((tick) => ({
    ...tick,
    middle: Math.min(width - right - longest / 2, Math.max(left + longest / 2, x(tick.hours))),
  }));
  return apartEnough(placed, ({ middle }) => middle, longest + AIR);
}

/** The width of a letter or figure, of its size, and the air between two labels, px. */
const LETTER = 0.56;
const AIR = 8;

/** The hem of the canopy: an arc from rib to rib. */
export function scallops(ribs: readonly number[], from: number, to: number, base: number): string {
  const stops = [from, ...ribs.filter((rib) => rib > from + 4 && rib < to - 4), to];
  return stops
    .slice(1)
    .map((stop, i) => {
      const before = stops[i]!;
      return `M${before} ${base}Q${(before + stop) / 2} ${base - 7} ${stop} ${base}`;
    })
    .join('');
}

import { HOUR, highest } from '../measure';
import { type Jar } from './fold';
import { type Between, type Standing } from './standing';

/** A height is read from a jar to about so much of the band: the surface is a dome, the glass is round. */
const READING_ERROR = 0.08;
/** Looks at two jars within so long count as one. */
const TOGETHER_H = 0.75;
/** Jars fed within so long of each other began together. */
const BEGAN_TOGETHER = HOUR;
/** Feeds are alike when flour and water to one of keep are, as a logarithm. */
const ALIKE_PARTS = 0.15;

/** What differs between two jars. `surely`: by more than reading and forecast can be off. */
export type Difference =
  | {
      readonly of: 'height';
      /** Hours from the feed at which both were looked at. */
      readonly hours: number;
      readonly heights: readonly [number, number];
      readonly surely: boolean;
    }
  | {
      readonly of: 'peak';
      /** Hours from the feed, by the forecasts as they stand. */
      readonly hours: readonly [number, number];
      readonly surely: boolean;
    };

/** Two jars side by side. */
export interface Comparison {
  /** Fed together and with the same ratio: what differs then is starter, flour or place. */
  readonly fedAlike: boolean;
  readonly differences: readonly Difference[];
}

/**
 * Compares the present feeds of two jars: what was seen of both at the same hours, and when they peak.
 *
 * @example compareJars(standingOf('tern'), standingOf('knot')).fedAlike
 */
export function compareJars(a: Standing, b: Standing): Comparison {
  const differences: Difference[] = [];
  const seen = looksTogether(a, b);
  // The look at which they stood farthest apart says most.
  const [farthest] = seen.sort(
    (x, y) => Math.abs(y.heights[0] - y.heights[1]) - Math.abs(x.heights[0] - x.heights[1]),
  );
  if (farthest) {
    const gap = Math.abs(farthest.heights[0] - farthest.heights[1]);
    const surely = gap > READING_ERROR * Math.SQRT2 * highest(farthest.heights);
    differences.push({ of: 'height', ...farthest, surely });
  }
  const peaks = [a.outlook.forecast.peaksAtH, b.outlook.forecast.peaksAtH] as const;
  if (peaks[0] !== null && peaks[1] !== null)
    differences.push({
      of: 'peak',
      hours: [peaks[0], peaks[1]],
      surely: apart(a.outlook.peaksAtH, b.outlook.peaksAtH),
    });
  return { fedAlike: fedAlike(a.jar, b.jar), differences };
}

/**
 * Two jars that say most about each other: fed alike and together, else fed at hours that lie nearest. Null where there are
 * not two.
 *
 * @param one a jar that is to be one of them
 * @example bestPair([]) // = null
 */
export function bestPair(
  standings: readonly Standing[],
  one?: string,
): readonly [Standing, Standing] | null {
  let best: readonly [Standing, Standing] | null = null;
  let least = Infinity;
  for (const [i, a] of standings.entries())
    for (const b of standings.slice(i + 1)) {
      if (one !== undefined && a.jar.id !== one && b.jar.id !== one) continue;
      const between = fedAlike(a.jar, b.jar) ? -1 : Math.abs(a.jar.since - b.jar.since);
      if (between >= least) continue;
      least = between;
      best = b.jar.id === one ? [b, a] : [a, b];
    }
  return best;
}

/** Whether two bands leave no doubt which comes first. */
const apart = (x: Between | null, y: Between | null): boolean =>
  x !== null && y !== null && (x.high < y.low || y.high < x.low);

function fedAlike(a: Jar, b: Jar): boolean {
  const [one, other] = [a.lastFed, b.lastFed];
  if (!one || !other || Math.abs(a.since - b.since) > BEGAN_TOGETHER) return false;
  const near = (mine: number, yours: number) => Math.abs(Math.log(mine / yours)) <= ALIKE_PARTS;
  return (
    near(one.flourG / one.keepG, other.flourG / other.keepG) &&
    near(one.waterG / one.keepG, other.waterG / other.keepG)
  );
}

/** Heights of both at the hours from the feed at which both were looked at. */
function looksTogether(a: Standing, b: Standing) {
  const heightsOf = ({ jar }: Standing) =>
    jar.looks.flatMap(({ at, height }) =>
      height === undefined ? [] : [{ hours: (Date.parse(at) - jar.since) / HOUR, height }],
    );
  const ofB = heightsOf(b);
  return heightsOf(a).flatMap(({ hours, height }) => {
    const [near] = ofB.sort((x, y) => Math.abs(x.hours - hours) - Math.abs(y.hours - hours));
    return near && Math.abs(near.hours - hours) <= TOGETHER_H
      ? [{ hours, heights: [height, near.height] as const }]
      : [];
  });
}

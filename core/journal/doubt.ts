import { heightAt } from '../ferment';
import { HOUR, type Instant, risesUpward } from '../measure';
import { type Jar } from './fold';
import { type Between, type Standing } from './standing';

/**
 * Whether there is a height to read off its glass: before the first feed of a jar no band was set, and a ball of dough swells
 * to all sides.
 *
 * @example hasHeights(jar) // true, once it was fed here
 */
export const hasHeights = ({ lastFed, fedMix }: Jar): boolean =>
  lastFed !== null && risesUpward(fedMix.hydrationPct);

/** Beyond the likely range by this share of the rise, and by this much of the band at least, a height is doubted. */
const BEYOND = 0.6;
const AT_LEAST = 0.4;

/**
 * Whether a height that somebody saw contradicts the forecast so strongly that it was more likely misread or mistyped: what
 * was expected at that hour, against the band. Null where it may well be so, and for a ball of dough, whose height says
 * little.
 *
 * @param standing the jar before the look
 * @param height against the band
 * @example doubtOf(standing, 9, now) // what was expected: nothing stands at nine times its band
 */
export function doubtOf(
  { jar, outlook, hours }: Standing,
  height: number,
  at: Instant,
): Between | null {
  const seenH = (at - jar.since) / HOUR;
  if (!hasHeights(jar) || jar.lastFed?.rough || seenH < 0 || seenH > hours + 1) return null;
  const { curve } = outlook.forecast;
  const bound = (of: 'low' | 'high') =>
    heightAt(
      curve.map((moment, i) => ({ ...moment, height: outlook.heights[i]?.[of] ?? moment.height })),
      seenH,
    );
  const [low, high] = [bound('low'), bound('high')];
  const slack = (limit: number) => Math.max(AT_LEAST, BEYOND * (limit - 1));
  return height > high + slack(high) || height < low - slack(low) ? { low, high } : null;
}

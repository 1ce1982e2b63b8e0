import { HOUR, type Instant } from '../measure';
import { type Stay, airOf } from './air';
import { type JarEvent, instantOf } from './events';
import { type FoldContext } from './fold';

/** A peak that somebody saw: when its feed was, hours until it stood highest, and the mean of the air on the way. */
export interface SeenPeak {
  readonly fedAt: Instant;
  readonly hours: number;
  readonly celsius: number;
}

/** Nobody's memory of a feed reaches further, hours. */
const TOO_LATE = 60;

/**
 * The peaks that were logged of a jar, oldest first.
 *
 * @example seenPeaks(events, context).at(-1)?.hours
 */
export function seenPeaks(
  events: readonly JarEvent[],
  { places, time }: Pick<FoldContext, 'places' | 'time'>,
): readonly SeenPeak[] {
  const peaks: SeenPeak[] = [];
  let stays: readonly Stay[] = [];
  let fedAt: Instant | null = null;
  for (const event of events) {
    const at = instantOf(event);
    if (event.kind === 'started') stays = [{ from: at, place: event.place }];
    else if (event.kind === 'moved') stays = [...stays, { from: at, place: event.place }];
    else if (event.kind === 'fed') {
      stays = stays.slice(-1);
      fedAt = at;
    } else if (event.kind === 'looked' && event.sign === 'peaked' && fedAt !== null) {
      const hours = (at - fedAt) / HOUR;
      // The first time it was seen to peak is the peak.
      if (hours > 0 && hours <= TOO_LATE) {
        const air = airOf(stays, fedAt, places, time);
        peaks.push({ fedAt, hours, celsius: meanOf(air, hours) });
        fedAt = null;
      }
    }
  }
  return peaks;
}

/** The mean of what runs over some hours, taken every half hour. */
function meanOf(of: (hours: number) => number, hours: number): number {
  const steps = Math.max(1, Math.round(hours * 2));
  let sum = 0;
  for (let i = 0; i < steps; i++) sum += of(((i + 0.5) * hours) / steps);
  return sum / steps;
}

import { type SeenFeed } from '@core/calibrate/feedHistory';
import { type JarEvent, type PlaceEvent } from '@core/journal';
import { type ZoneSince } from '@core/measure';

/** What was seen of a jar's feeds, read off the page. */
export async function readFeedHistory(
  events: readonly JarEvent[],
  places: readonly PlaceEvent[],
  zones: readonly ZoneSince[],
): Promise<readonly SeenFeed[]> {
  const { inFitWorker } = await import('../workers/fit');
  return inFitWorker((work) => work.history(events, places, zones));
}

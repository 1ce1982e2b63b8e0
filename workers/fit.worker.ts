import { expose } from 'comlink';

import { type Learnt, calibrateJar } from '@core/calibrate';
import { type SeenFeed, feedHistory } from '@core/calibrate/feedHistory';
import { type JarEvent, type PlaceEvent, placesOf } from '@core/journal';
import { type ZoneSince, kitchenTime } from '@core/measure';

const work = {
  /**
   * What a jar's log teaches of its pace.
   *
   * @param events the jar's live events, oldest first
   * @param arranged the live history of the kitchen's places
   * @param zones the zones the kitchen has been in
   */
  learn(
    events: readonly JarEvent[],
    arranged: readonly PlaceEvent[],
    zones: readonly ZoneSince[],
  ): Learnt {
    return calibrateJar(events, { places: placesOf(arranged), time: kitchenTime(zones) });
  },
  /** What was seen of a jar's feeds, one after the other. */
  history(
    events: readonly JarEvent[],
    arranged: readonly PlaceEvent[],
    zones: readonly ZoneSince[],
  ): readonly SeenFeed[] {
    return feedHistory(events, { places: placesOf(arranged), time: kitchenTime(zones) });
  },
};

export type FitWork = typeof work;

expose(work);

import { expose } from 'comlink';

import { type Calibration, type Learnt, calibrateJar } from '@core/calibrate';
import { type Arranged, type JarEvent, placesOf } from '@core/journal';
import { type ZoneSince, kitchenTime } from '@core/measure';

/** Calibrations so far, by jar: an entry more costs one feed, not the whole log. */
const known = new Map<string, { readonly kitchen: string; readonly calibration: Calibration }>();

const work = {
  /**
   * What a jar's log teaches of its pace.
   *
   * @param jar its name, over all kitchens
   * @param events the jar's live events, oldest first
   * @param arranged the live history of the kitchen's places
   * @param zones the zones the kitchen has been in
   */
  learn(
    jar: string,
    events: readonly JarEvent[],
    arranged: readonly Arranged[],
    zones: readonly ZoneSince[],
  ): Learnt {
    const kitchen = `${JSON.stringify(zones)} ${arranged.map(({ id }) => id).join()}`;
    const earlier = known.get(jar);
    const context = { places: placesOf(arranged), time: kitchenTime(zones) };
    const calibration = calibrateJar(
      events,
      context,
      earlier?.kitchen === kitchen ? earlier.calibration : undefined,
    );
    known.set(jar, { kitchen, calibration });
    return calibration.learnt;
  },
};

export type FitWork = typeof work;

expose(work);

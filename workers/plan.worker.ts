import { expose } from 'comlink';

import { type PlaceEvent, placesOf } from '@core/journal';
import { type ZoneSince, kitchenTime } from '@core/measure';
import { type Plan, type Planned, type Problem } from '@core/plan';
import { makePlans } from '@core/plan/makePlans';

/** A problem as it travels: what cannot be copied between threads is made anew here. */
export type SentProblem = Omit<Problem, 'time' | 'places'> & {
  readonly zones: readonly ZoneSince[];
  readonly arranged: readonly PlaceEvent[];
};

/** Shares told at most so often, ms. */
const TELL_EVERY = 80;

const work = {
  /**
   * @param found told each plan as soon as it is found
   * @param progress told how far the search has come, 0 to 1
   */
  solve(
    { zones, arranged, ...problem }: SentProblem,
    found: (plan: Plan) => void,
    progress: (share: number) => void,
  ): Planned {
    let told = 0;
    return makePlans(
      { ...problem, time: kitchenTime(zones), places: placesOf(arranged) },
      (plan) => void found(plan),
      (share) => {
        const now = performance.now();
        if (now - told < TELL_EVERY) return;
        told = now;
        progress(share);
      },
    );
  },
};

export type PlanWork = typeof work;

expose(work);

import { expose } from 'comlink';

import { type PlaceEvent, placesOf } from '@core/journal';
import { type ZoneSince, kitchenTime } from '@core/measure';
import { type Plan, type Planned, type Problem } from '@core/plan';
import { makePlans, raisedPlans } from '@core/plan/makePlans';

/** A problem as it travels: what cannot be copied between threads is made anew here. */
export type SentProblem = Omit<Problem, 'time' | 'places'> & {
  readonly zones: readonly ZoneSince[];
  readonly arranged: readonly PlaceEvent[];
};

/** Shares told at most so often, ms. */
const TELL_EVERY = 80;

/** What was solved last, for what is asked about it afterwards. */
let last: { readonly problem: Problem; readonly plans: readonly Plan[] } | null = null;
/** Lets what was asked meanwhile in. */
const pause = () => new Promise<void>((go) => setTimeout(go));

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
    last = null;
    const whole = { ...problem, time: kitchenTime(zones), places: placesOf(arranged) };
    const planned = makePlans(
      whole,
      (plan) => void found(plan),
      (share) => {
        const now = performance.now();
        if (now - told < TELL_EVERY) return;
        told = now;
        progress(share);
      },
    );
    last = { problem: whole, plans: planned.plans };
    return planned;
  },

  /** The plans that were solved last with what would make their unlikely bakes likelier; null when others are solved meanwhile. */
  async raise(): Promise<readonly Plan[] | null> {
    const mine = last;
    if (!mine) return null;
    const tries = raisedPlans(mine.problem, mine.plans);
    for (;;) {
      const { done, value } = tries.next();
      if (done) return value;
      await pause();
      if (last !== mine) return null;
    }
  },
};

export type PlanWork = typeof work;

expose(work);

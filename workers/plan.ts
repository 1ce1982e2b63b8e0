import { proxy, wrap } from 'comlink';

import type { Plan, Planned } from '@core/plan';

import type { PlanWork, SentProblem } from './plan.worker';

export type { SentProblem } from './plan.worker';

/** A search for plans under way: its end, and a way to stop it. */
export interface Search {
  /** Null when it was stopped. */
  readonly outcome: Promise<Planned | null>;
  stop(): void;
}

/** Searches in a worker of its own, which is ended with the search. */
export function searchPlans(
  problem: SentProblem,
  found: (plan: Plan) => void,
  progress: (share: number) => void,
): Search {
  const worker = new Worker(new URL('./plan.worker', window.location.href));
  let stop: () => void = () => undefined;
  const stopped = new Promise<null>((resolve) => {
    stop = () => resolve(null);
  });
  const outcome = Promise.race([
    wrap<PlanWork>(worker).solve(problem, proxy(found), proxy(progress)),
    stopped,
  ]).finally(() => worker.terminate());
  return { outcome, stop: () => stop() };
}

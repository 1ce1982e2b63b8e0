import { type Remote, proxy, wrap } from 'comlink';

import type { Plan, Planned } from '@core/plan';

import { fallenOver } from './fallenOver';
import type { PlanWork, SentProblem } from './plan.worker';

export type { SentProblem } from './plan.worker';

/** A search for plans under way: its end, and a way to stop it. */
export interface Search {
  /** Null when it was stopped; rejects when it could not be made. */
  readonly outcome: Promise<Planned | null>;
  /** Afterwards: its plans with what would make their unlikely bakes likelier; null when others are sought meanwhile. */
  raised(): Promise<readonly Plan[] | null>;
  stop(): void;
}

interface Planner {
  readonly thread: Worker;
  readonly work: Remote<PlanWork>;
}

/** Kept from one search to the next: the engine has warmed to the work by then. */
let idle: Planner | null = null;

function planner(): Planner {
  const ready = idle;
  idle = null;
  if (ready) return ready;
  const thread = new Worker(new URL('./plan.worker', window.location.href));
  return { thread, work: wrap<PlanWork>(thread) };
}

/** Searches in a worker. One that is stopped midway is ended, for nothing else would make it stop. */
export function searchPlans(
  problem: SentProblem,
  found: (plan: Plan) => void,
  progress: (share: number) => void,
): Search {
  const mine = planner();
  let stop: () => void = () => undefined;
  const stopped = new Promise<null>((resolve) => {
    stop = () => resolve(null);
  });
  const outcome = Promise.race([
    mine.work.solve(problem, proxy(found), proxy(progress)),
    stopped,
    fallenOver(mine.thread),
  ]);
  return {
    outcome: outcome.then(
      (planned) => {
        if (planned === null || idle) mine.thread.terminate();
        else idle = mine;
        return planned;
      },
      (problem: unknown) => {
        mine.thread.terminate();
        throw problem;
      },
    ),
    raised: () => (idle === mine ? mine.work.raise() : Promise.resolve(null)),
    stop: () => stop(),
  };
}

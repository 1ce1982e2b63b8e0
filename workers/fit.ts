import { type Remote, wrap } from 'comlink';

import type { FitWork } from './fit.worker';

let fit: Remote<FitWork> | null = null;

/** The worker that learns paces; started when it is first asked. */
export function fitWorker(): Remote<FitWork> {
  fit ??= wrap<FitWork>(new Worker(new URL('./fit.worker', window.location.href)));
  return fit;
}

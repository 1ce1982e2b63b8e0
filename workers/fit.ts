import { type Remote, wrap } from 'comlink';

import { fallenOver } from './fallenOver';
import type { FitWork } from './fit.worker';

interface Fit {
  readonly work: Remote<FitWork>;
  readonly fallen: Promise<never>;
}

let fit: Fit | null = null;

function started(): Fit {
  const thread = new Worker(new URL('./fit.worker', window.location.href));
  const mine: Fit = { work: wrap<FitWork>(thread), fallen: fallenOver(thread) };
  mine.fallen.catch(() => {
    thread.terminate();
    if (fit === mine) fit = null;
  });
  return mine;
}

/**
 * Asks the worker that learns paces. It is started when it is first asked, and anew after it fell over.
 *
 * @throws Error when a log cannot be read, or the worker falls over
 */
export function inFitWorker<Done>(act: (work: Remote<FitWork>) => Promise<Done>): Promise<Done> {
  fit ??= started();
  return Promise.race([act(fit.work), fit.fallen]);
}

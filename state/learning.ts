import { type JarEvent, lineage } from '@core/journal';

import { learned } from './learnt';
import { selectArranged, selectEventsByJar } from './selectors';
import { type Store } from './store';

/** Entries come in handfuls: a feed is three. Learn when they have stopped for so long, ms. */
const PAUSE = 250;

/** The log of a jar in a few characters: changes whenever an entry is added, struck out or put back. */
const logOf = (events: readonly JarEvent[]) =>
  `${events.length} ${events[0]?.id ?? ''} ${events[events.length - 1]?.id ?? ''}`;

/**
 * Learns every jar's pace in a worker, now and after each entry, without holding up the page.
 * @returns a function that stops
 */
export function keepLearning(store: Store): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  let busy = false;
  let events = store.getState().kitchen.events;

  const study = async () => {
    if (busy || stopped) return;
    busy = true;
    try {
      for (;;) {
        const state = store.getState();
        const { name, zone } = state.kitchen;
        const byJar = selectEventsByJar(state);
        const next = [...byJar.keys()]
          .map((jar) => [jar, lineage(jar, byJar)] as const)
          .find(([jar, log]) => state.learnt[jar]?.log !== logOf(log));
        if (!next || stopped) break;
        const [jar, log] = next;
        const { fitWorker } = await import('../workers/fit');
        const learnt = await fitWorker().learn(jar, log, selectArranged(state), zone);
        if (store.getState().kitchen.name === name)
          store.dispatch(learned({ jar, learnt, log: logOf(log) }));
      }
    } finally {
      busy = false;
    }
  };
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void study(), PAUSE);
  };
  soon();
  const unsubscribe = store.subscribe(() => {
    const now = store.getState().kitchen.events;
    if (now !== events) {
      events = now;
      soon();
    }
  });
  return () => {
    stopped = true;
    clearTimeout(timer);
    unsubscribe();
  };
}

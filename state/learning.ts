import { type Learnt } from '@core/calibrate';
import { MODEL_PRINT, type JarEvent, isBowl, lineage } from '@core/journal';
import { type ZoneSince, fingerprint } from '@core/measure';

import { learned, logsRead } from './learnt';
import { ofJar } from './learntBook';
import { createSelector } from './memo';
import { selectPlaceEvents, selectEventsByJar, selectZones } from './selectors';
import { type RootState, type Store, listenFor } from './store';

/** Entries come in handfuls: a feed is three. Learn when they have stopped for so long, ms. */
const PAUSE = 250;

/**
 * All that a jar's lesson rests on, in a few characters: its log, the places' temperatures, the clock, the model. A log that
 * has not changed is the same list, and its fingerprint stands.
 */
function logPrints() {
  const known = new WeakMap<readonly JarEvent[], { readonly of: string; readonly print: string }>();
  return (
    events: readonly JarEvent[],
    arranged: readonly { readonly id: string }[],
    zones: readonly ZoneSince[],
  ): string => {
    const kitchen = [MODEL_PRINT, JSON.stringify(zones), ...arranged.map(({ id }) => id)].join();
    const before = known.get(events);
    if (before?.of === kitchen) return before.print;
    const print = fingerprint([kitchen, ...events.map(({ id }) => id)]);
    known.set(events, { of: kitchen, print });
    return print;
  };
}

/** Jars whose log says more than was learnt of it, each with that log and its fingerprint. */
function toLearn(state: RootState, logPrint: ReturnType<typeof logPrints>) {
  const byJar = selectEventsByJar(state);
  const arranged = selectPlaceEvents(state);
  const zones = selectZones(state);
  return [...byJar].flatMap(([jar, own]) => {
    // A bowl is gone before anything could be learnt of it that its jar does not teach.
    if (isBowl(own)) return [];
    const events = lineage(jar, byJar);
    const log = logPrint(events, arranged, zones);
    return ofJar(state.learnt, jar)?.log === log ? [] : [{ jar, events, log }];
  });
}

/** @throws when the log cannot be read, or what reads it falls over */
async function learntFrom(events: readonly JarEvent[], state: RootState): Promise<Learnt> {
  const { inFitWorker } = await import('../workers/fit');
  return inFitWorker((work) => work.learn(events, selectPlaceEvents(state), selectZones(state)));
}

/**
 * Learns every jar's pace in a worker, now and after each entry, without holding up the page.
 * @returns a function that stops
 */
export function keepLearning(store: Store): () => void {
  const logPrint = logPrints();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  let busy = false;
  /** Logs of which nothing could be learnt. */
  const unread = new Set<string>();

  const study = async () => {
    if (busy || stopped) return;
    busy = true;
    try {
      for (;;) {
        const state = store.getState();
        const { name } = state.kitchen;
        const next = toLearn(state, logPrint).find(({ log }) => !unread.has(log));
        if (!next || stopped) break;
        const { jar, events, log } = next;
        const learnt = await learntFrom(events, state).catch(() => null);
        // The usual pace has to do for it, and the others get their turn; a new entry is a new chance.
        if (!learnt) unread.add(log);
        else if (store.getState().kitchen.name === name)
          store.dispatch(learned({ jar, learnt, log }));
      }
    } finally {
      busy = false;
      // Where a log could not be read, the usual pace has to do.
      if (!stopped && store.getState().reading) store.dispatch(logsRead());
    }
  };
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void study(), PAUSE);
  };
  soon();
  const stopListening = store.dispatch(
    listenFor({
      predicate: (_, now, before) =>
        now.kitchen.events !== before.kitchen.events || (now.reading && !before.reading),
      effect: soon,
    }),
  );
  return () => {
    stopped = true;
    clearTimeout(timer);
    stopListening();
  };
}

/**
 * Jars whose log is being read for the first time: what would be said of them now would be taken back in a moment. Whoever
 * keeps no store learns nothing either.
 */
export const selectBeingRead = createSelector(
  [
    selectEventsByJar,
    (state: RootState) => state.learnt,
    (state: RootState) => state.kitchen.kept && state.reading,
  ],
  (byJar, learnt, reading): ReadonlySet<string> =>
    new Set(
      reading
        ? [...byJar.keys()].filter(
            (jar) =>
              !isBowl(byJar.get(jar)!) &&
              !ofJar(learnt, jar) &&
              lineage(jar, byJar).some(({ kind }) => kind === 'looked'),
          )
        : [],
    ),
);

import { isAnyOf } from '@reduxjs/toolkit';

import { type JournalEvent } from '@core/journal';

import { foldsToKeep } from './caches';
import { readClock } from './clock';
import { keepDough } from './deeds';
import { deviceZone } from './deviceZone';
import {
  type KitchenName,
  type Told,
  type Writer,
  keepCache,
  keepDrafts,
  leaveBehind,
  leaveLaterAside,
  listenToTabs,
  readPages,
  stayedAfterAll,
  takeUpWhatWasLeft,
  tidyPages,
  whenSomethingIsLeft,
  writerFor,
} from './door';
import { doughDrafted } from './dough';
import { arrived, deviceZoneFound, laterLeft, logged, opened, saveFailed, saved } from './kitchen';
import { forgetFirstPicture } from './firstPicture';
import { learned } from './learnt';
import { noticed } from './notice';
import { searchEnded } from './plan';
import { askToKeep, whenPageGoes, whenPageHidesOrShows } from './platform';
import { selectFollowed } from './decided';
import { type Dispatch, type RootState, type Store, listenFor } from './store';

const FULL =
  'The browser has no room left to save in, or will not save. What you enter is kept until this page closes: export the kitchen now.';

/** A dough is kept when nobody has touched it for so long, ms. */
const RESTED = 800;
/** What was worked out is kept when a kitchen has been quiet for so long, ms. */
const QUIET = 2500;
/** Entries that may change which jars stand on which shelf. */
const ON_THE_SHELF: ReadonlySet<string> = new Set([
  'started',
  'described',
  'moved',
  'arranged',
  'withdrew',
]);

const writers = new WeakMap<Store, Map<KitchenName, Writer>>();

export function writerOf(store: Store, name: KitchenName): Writer {
  let own = writers.get(store);
  if (!own) writers.set(store, (own = new Map<KitchenName, Writer>()));
  let writer = own.get(name);
  if (!writer) own.set(name, (writer = writerFor(name)));
  return writer;
}

/** The clock is right: what is of a later hour was entered while it was not, stays aside and is told no more. */
export const leaveLater =
  () =>
  async (dispatch: Dispatch, getState: () => RootState): Promise<void> => {
    const { name } = getState().kitchen;
    try {
      await leaveLaterAside(name);
      dispatch(laterLeft());
    } catch {
      dispatch(
        noticed({ text: 'That could not be saved. It is asked again next time.', undo: [] }),
      );
    }
  };

const keeping = new WeakMap<Store, Promise<void>>();

/**
 * Writes the entries of the open kitchen that are not in the store yet, and says so when that cannot be done. One stroke at
 * a time: what comes meanwhile goes into the next.
 */
export function keepPending(store: Store): Promise<void> {
  const mine = (keeping.get(store) ?? Promise.resolve()).then(() => keepNow(store));
  keeping.set(store, mine);
  return mine;
}

async function keepNow(store: Store): Promise<void> {
  const { name, events, pending, kept } = store.getState().kitchen;
  if (!kept || pending.length === 0) return;
  try {
    await writerOf(store, name).write(lastOf(events, new Set(pending)));
    store.dispatch(saved({ kitchen: name, ids: pending }));
  } catch {
    if (store.getState().kitchen.name === name) store.dispatch(saveFailed(FULL));
  }
}

/** The entries with some ids, in order: they are among the last. */
function lastOf(
  events: readonly JournalEvent[],
  ids: ReadonlySet<string>,
): readonly JournalEvent[] {
  const found: JournalEvent[] = [];
  for (let i = events.length - 1; i >= 0 && found.length < ids.size; i--)
    if (ids.has(events[i]!.id)) found.push(events[i]!);
  return found.reverse();
}

/**
 * Keeps what changes in the open kitchen, and takes in what other tabs write. Everything it writes goes to the kitchen that
 * was open when it changed.
 * @returns a function that stops keeping
 */
export function keepKitchen(store: Store): () => void {
  const drafts = keepDraftsOf(store);
  const stops = [
    store.dispatch(listenFor({ matcher: isAnyOf(logged), effect: () => void keepPending(store) })),
    askForRoom(store),
    drafts.stop,
    keepRestedDough(store),
    ...keepWorkedOut(store),
    tidyAfterOpening(store),
    forgetChangedShelf(store),
    listenToTabs((told) => takeIn(store, told)),
    whenSomethingIsLeft(() => {
      void takeUpWhatWasLeft().then((taken) => taken.forEach((told) => takeIn(store, told)));
    }),
    watchPage(store, drafts.onTheirWay),
  ];
  return () => stops.forEach((stop) => stop());
}

/** The first entry of one's own is when a promise to keep it is worth asking for. */
const askForRoom = (store: Store) =>
  store.dispatch(
    listenFor({
      matcher: isAnyOf(logged),
      effect: (_, api) => {
        if (api.getState().kitchen.name !== 'own') return;
        api.unsubscribe();
        void askToKeep();
      },
    }),
  );

/** A feed under way at the bench, and answers about a jar in trouble. */
function keepDraftsOf(store: Store) {
  let onTheirWay = 0;
  const stop = store.dispatch(
    listenFor({
      predicate: (_, now, before) =>
        now.kitchen.name === before.kitchen.name &&
        now.kitchen.kept &&
        (now.bench !== before.bench || now.trouble !== before.trouble),
      effect: (_, api) => {
        const { kitchen, bench, trouble } = api.getState();
        onTheirWay += 1;
        stayedAfterAll();
        keepDrafts(kitchen.name, { bench, trouble })
          .catch(() => store.dispatch(saveFailed(FULL)))
          .finally(() => (onTheirWay -= 1));
      },
    }),
  );
  return { stop, onTheirWay: () => onTheirWay > 0 };
}

const keepRestedDough = (store: Store) =>
  store.dispatch(
    listenFor({
      matcher: isAnyOf(doughDrafted),
      effect: async (_, api) => {
        api.cancelActiveListeners();
        await api.delay(RESTED);
        store.dispatch(keepDough());
      },
    }),
  );

/** What can be worked out again from the entries, kept to be there at once next time. */
const keepWorkedOut = (store: Store) => [
  store.dispatch(
    listenFor({
      matcher: isAnyOf(learned),
      effect: (_, api) => {
        const { kitchen, learnt } = api.getState();
        if (kitchen.kept) void keepCache(kitchen.name, 'learnt', learnt);
      },
    }),
  ),
  store.dispatch(
    listenFor({
      predicate: (action) =>
        searchEnded.match(action) ||
        (logged.match(action) && action.payload.some(({ kind }) => kind === 'planFollowed')),
      effect: (_, api) => {
        const state = api.getState();
        if (state.kitchen.kept) void keepCache(state.kitchen.name, 'plan', selectFollowed(state));
      },
    }),
  ),
  store.dispatch(
    listenFor({
      matcher: isAnyOf(logged, arrived, learned, opened),
      effect: async (_, api) => {
        api.cancelActiveListeners();
        await api.delay(QUIET);
        const { kitchen, caches } = api.getState();
        if (kitchen.kept) await keepCache(kitchen.name, 'folds', foldsToKeep(caches));
      },
    }),
  ),
];

const tidyAfterOpening = (store: Store) =>
  store.dispatch(
    listenFor({
      matcher: isAnyOf(opened),
      effect: async (_, api) => {
        api.cancelActiveListeners();
        await api.delay(2 * QUIET);
        // Without room the pages stay as they are.
        await tidyPages(api.getState().kitchen.name, readClock()).catch(() => undefined);
      },
    }),
  );

/** The picture that the first page begins with no longer shows what stands there. */
const forgetChangedShelf = (store: Store) =>
  store.dispatch(
    listenFor({
      matcher: isAnyOf(logged, arrived),
      effect: (_, api) => {
        const { events } = api.getState().kitchen;
        const fresh = events.slice(api.getOriginalState().kitchen.events.length);
        if (fresh.some(({ kind }) => ON_THE_SHELF.has(kind))) void forgetFirstPicture();
      },
    }),
  );

/** Takes in what another tab wrote for the kitchen that is open. */
function takeIn(store: Store, { kitchen, pages }: Told): void {
  if (store.getState().kitchen.name !== kitchen) return;
  readPages(pages, readClock()).then(
    (events) => store.dispatch(arrived({ kitchen, events })),
    () => undefined,
  );
}

/** What the page itself tells: that it is being left, and that the device has come into another zone. */
function watchPage(store: Store, draftsOnTheirWay: () => boolean): () => void {
  const stops = [
    whenPageGoes(() => {
      store.dispatch(keepDough());
      const { kitchen, bench, trouble } = store.getState();
      const { name, events, pending, unsaved } = kitchen;
      if (pending.length === 0 && !draftsOnTheirWay()) return true;
      const drafts = draftsOnTheirWay() ? { bench, trouble } : null;
      return leaveBehind(name, lastOf(events, new Set(pending)), drafts) && unsaved === null;
    }),
    whenPageHidesOrShows(() => {
      store.dispatch(keepDough());
      if (deviceZone() !== store.getState().kitchen.deviceZone)
        store.dispatch(deviceZoneFound(deviceZone()));
    }),
  ];
  return () => stops.forEach((stop) => stop());
}

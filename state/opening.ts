import { FIRST_PLACES } from '@core/ferment';
import { ENTRY_AHEAD, type JournalEvent, isTimely, rekeyed } from '@core/journal';
import { kitchenTime } from '@core/measure';
import { nanoid } from '@reduxjs/toolkit';

import { readClock } from './clock';
import { selectSettings } from './decided';
import { deviceZone } from './deviceZone';
import { type KitchenName, keepOpenName, openName, readKitchen, takeUpWhatWasLeft } from './door';
import { keepPending } from './keeping';
import { type OpenedKitchen, opened, saveFailed } from './kitchen';
import { demoComesFirst } from './platform';
import { USUAL_SETTINGS } from './settings';
import { type Store, listenFor } from './store';

/** Openings take their turns: whoever taps twice gets the kitchen that was asked for last. */
let turn: Promise<unknown> = Promise.resolve();

const inTurn = <T>(open: () => Promise<T>): Promise<T> => {
  const mine = turn.then(open, open);
  turn = mine.catch(() => undefined);
  return mine;
};

/**
 * Opens the kitchen that was open last.
 * @throws when the store cannot be read
 */
export const openLastKitchen = (store: Store): Promise<void> =>
  inTurn(async () => {
    await takeUpWhatWasLeft();
    await open(store, (await openName()) ?? firstKitchen());
  });

/**
 * Changes over to a kitchen. The other one stays in the store as it is; with entries that could not be saved yet, it is not
 * left.
 */
export const openKitchen = (store: Store, name: KitchenName): Promise<void> =>
  inTurn(async () => {
    if (await leave(store)) await open(store, name);
  });

/** Builds the demo household anew, as of now. What was in it before is withdrawn. */
export const startDemo = (store: Store): Promise<void> =>
  inTurn(async () => {
    if (!(await leave(store))) return;
    const kitchen = await readKitchen('demo', readClock());
    const events = await demoEvents(store);
    const gone: readonly JournalEvent[] =
      kitchen.events.length > 0
        ? [
            {
              kind: 'withdrew',
              id: nanoid(),
              at: new Date(readClock()).toISOString(),
              entries: kitchen.events.map(({ id }) => id),
            },
          ]
        : [];
    await begin(store, kitchen, [...gone, ...events]);
  });

/**
 * Opens a kitchen again once the clock is right by which some of it could not be read: a device that slept learns the hour while
 * the page is there. @returns a function that stops it
 */
export const openOnceClockIsRight = (store: Store): (() => void) =>
  store.dispatch(
    listenFor({
      // Just then and not at every hour after it: what is still not read would have it opened for ever.
      predicate: (_, { kitchen: { later }, time }, before) =>
        later !== null &&
        !isTimely(Date.parse(later.last), before.time.now, ENTRY_AHEAD) &&
        isTimely(Date.parse(later.last), time.now, ENTRY_AHEAD),
      effect: async (_, api) => {
        // Where it cannot be read now, a reload tries again.
        await openKitchen(store, api.getState().kitchen.name).catch(() => undefined);
      },
    }),
  );

async function open(store: Store, name: KitchenName): Promise<void> {
  const kitchen = await readKitchen(name, readClock());
  const first = kitchen.events.length > 0 ? [] : await firstEntries(store, name);
  await begin(store, kitchen, first);
}

/** Opens a kitchen with some entries that are not in the store yet, and writes those. */
async function begin(
  store: Store,
  kitchen: OpenedKitchen,
  first: readonly JournalEvent[],
): Promise<void> {
  // What is seen to be open is open after a reload too.
  await keepOpenName(kitchen.name);
  store.dispatch(
    opened({
      ...kitchen,
      events: [...kitchen.events, ...first],
      pending: first.map(({ id }) => id),
      kept: true,
    }),
  );
  await keepPending(store);
}

/** Writes what is not written yet; false when that fails. */
async function leave(store: Store): Promise<boolean> {
  if (store.getState().kitchen.status !== 'open') return true;
  await keepPending(store);
  if (store.getState().kitchen.pending.length === 0) return true;
  store.dispatch(
    saveFailed(
      'This kitchen stays open: the last entries are not saved yet and would be lost. Export it, or try again.',
    ),
  );
  return false;
}

/** What a kitchen begins with. */
const firstEntries = (store: Store, name: KitchenName): Promise<readonly JournalEvent[]> =>
  name === 'demo' ? demoEvents(store) : Promise.resolve(usualArrangement());

/** A kitchen begins with the places most kitchens have, under keys that are the same on every device, and in its zone. */
function usualArrangement(): readonly JournalEvent[] {
  const at = new Date(readClock()).toISOString();
  return [
    { kind: 'zoned', id: nanoid(), at, zone: deviceZone(), always: true },
    ...FIRST_PLACES.map((place): JournalEvent => ({ kind: 'arranged', id: nanoid(), at, place })),
  ];
}

/** The demo household, with keys of its own: two demos are two kitchens. Tastes are those of whoever looks at it. */
async function demoEvents(store: Store): Promise<readonly JournalEvent[]> {
  const { householdJournal, householdWish } = await import('@demo/index');
  const zone = deviceZone();
  const now = readClock();
  const mark = nanoid(10);
  const own = (id: string) => `${mark}-${id}`;
  const at = new Date(now).toISOString();
  const settings = selectSettings(store.getState());
  const tastes: readonly JournalEvent[] =
    settings === USUAL_SETTINGS ? [] : [{ kind: 'settled', id: nanoid(), at, settings }];
  const time = kitchenTime(zone);
  return [
    { kind: 'zoned', id: nanoid(), at, zone, always: true },
    ...rekeyed([...householdJournal(now, time), householdWish(now, time)], {
      jar: own,
      entry: own,
      tub: own,
    }),
    ...tastes,
  ];
}

/** The kitchen a first visit opens, as the server says; an empty one of the baker's own otherwise. */
const firstKitchen = (): KitchenName => (demoComesFirst() ? 'demo' : 'own');

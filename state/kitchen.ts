import { type Reducer, createAction } from '@reduxjs/toolkit';

import { type JournalEvent } from '@core/journal';

import { deviceZone } from './deviceZone';
import { type FromStore, type KitchenName, type Later, type SetAside } from './door';

export interface KitchenState {
  readonly name: KitchenName;
  readonly status: 'opening' | 'open';
  /** The zone of this device; the kitchen has its own. */
  readonly deviceZone: string;
  readonly events: readonly JournalEvent[];
  /** Entries that are not in the store yet, by id. Without a doorkeeper there are none. */
  readonly pending: readonly string[];
  /** Whether somebody writes entries into the store. */
  readonly kept: boolean;
  /** Why entries could not be written, in the baker's words; null when they are safe. */
  readonly unsaved: string | null;
  /** All that was ever set aside from this kitchen's store. */
  readonly setAside: readonly SetAside[];
  /** So many lines of that are news, which nobody has closed yet. */
  readonly damaged: number;
  /** What waits aside until the clock of this device is right. */
  readonly later: Later | null;
  /** Whether some of the journal was written by a newer version. */
  readonly newer: boolean;
}

/** A kitchen to be opened: all of it, so that nothing of the one before is left behind. */
export type OpenedKitchen = Pick<FromStore, 'name' | 'events'> &
  Partial<Omit<FromStore, 'name' | 'events'>> & {
    /** Entries that are not in the store yet. */
    readonly pending?: readonly string[];
    readonly kept?: boolean;
  };

const initialState: KitchenState = {
  name: 'own',
  status: 'opening',
  deviceZone: deviceZone(),
  events: [],
  pending: [],
  kept: false,
  unsaved: null,
  setAside: [],
  damaged: 0,
  later: null,
  newer: false,
};

export const opened = createAction<OpenedKitchen>('kitchen/opened');
/** Entries of this page: they are to be written. */
export const logged = createAction<readonly JournalEvent[]>('kitchen/logged');
/** Entries that are in the store already: another tab wrote them, or they came out of a file. */
export const arrived = createAction<{
  readonly kitchen: KitchenName;
  readonly events: readonly JournalEvent[];
}>('kitchen/arrived');
export const saved = createAction<{
  readonly kitchen: KitchenName;
  readonly ids: readonly string[];
}>('kitchen/saved');
/** With what to tell the baker. */
export const saveFailed = createAction<string>('kitchen/saveFailed');
export const setAsideAdded = createAction<readonly SetAside[]>('kitchen/setAsideAdded');
export const damageSeen = createAction('kitchen/damageSeen');
/** What waits for a later clock is told no more. */
export const laterLeft = createAction('kitchen/laterLeft');
export const deviceZoneFound = createAction<string>('kitchen/deviceZoneFound');

/** No slice: drafts of a journal of decades would cost more than what is done with it. */
export const kitchenReducer: Reducer<KitchenState> = (state = initialState, action) => {
  if (opened.match(action)) return openedAs(action.payload, state.deviceZone);
  if (logged.match(action)) {
    const fresh = unknownTo(state, action.payload);
    if (fresh.length === 0) return state;
    const pending = state.kept ? [...state.pending, ...fresh.map(({ id }) => id)] : [];
    return { ...state, events: state.events.concat(fresh), pending };
  }
  if (arrived.match(action) && action.payload.kitchen === state.name) {
    const fresh = unknownTo(state, action.payload.events);
    return fresh.length > 0 ? { ...state, events: state.events.concat(fresh) } : state;
  }
  if (saved.match(action) && action.payload.kitchen === state.name) {
    const ids = new Set(action.payload.ids);
    return { ...state, pending: state.pending.filter((id) => !ids.has(id)), unsaved: null };
  }
  if (saveFailed.match(action)) return { ...state, unsaved: action.payload };
  if (setAsideAdded.match(action))
    return { ...state, setAside: [...state.setAside, ...action.payload] };
  if (damageSeen.match(action)) return { ...state, damaged: 0 };
  if (laterLeft.match(action)) return { ...state, later: null };
  if (deviceZoneFound.match(action)) return { ...state, deviceZone: action.payload };
  return state;
};

const openedAs = (kitchen: OpenedKitchen, zone: string): KitchenState => ({
  ...initialState,
  deviceZone: zone,
  name: kitchen.name,
  status: 'open',
  events: kitchen.events,
  pending: kitchen.pending ?? [],
  kept: kitchen.kept ?? false,
  setAside: kitchen.setAside ?? [],
  damaged: kitchen.damaged ?? 0,
  later: kitchen.later ?? null,
  newer: kitchen.newer ?? false,
});

/** Entries are added, never changed: what is here already stays, by id. */
function unknownTo(
  { events }: KitchenState,
  offered: readonly JournalEvent[],
): readonly JournalEvent[] {
  const ids = new Set(offered.map(({ id }) => id));
  for (const { id } of events) ids.delete(id);
  return offered.filter(({ id }) => ids.delete(id));
}

import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type JournalEvent } from '@core/journal';

/** Two kitchens live side by side: the baker's own, and the demo household. */
export type KitchenName = 'own' | 'demo';

/** Lines of the store that could not be read; kept as text, out of the way. */
export interface SetAside {
  readonly lines: readonly string[];
  readonly because: string;
}

export interface KitchenState {
  readonly name: KitchenName;
  readonly status: 'opening' | 'open';
  readonly zone: string;
  readonly events: readonly JournalEvent[];
  readonly setAside: SetAside | null;
  /** Why the journal could not be written, in the baker's words; null when it is safe. */
  readonly unsaved: string | null;
}

/** A kitchen as it comes out of the store. */
export interface OpenedKitchen {
  readonly name: KitchenName;
  readonly events: readonly JournalEvent[];
  readonly setAside: SetAside | null;
}

const initialState: KitchenState = {
  name: 'own',
  status: 'opening',
  zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  events: [],
  setAside: null,
  unsaved: null,
};

const slice = createSlice({
  name: 'kitchen',
  initialState,
  reducers: {
    opened: (state, { payload }: PayloadAction<OpenedKitchen>) => ({
      ...state,
      ...payload,
      status: 'open' as const,
      unsaved: null,
    }),
    /** Events are added, never changed: what is here already stays, by id. */
    logged: (state, { payload }: PayloadAction<readonly JournalEvent[]>) => {
      const known = new Set(state.events.map((event) => event.id));
      const fresh = payload.filter((event) => !known.has(event.id));
      return fresh.length > 0 ? { ...state, events: [...state.events, ...fresh] } : state;
    },
    saved: (state) => ({ ...state, unsaved: null }),
    saveFailed: (state, { payload }: PayloadAction<string>) => ({ ...state, unsaved: payload }),
    setAsideDismissed: (state) => ({ ...state, setAside: null }),
  },
});

export const { opened, logged, saved, saveFailed, setAsideDismissed } = slice.actions;
export const kitchenReducer = slice.reducer;

import { type Dispatch, type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { readClock } from './clock';
import { whenPageHidesOrShows } from './platform';

const slice = createSlice({
  name: 'time',
  initialState: { now: readClock() },
  reducers: {
    ticked: (_, { payload }: PayloadAction<number>) => ({ now: payload }),
  },
});

export const { ticked } = slice.actions;
export const timeReducer = slice.reducer;

/** How often the jars on the shelves move, ms. */
const TICK = 20_000;

/**
 * Lets the jars move as time goes on. A device that slept has let no timer run: it says the hour at once when somebody looks at
 * it again. @returns a function that stops it
 */
export function keepTime({ dispatch }: { readonly dispatch: Dispatch }): () => void {
  const tick = () => void dispatch(ticked(readClock()));
  const timer = setInterval(tick, TICK);
  const unwatch = whenPageHidesOrShows(tick);
  return () => {
    clearInterval(timer);
    unwatch();
  };
}

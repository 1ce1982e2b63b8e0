import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { readClock } from './clock';

const slice = createSlice({
  name: 'time',
  initialState: { now: readClock() },
  reducers: {
    ticked: (_, { payload }: PayloadAction<number>) => ({ now: payload }),
  },
});

export const { ticked } = slice.actions;
export const timeReducer = slice.reducer;

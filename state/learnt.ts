import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Learnt } from '@core/calibrate';

import { opened } from './kitchen';
import { type LearntByJar } from './learntBook';

const initialState: LearntByJar = {};

const slice = createSlice({
  name: 'learnt',
  initialState,
  reducers: {
    learned: (
      state,
      {
        payload: { jar, ...lesson },
      }: PayloadAction<{ readonly jar: string; readonly learnt: Learnt; readonly log: string }>,
    ): LearntByJar => ({ ...(state as LearntByJar), [jar]: lesson }),
  },
  extraReducers: (builder) =>
    builder.addCase(opened, (_, { payload }): LearntByJar => payload.learnt ?? {}),
});

export const { learned } = slice.actions;
export const learntReducer = slice.reducer;

const reading = createSlice({
  name: 'reading',
  /** Whether logs are still being read: what is said of a jar may change in a moment. */
  initialState: true,
  reducers: { logsRead: () => false },
  extraReducers: (builder) => builder.addCase(opened, () => true),
});

export const { logsRead } = reading.actions;
export const readingReducer = reading.reducer;

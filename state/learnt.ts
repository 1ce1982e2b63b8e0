import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Learnt } from '@core/calibrate';

/** What was learnt of each jar, and the log it rests on. Can be thrown away at any time: it is learnt again. */
export type LearntByJar = Readonly<
  Record<string, { readonly learnt: Learnt; readonly log: string }>
>;

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
    ) => ({ ...state, [jar]: lesson }),
    learntOpened: (_, { payload }: PayloadAction<LearntByJar>) => payload,
  },
});

export const { learned, learntOpened } = slice.actions;
export const learntReducer = slice.reducer;

import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Wishes } from './plan';

/** What the bar at the bottom says, the entries its undo would withdraw, and the wishes it would bring back. */
export interface Notice {
  readonly text: string;
  readonly undo: readonly string[];
  readonly wishes?: Wishes;
}

const slice = createSlice({
  name: 'notice',
  initialState: null as Notice | null,
  reducers: {
    noticed: (_, { payload }: PayloadAction<Notice>) => payload,
    noticeClosed: () => null,
  },
});

export const { noticed, noticeClosed } = slice.actions;
export const noticeReducer = slice.reducer;

import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { opened } from './kitchen';

/** What the bar at the bottom says, and the entries its undo would withdraw. */
export interface Notice {
  readonly text: string;
  readonly undo: readonly string[];
}

const slice = createSlice({
  name: 'notice',
  initialState: null as Notice | null,
  reducers: {
    noticed: (_, { payload }: PayloadAction<Notice>) => payload,
    noticeClosed: () => null,
  },
  // What was done in one kitchen is not to be undone in another.
  extraReducers: (builder) => builder.addCase(opened, () => null),
});

export const { noticed, noticeClosed } = slice.actions;
export const noticeReducer = slice.reducer;

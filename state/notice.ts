import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { opened } from './kitchen';

/** What the bar at the bottom says, and the entries its undo would withdraw. */
export interface Announcement {
  readonly text: string;
  readonly undo: readonly string[];
}

const slice = createSlice({
  name: 'notice',
  initialState: null as Announcement | null,
  reducers: {
    noticed: (_, { payload }: PayloadAction<Announcement>) => payload,
    noticeClosed: () => null,
  },
  // What was done in one kitchen is not to be undone in another.
  extraReducers: (builder) => builder.addCase(opened, () => null),
});

export const { noticed, noticeClosed } = slice.actions;
export const noticeReducer = slice.reducer;

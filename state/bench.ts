import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type BenchDraft, type BenchDrafts } from './benchDraft';
import { opened } from './kitchen';

const initialState: BenchDrafts = {};

const slice = createSlice({
  name: 'bench',
  initialState,
  reducers: {
    draftChanged: (
      drafts,
      { payload }: PayloadAction<{ readonly jar: string; readonly draft: BenchDraft }>,
    ): BenchDrafts => ({ ...(drafts as BenchDrafts), [payload.jar]: payload.draft }),
    draftCleared: (drafts, { payload: jar }: PayloadAction<string>): BenchDrafts =>
      Object.fromEntries(Object.entries(drafts as BenchDrafts).filter(([id]) => id !== jar)),
  },
  extraReducers: (builder) =>
    builder.addCase(opened, (_, { payload }): BenchDrafts => payload.drafts?.bench ?? {}),
});

export const { draftChanged, draftCleared } = slice.actions;
export const benchReducer = slice.reducer;

import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Signs } from '@core/rescue';

import { opened } from './kitchen';
import { type Troubles } from './troubleAnswers';

const initialState: Troubles = {};

const slice = createSlice({
  name: 'trouble',
  initialState,
  reducers: {
    signsTold: (
      troubles,
      { payload }: PayloadAction<{ readonly jar: string; readonly signs: Signs }>,
    ): Troubles => ({ ...(troubles as Troubles), [payload.jar]: payload.signs }),
    signsForgotten: (troubles, { payload }: PayloadAction<string>): Troubles =>
      Object.fromEntries(Object.entries(troubles as Troubles).filter(([jar]) => jar !== payload)),
  },
  extraReducers: (builder) =>
    builder.addCase(opened, (_, { payload }): Troubles => payload.drafts?.trouble ?? {}),
});

export const { signsTold, signsForgotten } = slice.actions;
export const troubleReducer = slice.reducer;

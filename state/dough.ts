import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { USUAL_DOUGH } from '@core/bench';
import { type Dough } from '@core/journal';

import { opened } from './kitchen';

export const USUAL_DOUGH_CARD: Dough = {
  from: 'percentages',
  formula: USUAL_DOUGH,
  recipe: { flourG: 500, waterG: 340, saltG: 10, sugarG: 0, fatG: 0 },
  jar: null,
  celsius: null,
};

const slice = createSlice({
  name: 'dough',
  /** The dough while it is being worked out; it becomes an entry when it has rested for a moment. */
  initialState: null as Dough | null,
  reducers: {
    doughDrafted: (_, { payload }: PayloadAction<Dough>): Dough | null => payload,
    doughRested: () => null,
  },
  extraReducers: (builder) => builder.addCase(opened, () => null),
});

export const { doughDrafted, doughRested } = slice.actions;
export const doughReducer = slice.reducer;

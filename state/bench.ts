import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Landed, type Weighing } from '@core/bench';
import { type Destination } from '@core/journal';
import { type OtherFlour } from '@core/larder';

/** A feed under way at the bench. It survives a reload, and another jar's feed. */
export interface BenchDraft {
  /** 0 keep, then water and flour in the baker's order, 3 mix and mark, 4 place. */
  readonly step: number;
  readonly keepG: number;
  readonly parts: number;
  readonly waterParts: number;
  readonly order: 'waterFirst' | 'flourFirst';
  readonly weighing: Weighing;
  readonly landed: Landed;
  readonly to: Destination;
  readonly wantedAt: string | null;
  /** When the mix was made, if not now. */
  readonly fedAt: string | null;
  readonly place: string | null;
  /** Another flour than the jar's own, for this feed; a draft kept before there was such a thing has none. */
  readonly other?: OtherFlour | null;
}

export type BenchDrafts = Readonly<Record<string, BenchDraft>>;

const initialState: BenchDrafts = {};

const slice = createSlice({
  name: 'bench',
  initialState,
  reducers: {
    draftChanged: (
      drafts,
      { payload }: PayloadAction<{ readonly jar: string; readonly draft: BenchDraft }>,
    ) => ({ ...drafts, [payload.jar]: payload.draft }),
    draftCleared: (drafts, { payload: jar }: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(drafts).filter(([id]) => id !== jar)),
    draftsOpened: (_, { payload }: PayloadAction<BenchDrafts>) => payload,
  },
});

export const { draftChanged, draftCleared, draftsOpened } = slice.actions;
export const benchReducer = slice.reducer;

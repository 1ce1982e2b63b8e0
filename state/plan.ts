import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Impossible, type Plan } from '@core/plan';

import { logged, opened } from './kitchen';

/** What a search for plans has found; what is wished for stands in the journal. */
export interface PlanState {
  /** Whether somebody looks at the plans. Otherwise they are made only for one that is followed. */
  readonly looked: boolean;
  readonly plans: readonly Plan[];
  readonly impossible: readonly Impossible[];
  /** How far the search has come; null when none is under way. */
  readonly searching: number | null;
  /** How the last search came to an end before it had found all; null when it did not. */
  readonly stopped: 'byHand' | 'failed' | null;
  /** What changed when the followed plan was made anew. */
  readonly mended: string | null;
}

const initialState: PlanState = {
  looked: false,
  plans: [],
  impossible: [],
  searching: null,
  stopped: null,
  mended: null,
};

/** Entries that say how a plan should be: with these, what changed in it needs no telling. */
const WISHES: ReadonlySet<string> = new Set([
  'wished',
  'wishDropped',
  'handsAre',
  'away',
  'letBe',
  'planFollowed',
  'settled',
]);

const slice = createSlice({
  name: 'plan',
  initialState,
  reducers: {
    mendingSeen: (state): PlanState => ({ ...state, mended: null }),
    planLookedAt: (state, { payload }: PayloadAction<boolean>): PlanState => ({
      ...state,
      looked: payload,
    }),
    searchBegun: (state): PlanState => ({ ...state, searching: 0, stopped: null }),
    searchWentOn: (state, { payload }: PayloadAction<number>): PlanState =>
      state.searching === null ? state : { ...state, searching: payload },
    /** The first plan of a search: it stands until the others are there too. */
    planFound: (state, { payload }: PayloadAction<Plan>): PlanState =>
      state.searching === null ? state : { ...state, plans: [payload], impossible: [] },
    /** Somebody has seen enough; what was found before stands. */
    searchStopAsked: (state): PlanState => state,
    /** It ended without all that it might have found; null where nobody waits for that. */
    searchStopped: (state, { payload }: PayloadAction<PlanState['stopped']>): PlanState => ({
      ...state,
      searching: null,
      stopped: payload,
    }),
    /** Somebody wants it after all. */
    searchAskedAgain: (state): PlanState => state,
    /** What would make their unlikely bakes likelier has been found too. */
    plansRaised: (
      state,
      {
        payload: { plans, mended },
      }: PayloadAction<{ readonly plans: readonly Plan[]; readonly mended: string | null }>,
    ): PlanState => ({
      ...state,
      plans,
      // What was read already is not told again.
      mended: state.mended && (mended ?? state.mended),
    }),
    searchEnded: (
      state,
      {
        payload,
      }: PayloadAction<{
        readonly plans: readonly Plan[];
        readonly impossible: readonly Impossible[];
        readonly mended: string | null;
      }>,
    ): PlanState => ({ ...state, ...payload, searching: null, stopped: null }),
  },
  extraReducers: (builder) =>
    builder
      // With the plan that was followed when the kitchen was closed.
      .addCase(opened, ({ looked }, { payload }): PlanState => ({
        ...initialState,
        plans: payload.plan ? [payload.plan] : [],
        looked,
      }))
      .addCase(logged, (state, { payload }): PlanState =>
        payload.some(({ kind }) => WISHES.has(kind)) ? { ...state, mended: null } : state,
      ),
});

export const {
  mendingSeen,
  planLookedAt,
  searchBegun,
  searchWentOn,
  planFound,
  plansRaised,
  searchStopAsked,
  searchAskedAgain,
  searchStopped,
  searchEnded,
} = slice.actions;
export const planReducer = slice.reducer;

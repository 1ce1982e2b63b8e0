import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Hands, type Impossible, type Plan, type PlanName } from '@core/plan';

/** A bake that a baker wants levain for. Instants as numbers. */
export interface Bake {
  readonly id: string;
  readonly name: string;
  readonly jar: string;
  readonly levainG: number;
  readonly from: number;
  readonly until: number;
}

/** When hands are there: up from one local hour to another, away at work on some days (0 is Monday). */
export interface HandsPattern {
  readonly upFrom: number;
  readonly upUntil: number;
  readonly workDays: readonly number[];
  readonly workFrom: number;
  readonly workUntil: number;
}

/** What is wished for, and kept. */
export interface Wishes {
  readonly bakes: readonly Bake[];
  readonly hands: HandsPattern;
  readonly trips: readonly Hands[];
  /** Which of the plans offered is followed; null while none is. */
  readonly chosen: PlanName | null;
}

export interface PlanState extends Wishes {
  /** Whether somebody looks at the plans. Otherwise they are made only for one that is followed. */
  readonly looked: boolean;
  readonly plans: readonly Plan[];
  readonly impossible: readonly Impossible[];
  /** How far the search has come; null when none is under way. */
  readonly searching: number | null;
  /** What changed when the followed plan was made anew. */
  readonly mended: string | null;
}

export const USUAL_WISHES: Wishes = {
  bakes: [],
  hands: { upFrom: 6.5, upUntil: 22.5, workDays: [0, 1, 2, 3, 4], workFrom: 8, workUntil: 17.5 },
  trips: [],
  chosen: null,
};

const initialState: PlanState = {
  ...USUAL_WISHES,
  looked: false,
  plans: [],
  impossible: [],
  searching: null,
  mended: null,
};

const slice = createSlice({
  name: 'plan',
  initialState,
  reducers: {
    wishesOpened: ({ looked }, { payload }: PayloadAction<Wishes>): PlanState => ({
      ...initialState,
      ...payload,
      looked,
    }),
    bakeAdded: (state, { payload }: PayloadAction<Bake>): PlanState => ({
      ...state,
      bakes: [...state.bakes.filter(({ id }) => id !== payload.id), payload].sort(
        (a, b) => a.from - b.from,
      ),
      mended: null,
    }),
    bakeRemoved: (state, { payload }: PayloadAction<string>): PlanState => ({
      ...state,
      bakes: state.bakes.filter(({ id }) => id !== payload),
      mended: null,
    }),
    handsChanged: (state, { payload }: PayloadAction<HandsPattern>): PlanState => ({
      ...state,
      hands: payload,
      mended: null,
    }),
    tripsChanged: (state, { payload }: PayloadAction<readonly Hands[]>): PlanState => ({
      ...state,
      trips: payload,
      mended: null,
    }),
    planChosen: (state, { payload }: PayloadAction<PlanName | null>): PlanState => ({
      ...state,
      chosen: payload,
      mended: null,
    }),
    planLookedAt: (state, { payload }: PayloadAction<boolean>): PlanState => ({
      ...state,
      looked: payload,
    }),
    searchBegun: (state): PlanState => ({ ...state, searching: 0 }),
    searchWentOn: (state, { payload }: PayloadAction<number>): PlanState =>
      state.searching === null ? state : { ...state, searching: payload },
    searchStopped: (state): PlanState => ({ ...state, searching: null }),
    searchEnded: (
      state,
      {
        payload,
      }: PayloadAction<{
        readonly plans: readonly Plan[];
        readonly impossible: readonly Impossible[];
        readonly mended: string | null;
      }>,
    ): PlanState => ({ ...state, ...payload, searching: null }),
  },
});

export const {
  wishesOpened,
  bakeAdded,
  bakeRemoved,
  handsChanged,
  tripsChanged,
  planChosen,
  planLookedAt,
  searchBegun,
  searchWentOn,
  searchStopped,
  searchEnded,
} = slice.actions;
export const planReducer = slice.reducer;

/** Wishes from anything that was stored: what can be used is used. */
export function wishesFrom(raw: unknown): Wishes {
  if (typeof raw !== 'object' || raw === null) return USUAL_WISHES;
  const given = raw as Partial<Wishes>;
  return {
    bakes: Array.isArray(given.bakes) ? given.bakes : [],
    hands: { ...USUAL_WISHES.hands, ...given.hands },
    trips: Array.isArray(given.trips) ? given.trips : [],
    chosen: given.chosen ?? null,
  };
}

/** The plan that is followed. */
export const followedPlan = ({ plans, chosen }: PlanState): Plan | null =>
  chosen === null ? null : (plans.find(({ name }) => name === chosen) ?? plans[0] ?? null);

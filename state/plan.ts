import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Hands, type Impossible, type LeftAlone, type Plan, type PlanName } from '@core/plan';

import { type HandsPattern, USUAL_HANDS, handsFromStored } from './hands';

/** A bake that a baker wants levain for. Instants as numbers. */
export interface Bake {
  readonly id: string;
  readonly name: string;
  readonly jar: string;
  readonly levainG: number;
  readonly from: number;
  readonly until: number;
}

/** What is wished for, and kept. */
export interface Wishes {
  readonly bakes: readonly Bake[];
  readonly hands: HandsPattern;
  readonly trips: readonly Hands[];
  /** Steps skipped or put off: so long their jars are left alone. */
  readonly leftAlone: readonly LeftAlone[];
  /** Feeds in a row that must have doubled before a levain is built. */
  readonly strongFeeds: number;
  /** Flour in the house, grams; null when there is plenty. */
  readonly flourAtHandG: number | null;
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
  hands: USUAL_HANDS,
  trips: [],
  leftAlone: [],
  strongFeeds: 0,
  flourAtHandG: null,
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
    /** Opens a kitchen's wishes, with the plan that was followed when it was closed. */
    wishesOpened: (
      { looked },
      { payload }: PayloadAction<{ readonly wishes: Wishes; readonly followed: Plan | null }>,
    ): PlanState => ({
      ...initialState,
      ...payload.wishes,
      plans: payload.followed ? [payload.followed] : [],
      looked,
    }),
    wishesRestored: (state, { payload }: PayloadAction<Wishes>): PlanState => ({
      ...state,
      ...payload,
      mended: null,
    }),
    bakeAdded: (state, { payload }: PayloadAction<Bake>): PlanState => ({
      ...state,
      bakes: [...state.bakes.filter(({ id }) => id !== payload.id), payload].sort(
        (a, b) => a.from - b.from,
      ),
      mended: null,
    }),
    bakeMoved: (
      state,
      { payload }: PayloadAction<{ readonly id: string; readonly by: number }>,
    ): PlanState => ({
      ...state,
      bakes: state.bakes
        .map((bake) =>
          bake.id === payload.id
            ? { ...bake, from: bake.from + payload.by, until: bake.until + payload.by }
            : bake,
        )
        .sort((a, b) => a.from - b.from),
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
    jarLeftAlone: (state, { payload }: PayloadAction<LeftAlone>): PlanState => ({
      ...state,
      leftAlone: [
        ...state.leftAlone.filter(
          ({ jar, from, until }) =>
            jar !== payload.jar || until <= payload.from || from >= payload.until,
        ),
        payload,
      ].sort((a, b) => a.from - b.from),
      mended: null,
    }),
    leftAloneEnded: (state, { payload }: PayloadAction<LeftAlone>): PlanState => ({
      ...state,
      leftAlone: state.leftAlone.filter(
        ({ jar, from }) => jar !== payload.jar || from !== payload.from,
      ),
      mended: null,
    }),
    strengthAsked: (state, { payload }: PayloadAction<number>): PlanState => ({
      ...state,
      strongFeeds: payload,
      mended: null,
    }),
    flourCounted: (state, { payload }: PayloadAction<number | null>): PlanState => ({
      ...state,
      flourAtHandG: payload,
      mended: null,
    }),
    planChosen: (state, { payload }: PayloadAction<PlanName | null>): PlanState => ({
      ...state,
      chosen: payload,
      mended: null,
    }),
    mendingSeen: (state): PlanState => ({ ...state, mended: null }),
    planLookedAt: (state, { payload }: PayloadAction<boolean>): PlanState => ({
      ...state,
      looked: payload,
    }),
    searchBegun: (state): PlanState => ({ ...state, searching: 0 }),
    searchWentOn: (state, { payload }: PayloadAction<number>): PlanState =>
      state.searching === null ? state : { ...state, searching: payload },
    /** The first plan of a search: it stands until the others are there too. */
    planFound: (state, { payload }: PayloadAction<Plan>): PlanState =>
      state.searching === null ? state : { ...state, plans: [payload], impossible: [] },
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
  wishesRestored,
  bakeAdded,
  bakeMoved,
  bakeRemoved,
  handsChanged,
  tripsChanged,
  jarLeftAlone,
  leftAloneEnded,
  strengthAsked,
  flourCounted,
  planChosen,
  mendingSeen,
  planLookedAt,
  searchBegun,
  searchWentOn,
  planFound,
  searchStopped,
  searchEnded,
} = slice.actions;
export const planReducer = slice.reducer;

/** Wishes and the plan followed, from anything that was stored: what can be used is used. */
export function wishesFrom(raw: unknown): {
  readonly wishes: Wishes;
  readonly followed: Plan | null;
} {
  if (typeof raw !== 'object' || raw === null) return { wishes: USUAL_WISHES, followed: null };
  const given = raw as Partial<Wishes> & { readonly followed?: Plan | null };
  const list = <T>(of: readonly T[] | undefined): readonly T[] =>
    Array.isArray(of) ? (of as readonly T[]) : [];
  return {
    wishes: {
      bakes: list(given.bakes),
      hands: handsFromStored(given.hands),
      trips: list(given.trips),
      leftAlone: list(given.leftAlone),
      strongFeeds: [0, 1, 2].find((n) => n === given.strongFeeds) ?? 0,
      flourAtHandG: typeof given.flourAtHandG === 'number' ? given.flourAtHandG : null,
      chosen: given.chosen ?? null,
    },
    followed: Array.isArray(given.followed?.steps) ? given.followed : null,
  };
}

/** The wishes alone. */
export function wishesOf(state: PlanState): Wishes {
  const { bakes, hands, trips, leftAlone, strongFeeds, flourAtHandG, chosen } = state;
  return { bakes, hands, trips, leftAlone, strongFeeds, flourAtHandG, chosen };
}

/** What is kept of the plans: the wishes, and the plan followed, so that it is there before it is sought again. */
export const keptOf = (state: PlanState) => ({
  ...wishesOf(state),
  followed: followedPlan(state),
});

/** The plan that is followed. */
export const followedPlan = ({ plans, chosen }: PlanState): Plan | null =>
  chosen === null ? null : (plans.find(({ name }) => name === chosen) ?? plans[0] ?? null);

import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type DoughFormula, USUAL_DOUGH, type YeastRecipe } from '@core/bench';

/** The dough on the card, as it was last reckoned with. */
export interface DoughState {
  readonly from: 'percentages' | 'yeastRecipe';
  readonly formula: DoughFormula;
  readonly recipe: YeastRecipe;
  /** The jar its levain comes from; null for the first on the shelf. */
  readonly jar: string | null;
  /** Temperature of the bulk; null for the kitchen as it is. */
  readonly celsius: number | null;
}

export const USUAL_STATE: DoughState = {
  from: 'percentages',
  formula: USUAL_DOUGH,
  recipe: { flourG: 500, waterG: 340, saltG: 10, sugarG: 0, fatG: 0 },
  jar: null,
  celsius: null,
};

const slice = createSlice({
  name: 'dough',
  initialState: USUAL_STATE,
  reducers: {
    doughChanged: (state, { payload }: PayloadAction<Partial<DoughState>>): DoughState => ({
      ...state,
      ...payload,
    }),
  },
});

export const { doughChanged } = slice.actions;
export const doughReducer = slice.reducer;

/** A dough from anything that was stored: what can be used is used. */
export function doughFrom(raw: unknown): DoughState {
  if (typeof raw !== 'object' || raw === null) return USUAL_STATE;
  const given = raw as Partial<DoughState>;
  const numbers = <T extends object>(usual: T, from: Partial<T> | undefined): T =>
    Object.fromEntries(
      Object.entries(usual).map(([key, value]) => {
        const stored = from?.[key as keyof T];
        return [key, typeof stored === 'number' && stored >= 0 ? stored : (value as unknown)];
      }),
    ) as T;
  return {
    from: given.from === 'yeastRecipe' ? 'yeastRecipe' : 'percentages',
    formula: numbers(USUAL_STATE.formula, given.formula),
    recipe: numbers(USUAL_STATE.recipe, given.recipe),
    jar: typeof given.jar === 'string' ? given.jar : null,
    celsius: typeof given.celsius === 'number' ? given.celsius : null,
  };
}

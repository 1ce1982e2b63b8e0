import { combineReducers, configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';

import { benchReducer } from './bench';
import { doughReducer } from './dough';
import { kitchenReducer } from './kitchen';
import { learntReducer } from './learnt';
import { noticeReducer } from './notice';
import { planReducer } from './plan';
import { settingsReducer } from './settings';
import { timeReducer } from './time';
import { troubleReducer } from './trouble';

const reducer = combineReducers({
  kitchen: kitchenReducer,
  settings: settingsReducer,
  bench: benchReducer,
  dough: doughReducer,
  learnt: learntReducer,
  notice: noticeReducer,
  plan: planReducer,
  time: timeReducer,
  trouble: troubleReducer,
});

/** A store of its own: one for the application, one for each test. */
export const makeStore = () =>
  configureStore({
    reducer,
    // The journal is plain and never mutated; walking it at every action would cost more than the action.
    middleware: (usual) => usual({ serializableCheck: false, immutableCheck: false }),
  });

export type Store = ReturnType<typeof makeStore>;
export type RootState = ReturnType<typeof reducer>;
export type Dispatch = Store['dispatch'];

export const useAppDispatch = useDispatch.withTypes<Dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();

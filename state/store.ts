import {
  addListener,
  combineReducers,
  configureStore,
  createListenerMiddleware,
} from '@reduxjs/toolkit';
import { setAutoFreeze } from 'immer';
import { useDispatch, useSelector } from 'react-redux';

import { benchReducer } from './bench';
import { cachesReducer } from './caches';
import { doughReducer } from './dough';
import { kitchenReducer } from './kitchen';
import { learntReducer, readingReducer } from './learnt';
import { noticeReducer } from './notice';
import { planReducer } from './plan';
import { timeReducer } from './time';
import { troubleReducer } from './trouble';

// A journal of decades is plain and never mutated: freezing all of it would cost more than opening it.
setAutoFreeze(false);

const reducer = combineReducers({
  kitchen: kitchenReducer,
  bench: benchReducer,
  caches: cachesReducer,
  dough: doughReducer,
  learnt: learntReducer,
  notice: noticeReducer,
  plan: planReducer,
  reading: readingReducer,
  time: timeReducer,
  trouble: troubleReducer,
});

/** A store of its own: one for the application, one for each test. Who keeps it, learns or plans listens to it. */
export const makeStore = () =>
  configureStore({
    reducer,
    // Walking a journal at every action would cost more than the action.
    middleware: (usual) =>
      usual({ serializableCheck: false, immutableCheck: false }).prepend(
        createListenerMiddleware().middleware,
      ),
  });

export type Store = ReturnType<typeof makeStore>;
export type RootState = ReturnType<typeof reducer>;
export type Dispatch = Store['dispatch'];

export const useAppDispatch = useDispatch.withTypes<Dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();

/** Dispatched, it begins to listen and gives back what ends it. */
export const listenFor = addListener.withTypes<RootState, Dispatch>();

import { type ReactNode, useEffect, useState } from 'react';
import { Provider } from 'react-redux';

import { type Plan } from '@core/plan';
import { LookProvider } from '@kit';
import {
  type RootState,
  clockStandsStill,
  keepLearning,
  keepPlanning,
  keepStore,
  makeStore,
  readClock,
  selectJar,
  selectPlaces,
  ticked,
  useAppSelector,
} from '@state';

import { kitchenWords, mendedWords } from '../words';
import { Reminders } from './Reminders';

/** How often the jars on the shelves move, ms. */
const TICK = 20_000;

/** The store, the look, and the clock that moves the jars. Shows nothing until the kitchen is open. */
export function Kitchen({ children }: { readonly children: ReactNode }) {
  const [store] = useState(makeStore);
  useEffect(() => {
    const keeping = keepStore(store).then((stopKeeping) => {
      const stopLearning = keepLearning(store);
      const stopPlanning = keepPlanning(store, explainMending);
      return () => {
        stopPlanning();
        stopLearning();
        stopKeeping();
      };
    });
    const timer = clockStandsStill
      ? undefined
      : setInterval(() => store.dispatch(ticked(readClock())), TICK);
    return () => {
      clearInterval(timer);
      void keeping.then((stop) => stop());
    };
  }, [store]);
  return (
    <Provider store={store}>
      <Opened>{children}</Opened>
    </Provider>
  );
}

function Opened({ children }: { readonly children: ReactNode }) {
  const open = useAppSelector((state) => state.kitchen.status === 'open');
  const theme = useAppSelector((state) => state.settings.theme);
  return open ? (
    <LookProvider theme={theme}>
      {children}
      <Reminders />
    </LookProvider>
  ) : null;
}

/** What changed in the followed plan, in the kitchen's words. */
function explainMending(before: Plan, after: Plan, state: RootState): string | null {
  const words = kitchenWords(state.settings, state.kitchen.zone, state.time.now);
  const name = (id: string) => selectJar(state, id)?.card.name ?? id;
  const place = (id: string) =>
    selectPlaces(state)
      .find((p) => p.id === id)
      ?.name.toLowerCase() ?? id;
  return mendedWords(before, after, name, place, words);
}

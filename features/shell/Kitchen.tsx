import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { Provider } from 'react-redux';

import { type Plan } from '@core/plan';
import { DateStyleContext, LookProvider, reload } from '@kit';
import {
  type RootState,
  keepKitchen,
  keepLearning,
  keepPending,
  keepPlanning,
  keepTime,
  makeStore,
  openLastKitchen,
  openOnceClockIsRight,
  type Store,
  readHubKey,
  selectJar,
  selectNow,
  selectBakes,
  selectPlaces,
  selectSettings,
  selectZone,
  useAppSelector,
} from '@state';

import { bakeNames, kitchenWords, mendedWords, useKitchenWords } from '../words';
import { PageBoundary } from './PageBoundary';
import { Reminders } from './Reminders';
import { RescuePage } from './RescuePage';

let made: Store | null = null;
/**
 * One store for as long as the page is there. Led to an entry of the history that it has no state for (Forward), the router
 * draws everything anew: what listens to devices and to the other device goes on with the store that the baker sees.
 */
const storeOfThisPage = (): Store => (made ??= makeStore());

/** The store, the look, and the clock that moves the jars. Shows nothing until the kitchen is open. */
export function Kitchen({ children }: { readonly children: ReactNode }) {
  const [store] = useState(storeOfThisPage);
  const [fault, setFault] = useState<Error | null>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    const stops = [keepKitchen(store), keepTime(store), openOnceClockIsRight(store)];
    let left = false;
    const isOpen = store.getState().kitchen.status === 'open';
    // What came in while nothing kept it, as all was drawn anew, is kept now.
    (isOpen ? keepPending(store) : openLastKitchen(store)).then(
      () => {
        if (left) return;
        setFault(null);
        stops.push(keepLearning(store), keepPlanning(store, explainMending), listenLater(store));
      },
      (error: unknown) => setFault(error instanceof Error ? error : new Error(String(error))),
    );
    return () => {
      left = true;
      stops.forEach((stop) => stop());
    };
  }, [store, tries]);
  if (fault)
    return (
      <LookProvider theme="system">
        <RescuePage fault={fault} onAgain={() => setTries(tries + 1)} />
      </LookProvider>
    );
  return (
    <Provider store={store}>
      <Opened>{children}</Opened>
    </Provider>
  );
}

/** What nobody waits for is done once the page has done what is asked of it first, ms. */
const LATER = 2500;

/**
 * Pictures that nothing speaks of are dropped; where there is a key to the hub, its devices and the other device are listened
 * to. @returns a function that stops waiting
 */
function listenLater(store: Store): () => void {
  const timer = setTimeout(() => {
    void (async () => {
      // Where that cannot be fetched now, at the next opening.
      await import('@state/strayPictures')
        .then(({ strayPicturesDropped }) => store.dispatch(strayPicturesDropped()))
        .catch(() => undefined);
      if ((await readHubKey()) === null) return;
      const { keepHub } = await import('../devices');
      keepHub(store);
    })();
  }, LATER);
  return () => clearTimeout(timer);
}

function Opened({ children }: { readonly children: ReactNode }) {
  const open = useAppSelector((state) => state.kitchen.status === 'open');
  return open ? <Looking>{children}</Looking> : null;
}

function Looking({ children }: { readonly children: ReactNode }) {
  const { theme, dates: order, clock } = useAppSelector(selectSettings);
  const words = useKitchenWords();
  const today = words.fieldText(useAppSelector(selectNow)).slice(0, 10);
  const dateStyle = useMemo(() => ({ order, clock, today }), [order, clock, today]);
  return (
    <LookProvider theme={theme}>
      <DateStyleContext.Provider value={dateStyle}>
        {children}
        <Reminders />
      </DateStyleContext.Provider>
    </LookProvider>
  );
}

/**
 * A fault that nothing below has caught: a page in plain colours, from the raw store. Tried again is the page as a whole: what
 * the store of this page holds may be the fault.
 */
export function LastResort({ children }: { readonly children: ReactNode }) {
  return (
    <LookProvider theme="system">
      <PageBoundary onAgain={reload}>{children}</PageBoundary>
    </LookProvider>
  );
}

/** What changed in the followed plan, in the kitchen's words. */
function explainMending(before: Plan, after: Plan, state: RootState): string | null {
  const words = kitchenWords(selectSettings(state), selectZone(state), selectNow(state));
  const jarName = (id: string) => selectJar(state, id)?.card.name ?? id;
  const placeName = (id: string) =>
    selectPlaces(state)
      .find((p) => p.id === id)
      ?.name.toLowerCase() ?? id;
  const bakeName = bakeNames(selectBakes(state), words);
  return mendedWords(before, after, { jarName, placeName, bakeName }, words);
}

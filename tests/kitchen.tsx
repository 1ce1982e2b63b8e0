import { act, fireEvent, render, screen as shown } from '@testing-library/react';
import { type ReactNode } from 'react';
import { Provider } from 'react-redux';

import { kitchenTime } from '@core/measure';
import { type JournalEvent } from '@core/journal';
import { householdJournal } from '@demo/index';
import { LookProvider } from '@kit';
import { type Store, makeStore, opened, settingsChanged, ticked, usualSettings } from '@state';

export const NOW = Date.parse('2026-03-13T18:20:00Z');

/** Where the router was asked to go; emptied by each {@link show}. */
export const went: string[] = [];

export const mockRouter = {
  navigate: (path: string) => went.push(path),
  replace: (path: string) => went.push(path),
  setParams: () => undefined,
};

/** Made once: it is the same every time. */
const DEMO = householdJournal(NOW, kitchenTime('Europe/Lisbon'));

/** A store with a kitchen open in it: the demo household, or what is given. */
export function kitchenStore(events?: readonly JournalEvent[], now = NOW): Store {
  const store = makeStore();
  store.dispatch(ticked(now));
  store.dispatch(settingsChanged(usualSettings('en-GB')));
  store.dispatch(
    opened({
      name: events ? 'own' : 'demo',
      events: events ?? DEMO,
      setAside: null,
    }),
  );
  return store;
}

/** Shows a screen in a kitchen. */
export function show(screen: ReactNode, store: Store = kitchenStore()): Store {
  went.length = 0;
  render(
    <Provider store={store}>
      <LookProvider theme="light">{screen}</LookProvider>
    </Provider>,
  );
  return store;
}

/** Touches something by its role and name. Whether it is hidden is not asked: that takes longer than the touch. */
export const touch = (role: 'button' | 'checkbox' | 'radio' | 'link', name: string | RegExp) =>
  fireEvent.click(shown.getByRole(role, { name, hidden: true }));

/** Types a text over what stands in a field. */
export const type = (label: string, text: string) =>
  fireEvent.change(shown.getByLabelText(label), { target: { value: text } });

/** Lets time pass in a kitchen that is shown. */
export const later = (store: Store, hours: number) =>
  act(() => {
    store.dispatch(ticked(store.getState().time.now + hours * 3_600_000));
  });

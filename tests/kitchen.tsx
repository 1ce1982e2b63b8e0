import { act, fireEvent, render, screen as shown } from '@testing-library/react';
import { type ReactNode } from 'react';
import { Provider } from 'react-redux';

import { LookProvider } from '@kit';
import { type Store, ticked } from '@state';

import { kitchenStore } from './kitchenStore';

export * from './kitchenStore';

/** Where the router was asked to go; emptied by each {@link show}. */
export const went: string[] = [];

export const mockRouter = {
  navigate: (path: string) => went.push(path),
  replace: (path: string) => went.push(path),
  setParams: () => undefined,
};

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

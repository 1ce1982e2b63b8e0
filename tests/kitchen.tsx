import { act, render } from '@testing-library/react';
import userEvent, { PointerEventsCheckLevel } from '@testing-library/user-event';
import { type ReactNode } from 'react';
import { Provider } from 'react-redux';

import { LookProvider } from '@kit';
import { type Store, ticked } from '@state';

import { went } from './kitchenRouter';
import { kitchenStore } from './kitchenStore';

export * from './kitchenStore';

export { went };

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

const TOUCHED = {
  button: 'button, [role="button"]',
  link: 'a[href], [role="link"]',
  checkbox: '[role="checkbox"]',
  radio: '[role="radio"]',
} as const;

/** The one of some elements; anything else is a fault, and says what there was. */
function theOne(found: readonly Element[], wanted: string, all: readonly Element[]): Element {
  if (found.length === 1) return found[0]!;
  const names = all.map(nameOf).join(' | ');
  throw new Error(`${found.length} instead of one: ${wanted}. There are: ${names}`);
}

const nameOf = (element: Element) =>
  element.getAttribute('aria-label') ?? element.textContent.trim();

/** What keeps a finger from something: it is switched off, hidden, or lets touches through. Nothing when it can be reached. */
function outOfReach(element: Element): string | null {
  if (element.matches(':disabled, [aria-disabled="true"]')) return 'switched off';
  if (element.closest('[aria-hidden="true"], [hidden], [inert]')) return 'hidden';
  if (getComputedStyle(element).pointerEvents === 'none') return 'not to be touched';
  for (let at: Element | null = element; at; at = at.parentElement) {
    const { display, visibility } = getComputedStyle(at);
    if (display === 'none' || visibility === 'hidden') return 'not shown';
  }
  return null;
}

/**
 * A hand that does not wait between its moves: the clock of a test may stand still. Whether it can reach something is asked
 * below, once for each touch: at every one of its moves that would take most of a test's time.
 */
const hand = userEvent.setup({ delay: null, pointerEventsCheck: PointerEventsCheckLevel.Never });

/** Touches something by its role and name: its label, or what is written on it. Far quicker than asking for it by role. */
export async function touch(role: keyof typeof TOUCHED, name: string | RegExp): Promise<void> {
  const all = [...document.querySelectorAll(TOUCHED[role])];
  const found = all.filter((one) =>
    typeof name === 'string' ? nameOf(one) === name : name.test(nameOf(one)),
  );
  const wanted = `${role} ${String(name)}`;
  const one = theOne(found, wanted, all);
  const obstacle = outOfReach(one);
  if (obstacle) throw new Error(`${wanted} is ${obstacle}`);
  await hand.click(one);
  await act(fetched);
}

/** Taken here, before a test lets the clock stand still. */
const soon = setTimeout;
/** What a touch called for has come: a part that is fetched late stands one turn later, its module being at hand here. */
const fetched = () => new Promise<void>((resolve) => soon(resolve));

/** As far as a number goes, each key is pressed. What is longer is pasted: every key draws the whole page anew. */
const NUMBER = 4;

/** Types a text over what stands in a field. */
export async function type(label: string, text: string): Promise<void> {
  const all = [...document.querySelectorAll('input, textarea')];
  const found = all.filter((one) => one.getAttribute('aria-label') === label);
  const field = theOne(found, `field ${label}`, all);
  await hand.clear(field);
  if (text === '') return;
  await (text.length > NUMBER ? hand.paste(text) : hand.keyboard(text.replace(/[[{]/g, '$&$&')));
}

/** Lets time pass in a kitchen that is shown: what is done after it is done at that later hour. */
export function later(store: Store, hours: number): void {
  const now = store.getState().time.now + hours * 3_600_000;
  window.sessionStorage.setItem('ombrello/at', String(now));
  act(() => void store.dispatch(ticked(now)));
}
afterEach(() => void jest.restoreAllMocks());

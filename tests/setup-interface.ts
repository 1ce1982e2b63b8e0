import '@testing-library/jest-dom';
import { configure } from '@testing-library/dom';
import * as React from 'react';

// No screen moves in a test: it says where it would lead.
jest.mock('expo-router', () => jest.requireActual('./expoRouter'));

// Screens of a whole kitchen take their time on a busy machine: no test fails because of it.
configure({ asyncUtilTimeout: 60_000 });

// The clock stands still, as it does for `?at=`, until a test lets time pass.
const standStill = () =>
  window.sessionStorage.setItem('ombrello/at', String(Date.parse('2026-03-13T18:20:00Z')));
standStill();
beforeEach(standStill);

// React notes for each element where it was made, for its messages: a quarter of these tests' time. It stops after so many a
// second, and here before the first.
const internals = Object.entries(React).find(([name]) => name.startsWith('__CLIENT_INTERNALS'))!;
Object.defineProperty(internals[1], 'recentlyCreatedOwnerStacks', {
  get: () => Infinity,
  set: () => {},
});

// The DOM here goes through all rules of the sheet whenever it is asked for a style, which took a third of these tests. What a
// class says is the same wherever it stands, in the same parent: it is asked once.
const ask = window.getComputedStyle.bind(window);
const known = new Map<string, CSSStyleDeclaration>();
window.getComputedStyle = (element, pseudo) => {
  const said = (of: Element | null) => `${of?.className ?? ''}/${of?.getAttribute('style') ?? ''}`;
  const key = [element.tagName, said(element), said(element.parentElement), pseudo].join(' ');
  let style = known.get(key);
  if (!style) {
    const asked = ask(element, pseudo);
    const answers = new Map<string | symbol, unknown>();
    const once = (name: string | symbol, answer: () => unknown) => {
      if (!answers.has(name)) answers.set(name, answer());
      return answers.get(name);
    };
    const getPropertyValue = (name: string) =>
      once(`value of ${name}`, () => asked.getPropertyValue(name));
    style = new Proxy(asked, {
      get: (_, name) =>
        name === 'getPropertyValue'
          ? getPropertyValue
          : once(name, () => {
              const answer: unknown = Reflect.get(asked, name);
              return typeof answer === 'function' ? (answer.bind(asked) as unknown) : answer;
            }),
    });
    known.set(key, style);
  }
  return style;
};

/** What was written to the console as an error or a warning: a test in which that happens fails. */
const faults: string[] = [];
const sayFault = (...said: readonly unknown[]) => {
  const text = said.map(String).join(' ');
  // Said once whenever Animated is asked for a native driver; it is harmless.
  if (!text.startsWith('Animated: `useNativeDriver`')) faults.push(text);
};
beforeEach(() => {
  faults.length = 0;
  jest.spyOn(console, 'error').mockImplementation(sayFault);
  jest.spyOn(console, 'warn').mockImplementation(sayFault);
});
afterEach(() => {
  jest.mocked(console.error).mockRestore();
  jest.mocked(console.warn).mockRestore();
  expect(faults).toEqual([]);
});

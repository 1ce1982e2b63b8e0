import '@testing-library/jest-dom';

// No screen moves in a test: it says where it would lead.
jest.mock('expo-router', () => jest.requireActual('./expoRouter'));

// Screens of a whole kitchen take their time on a busy machine.
jest.setTimeout(40_000);

// The clock stands still, as it does for `?at=`.
window.sessionStorage.setItem('ombrello/at', String(Date.parse('2026-03-13T18:20:00Z')));

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

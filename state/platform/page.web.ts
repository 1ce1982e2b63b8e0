/** Tests of state run without a page, and so does whatever reads a kitchen on a server. */
const page = typeof window === 'undefined' || !window.location ? null : window;

/** What the address of the page says under a name; null where it does not have it. */
export const askedOfPage = (name: string): string | null =>
  page && new URLSearchParams(page.location.search).get(name);

/** Whether the server that gave the page wishes the demo to be opened first. */
export const demoComesFirst = (): boolean =>
  page !== null && /first-kitchen=demo/.test(page.document.cookie);

/** The language of the device, as a locale. */
export const deviceLanguage = (): string =>
  typeof navigator === 'undefined' ? 'en-GB' : navigator.language;

/**
 * Asks before the page is left when something would be lost.
 *
 * @param left called, perhaps more than once, when the page goes; false when something would be lost
 * @returns a function that stops it
 */
export function whenPageGoes(left: () => boolean): () => void {
  if (!page) return () => undefined;
  const leaving = (event: BeforeUnloadEvent) => {
    if (!left()) event.preventDefault();
  };
  page.addEventListener('beforeunload', leaving);
  // Some browsers leave a page without asking it.
  page.addEventListener('pagehide', left);
  return () => {
    page.removeEventListener('beforeunload', leaving);
    page.removeEventListener('pagehide', left);
  };
}

/** Calls whenever the page goes out of sight, and when it comes back. @returns a function that stops it */
export function whenPageHidesOrShows(then: () => void): () => void {
  if (!page) return () => undefined;
  page.document.addEventListener('visibilitychange', then);
  return () => page.document.removeEventListener('visibilitychange', then);
}

/** Opens the newer version: the page is loaded again with it. */
export type Waiting = () => void;

const BASE = `${process.env.EXPO_BASE_URL ?? ''}/`;

/**
 * Registers the service worker that keeps the application at hand without a network, once the page has come to rest: it
 * fetches everything there is, and the first jar goes first.
 *
 * @param found told when a newer version has come in and waits
 * @returns a function that stops listening
 */
export function watchVersions(found: (open: Waiting) => void): () => void {
  // Not while developing, and not where the browser has none: on plain http from another machine.
  if (process.env.NODE_ENV !== 'production' || typeof navigator === 'undefined')
    return () => undefined;
  const workers = navigator.serviceWorker as ServiceWorkerContainer | undefined;
  if (!workers) return () => undefined;
  let stopped = false;
  const register = async () => {
    const registration = (await workers.register(`${BASE}sw.js`, { scope: BASE })) as
      | ServiceWorkerRegistration
      | undefined;
    if (!registration || stopped) return;
    const offer = (worker: ServiceWorker) =>
      found(() => {
        workers.addEventListener('controllerchange', () => window.location.reload(), {
          once: true,
        });
        worker.postMessage({ type: 'SKIP_WAITING' });
      });
    if (registration.waiting && workers.controller) offer(registration.waiting);
    registration.addEventListener('updatefound', () => {
      const next = registration.installing;
      next?.addEventListener('statechange', () => {
        // The first one ever is no newer version.
        if (next.state === 'installed' && workers.controller) offer(next);
      });
    });
  };
  const timer = setTimeout(() => void register().catch(() => undefined), RESTED);
  return () => {
    stopped = true;
    clearTimeout(timer);
  };
}

/** The page has come to rest, ms. */
const RESTED = 4000;

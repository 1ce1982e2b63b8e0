/** What a baker is told when a worker could not do its work. */
export const FALLEN_OVER = 'The browser could not do this just now. Try it once more.';

/** Rejects when a worker cannot start or falls over: whoever waits for its answer alone would wait for ever. */
export const fallenOver = (thread: Worker): Promise<never> =>
  new Promise((_, reject) => {
    thread.addEventListener('error', () => reject(new Error(FALLEN_OVER)), { once: true });
  });

/** Browsers give locks to pages that came over https, or from this machine. */
const locks = (): LockManager | undefined =>
  typeof navigator === 'undefined' ? undefined : navigator.locks;

/** Holds a name for as long as the tab lives; false when another tab has it. Without locks every name is free. */
export function holdName(name: string): Promise<boolean> {
  const manager = locks();
  if (!manager) return Promise.resolve(true);
  return new Promise((resolve) => {
    const got = (lock: Lock | null) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise<void>(() => undefined);
    };
    manager.request(name, { ifAvailable: true }, got).catch(() => resolve(true));
  });
}

/** The names that open tabs hold; none where that cannot be known. */
export async function heldNames(): Promise<readonly string[]> {
  const { held = [] } = (await locks()?.query()) ?? {};
  return held.flatMap(({ name }) => (name === undefined ? [] : [name]));
}

/**
 * Runs something in one tab of all: here, as soon as no other tab does it. What it returns ends it.
 *
 * @returns a function that ends it here, or stops waiting for it
 */
export function inOneTabOf(name: string, run: () => () => void): () => void {
  const manager = locks();
  if (!manager) return run();
  const waiting = new AbortController();
  let end: () => void = () => undefined;
  manager
    .request(name, { signal: waiting.signal }, () => {
      const finish = run();
      return new Promise<void>((release) => {
        end = () => {
          finish();
          release();
        };
      });
    })
    .catch((cause: unknown) => {
      // It was not waited for any longer; anything else is a fault.
      if (!waiting.signal.aborted) throw cause;
    });
  return () => {
    waiting.abort();
    end();
  };
}

/** What tabs tell each other under a name. */
export interface Channel {
  tell(message: unknown): void;
  /** @returns a function that stops listening */
  hear(heard: (message: unknown) => void): () => void;
}

export function channelOf(name: string): Channel {
  if (typeof BroadcastChannel === 'undefined')
    return { tell: () => undefined, hear: () => () => undefined };
  const channel = new BroadcastChannel(name);
  // In Node a listening channel would keep a test from ending.
  (channel as unknown as { unref?: () => void }).unref?.();
  return {
    tell: (message) => channel.postMessage(message),
    hear(heard) {
      const onMessage = ({ data }: MessageEvent<unknown>) => heard(data);
      channel.addEventListener('message', onMessage);
      return () => channel.removeEventListener('message', onMessage);
    },
  };
}

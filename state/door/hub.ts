import { type Reading } from '@core/devices/contract';

import { HUB_KEY, shelf } from './shelf';

export const readHubKey = (): Promise<string | null> => shelf.getItem(HUB_KEY).catch(() => null);

export const keepHubKey = (key: string | null): Promise<void> =>
  (key === null ? shelf.removeItem(HUB_KEY) : shelf.setItem(HUB_KEY, key)).catch(() => undefined);

const BASE = process.env.EXPO_BASE_URL ?? '';

/** What is heard on the line. */
export interface Line {
  readonly onReadings: (readings: readonly Reading[]) => void;
  readonly onOpen: () => void;
  /** It broke and is taken up again by itself; or the hub would not have it. */
  readonly onBroken: (refused: boolean) => void;
}

/**
 * Listens to the hub of this host.
 * @returns a function that hangs up
 */
export function listen(key: string, { onReadings, onOpen, onBroken }: Line): () => void {
  const line = new EventSource(`${BASE}/hub/events?key=${encodeURIComponent(key)}`);
  const take = ({ data }: MessageEvent<string>) => {
    try {
      onReadings(JSON.parse(data) as readonly Reading[]);
    } catch {
      // Cut in the middle: the next one is whole.
    }
  };
  line.addEventListener('hello', (event: MessageEvent<string>) => {
    onOpen();
    take(event);
  });
  line.addEventListener('readings', take);
  line.onerror = () => onBroken(line.readyState === EventSource.CLOSED);
  return () => line.close();
}

/** Posts as a device does. @returns whether the hub took it */
export const postAsDevice = (key: string, body: unknown): Promise<boolean> =>
  fetch(`${BASE}/hub/readings`, {
    method: 'POST',
    headers: { authorization: `Bearer ${key}`, 'content-type': 'application/json' },
    body: JSON.stringify(body),
  }).then(
    ({ ok }) => ok,
    () => false,
  );

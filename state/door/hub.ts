import { type Reading } from '@core/devices/contract';

const BASE = process.env.EXPO_BASE_URL ?? '';

/** What is heard on the line. */
export interface Line {
  readonly onReadings: (readings: readonly Reading[]) => void;
  /** With the last reading of each device, however long ago that was. */
  readonly onOpen: (last: readonly Reading[]) => void;
  /** It broke and is taken up again by itself; or the hub would not have it. */
  readonly onBroken: (refused: boolean) => void;
}

/** The readings of an event, at the hours of this device: of the hub's clock only how long ago they were is taken. */
function heardIn({ data }: MessageEvent<string>): readonly Reading[] {
  const { now, readings } = JSON.parse(data) as { now: number; readings: readonly Reading[] };
  const here = Date.now();
  return readings.map((reading) => ({ ...reading, at: here - Math.max(0, now - reading.at) }));
}

/**
 * Listens to the hub of this host.
 * @returns a function that hangs up
 */
export function listen(key: string, { onReadings, onOpen, onBroken }: Line): () => void {
  const line = new EventSource(`${BASE}/hub/events?key=${encodeURIComponent(key)}`);
  line.addEventListener('hello', (event: MessageEvent<string>) => onOpen(heardIn(event)));
  line.addEventListener('readings', (event: MessageEvent<string>) => onReadings(heardIn(event)));
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

/** What is heard in a box: how many others listen, and what they say. */
export interface BoxLine {
  readonly onOpen: (others: number) => void;
  readonly onSealed: (sealed: string) => void;
  readonly onBroken: (refused: boolean) => void;
}

/** Listens to a box of the hub. @returns a function that hangs up */
export function listenToBox(key: string, box: string, heard: BoxLine): () => void {
  const line = new EventSource(`${BASE}/hub/boxes/${box}/events?key=${encodeURIComponent(key)}`);
  line.addEventListener('hello', ({ data }: MessageEvent<string>) => heard.onOpen(Number(data)));
  line.addEventListener('sealed', ({ data }: MessageEvent<string>) =>
    heard.onSealed(String(JSON.parse(data))),
  );
  line.onerror = () => heard.onBroken(line.readyState === EventSource.CLOSED);
  return () => line.close();
}

/** Puts a sealed message into a box. @returns whether the hub took it */
export const intoBox = (key: string, box: string, sealed: string): Promise<boolean> =>
  fetch(`${BASE}/hub/boxes/${box}`, {
    method: 'POST',
    headers: { authorization: `Bearer ${key}`, 'content-type': 'text/plain' },
    body: sealed,
  }).then(
    ({ ok }) => ok,
    () => false,
  );

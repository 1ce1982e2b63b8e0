import { type Reading } from '@core/devices/contract';

import { listenTo, postTo } from '../platform';

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
function heardIn(data: string): readonly Reading[] {
  const { now, readings } = JSON.parse(data) as { now: number; readings: readonly Reading[] };
  const here = Date.now();
  return readings.map((reading) => ({ ...reading, at: here - Math.max(0, now - reading.at) }));
}

/**
 * Listens to the hub of this host.
 * @returns a function that hangs up
 */
export const listen = (key: string, { onReadings, onOpen, onBroken }: Line): (() => void) =>
  listenTo(`${BASE}/hub/events?key=${encodeURIComponent(key)}`, {
    told: {
      hello: (data) => onOpen(heardIn(data)),
      readings: (data) => onReadings(heardIn(data)),
    },
    onBroken,
  });

/** Posts as a device does. @returns whether the hub took it */
export const postAsDevice = (key: string, body: unknown): Promise<boolean> =>
  postTo(`${BASE}/hub/readings`, key, { type: 'application/json', text: JSON.stringify(body) });

/** What is heard in a box: how many others listen, and what they say. */
export interface BoxLine {
  readonly onOpen: (others: number) => void;
  readonly onSealed: (sealed: string) => void;
  readonly onBroken: (refused: boolean) => void;
}

/** Listens to a box of the hub. @returns a function that hangs up */
export const listenToBox = (key: string, box: string, heard: BoxLine): (() => void) =>
  listenTo(`${BASE}/hub/boxes/${box}/events?key=${encodeURIComponent(key)}`, {
    told: {
      hello: (data) => heard.onOpen(Number(data)),
      sealed: (data) => heard.onSealed(String(JSON.parse(data))),
    },
    onBroken: heard.onBroken,
  });

/** Puts a sealed message into a box. @returns whether the hub took it */
export const intoBox = (key: string, box: string, sealed: string): Promise<boolean> =>
  postTo(`${BASE}/hub/boxes/${box}`, key, { type: 'text/plain', text: sealed });

import { type Reading } from '@core/devices/contract';

import { listen, postAsDevice } from './door/hub';
import { keepHubKey, readHubKey } from './door/hubKey';
import { tellOfHub, whenHubIsTold } from './door/tabs';

/** How it stands with the hub. `none`: nobody asked, or there is no key; `refused`: it has another one, or there is no hub. */
export interface Hub {
  readonly key: string | null;
  readonly line: 'none' | 'live' | 'broken' | 'refused';
  /** The last reading of each device, by its id. */
  readonly devices: ReadonlyMap<string, Reading>;
}

type Heard = (reading: Reading) => void;

/** The page stays on the line for so long after nobody needs it, ms: from one step to the next. */
const LINGER = 5000;
/** A line that was refused is tried again after so long, ms: the hub may only have been started anew. */
const AGAIN = 4000;

let hub: Hub = { key: null, line: 'none', devices: new Map() };
const watching = new Set<() => void>();
const hearing = new Set<Heard>();
let hangUp: (() => void) | null = null;
let lingering: ReturnType<typeof setTimeout> | undefined;
let again: ReturnType<typeof setTimeout> | undefined;

function set(to: Partial<Hub>) {
  hub = { ...hub, ...to };
  for (const changed of watching) changed();
}

/** How it stands with the hub by now; the same object until something changes. */
export const hubNow = (): Hub => hub;

/** Is told of every change. The line is up while anybody watches. @returns a function that stops it */
export function watchHub(changed: () => void): () => void {
  watching.add(changed);
  clearTimeout(lingering);
  if (!hangUp) void dial();
  return () => {
    watching.delete(changed);
    if (watching.size === 0) lingering = setTimeout(ring, LINGER);
  };
}

/** Hears every reading as it comes, in order; not what was said before the line was up. @returns a function that stops it */
export function hearReadings(heard: Heard): () => void {
  hearing.add(heard);
  return () => hearing.delete(heard);
}

function ring() {
  clearTimeout(again);
  hangUp?.();
  hangUp = null;
  hub = { ...hub, line: 'none' };
}

async function dial() {
  const key = hub.key ?? (await readHubKey());
  if (hangUp || watching.size === 0) return;
  if (key === null) return;
  hub = { ...hub, key };
  hangUp = listen(key, {
    onOpen: (last) => {
      set({ line: 'live', devices: new Map(last.map((reading) => [reading.device, reading])) });
    },
    onReadings: (readings) => {
      const devices = new Map(hub.devices);
      for (const reading of readings) {
        devices.set(reading.device, reading);
        for (const heard of hearing) heard(reading);
      }
      set({ devices });
    },
    onBroken: (refused) => {
      set({ line: refused ? 'refused' : 'broken' });
      if (!refused) return;
      hangUp?.();
      hangUp = null;
      clearTimeout(again);
      again = setTimeout(() => void dial(), AGAIN);
    },
  });
}

const joining = new Set<() => void>();

/** Is told when this tab joins the hub or leaves it; what another one does is told by it. @returns a function that stops it */
export function whenHubIsJoined(told: () => void): () => void {
  joining.add(told);
  return () => joining.delete(told);
}

/** The key of the hub of this kitchen; null forgets it. */
export async function setHubKey(key: string | null): Promise<void> {
  await keepHubKey(key);
  tellOfHub();
  for (const told of joining) told();
  await anew();
}

/** Hangs up, and takes the line up with the key that is kept now. */
async function anew(): Promise<void> {
  const key = await readHubKey();
  // Nothing waits from here on: a line that came up meanwhile is hung up with the others.
  ring();
  hub = { key, line: 'none', devices: new Map() };
  set({});
  if (hub.key !== null && watching.size > 0) await dial();
}
// Another tab joined the hub, or left it.
whenHubIsTold(() => void anew());

/** Posts as a device would; nothing without a key. */
export const playReading = (body: unknown): Promise<boolean> =>
  hub.key === null ? Promise.resolve(false) : postAsDevice(hub.key, body);

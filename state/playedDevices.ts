import {
  type DeviceKind,
  type PlayedLid,
  type PlayedScale,
  type PlayedThermometer,
  playedLid,
  playedScale,
  playedThermometer,
} from '@core/devices';

import { playReading } from './hub';

/** What they say is posted so often, ms. */
const POSTED = 200;

interface Played {
  readonly scale: PlayedScale;
  readonly thermometer: PlayedThermometer;
  readonly lid: PlayedLid;
}
const begin: { readonly [K in DeviceKind]: (seed: number) => Played[K] } = {
  scale: (seed) => playedScale(seed),
  thermometer: (seed) => playedThermometer(seed),
  lid: (seed) => playedLid(seed),
};

const playing = new Map<DeviceKind, { readonly device: unknown; readonly stop: () => void }>();

/** A device that is played in this page and posts to the hub as a real one would. */
export function playDevice<K extends DeviceKind>(kind: K): Played[K] {
  const there = devicePlayed(kind);
  if (there) return there;
  const played = begin[kind](Date.now() % 1e6);
  const boot = String(Date.now());
  let before = Date.now();
  const timer = setInterval(() => {
    const passed = Math.min(2000, Math.floor((Date.now() - before) / 100) * 100);
    before += passed;
    const readings = played.step(passed);
    if (readings.length > 0)
      void playReading({ device: `played-${kind}`, kind, name: `Played ${kind}`, boot, readings });
  }, POSTED);
  playing.set(kind, { device: played, stop: () => clearInterval(timer) });
  return played;
}

/** It is put away: nothing comes from it any more. */
export function stopPlaying(kind: DeviceKind): void {
  playing.get(kind)?.stop();
  playing.delete(kind);
}

/** The device of a kind that is played; null where there is none. */
export const devicePlayed = <K extends DeviceKind>(kind: K): Played[K] | null =>
  (playing.get(kind)?.device as Played[K] | undefined) ?? null;

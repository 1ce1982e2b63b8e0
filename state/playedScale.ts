import { type PlayedScale, playedScale } from '@core/devices';

import { playReading } from './hub';

/** Its numbers are posted so often, ms. */
const POSTED = 200;

let scale: PlayedScale | null = null;
let timer: ReturnType<typeof setInterval> | undefined;

/** A scale that is played in this page and posts to the hub as a real one would. */
export function playScale(): PlayedScale {
  if (scale) return scale;
  const played = playedScale(Date.now() % 1e6);
  const boot = String(Date.now());
  scale = played;
  let before = Date.now();
  timer = setInterval(() => {
    const passed = Math.min(2000, Math.floor((Date.now() - before) / 100) * 100);
    before += passed;
    const readings = played.step(passed);
    if (readings.length > 0)
      void playReading({
        device: 'played-scale',
        kind: 'scale',
        name: 'Played scale',
        boot,
        readings,
      });
  }, POSTED);
  return played;
}

export function stopPlaying(): void {
  clearInterval(timer);
  scale = null;
}

export const scalePlayed = (): PlayedScale | null => scale;

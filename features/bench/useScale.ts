import { useEffect, useState } from 'react';

import { type OnTheScale, SILENCE, nothingWeighed, weighedOn } from '@core/devices/onTheScale';
import { hearReadings } from '@state/hub';

import { useHub } from '../parts/useHub';

/** A scale at the bench, by way of the hub. */
export interface LiveScale {
  /** Its numbers come in. `off`: it switched itself off; `silent`: it was there, and is not any more. */
  readonly is: 'none' | 'live' | 'off' | 'silent';
  readonly weighed: OnTheScale;
}

/**
 * What the scale of the kitchen says of the portion at hand.
 *
 * @param portion another one begins from where the scale rests
 * @param without what it shows without the portion, where the jar stands on a scale at nought; null where that is not known
 */
export function useScale(portion: string, without: number | null): LiveScale {
  const { line } = useHub();
  const [weighed, setWeighed] = useState(() => nothingWeighed(without));
  const [is, setIs] = useState<LiveScale['is']>('none');
  const asked = `${portion} ${without}`;
  const [begun, setBegun] = useState(asked);
  if (begun !== asked) {
    setBegun(asked);
    setWeighed(nothingWeighed(without ?? (is === 'live' ? weighed.rests : null)));
  }
  useEffect(() => {
    let silence: ReturnType<typeof setTimeout> | undefined;
    let device: string | null = null;
    const stop = hearReadings((reading) => {
      if (reading.kind !== 'scale') return;
      // Of two scales the one that was there first counts, as long as it speaks.
      device ??= reading.device;
      if (device !== reading.device) return;
      clearTimeout(silence);
      if (reading.off) return setIs('off');
      setIs('live');
      setWeighed((before) => weighedOn(before, reading));
      silence = setTimeout(() => {
        device = null;
        setIs('silent');
      }, SILENCE);
    });
    return () => {
      clearTimeout(silence);
      stop();
    };
  }, []);
  return { is: line === 'live' || is !== 'live' ? is : 'silent', weighed };
}

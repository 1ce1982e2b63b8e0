import Svg, { Path } from 'react-native-svg';

import { type Stage } from '@core/ferment';

import { useLook } from './look';

/** The state an umbrella shows; several stages share one. */
export type Umbrella =
  | 'furled'
  | 'opening'
  | 'open'
  | 'drooping'
  | 'insideOut'
  | 'dripping'
  | 'crossedOut';

const UMBRELLAS: Readonly<Record<Stage, Umbrella>> = {
  asleep: 'furled',
  resting: 'furled',
  settled: 'furled',
  waking: 'opening',
  rising: 'opening',
  ripe: 'open',
  past: 'drooping',
  sunk: 'drooping',
  hungry: 'insideOut',
  hooch: 'dripping',
};

export const umbrellaFor = (stage: Stage): Umbrella => UMBRELLAS[stage];

const SCALLOPS = 'c-3-3.4-6-3.4-9 0-3-3.4-6-3.4-9 0-3-3.4-6-3.4-9 0-3-3.4-6-3.4-9 0';
const HANDLE = 'M24 25v14a4.2 4.2 0 0 1-8.4 0';
const TIP = 'M24 4v4';

const SHAPES: Readonly<Record<Umbrella, { readonly canopy: string; readonly rest: string }>> = {
  furled: { canopy: 'M24 7l6 24q-6 3-12 0z', rest: 'M24 3v4M24 32v7a4.2 4.2 0 0 1-8.4 0' },
  opening: {
    canopy: 'M24 8l13 19c-4-2.4-7-2.4-8.7 0-2.6-2.4-6-2.4-8.6 0-1.7-2.4-4.7-2.4-8.7 0z',
    rest: `${TIP}M24 26v13a4.2 4.2 0 0 1-8.4 0`,
  },
  open: { canopy: `M42 25${SCALLOPS}C6 14 14 8 24 8s18 6 18 17z`, rest: `${TIP}${HANDLE}` },
  drooping: {
    canopy:
      'M44 31c-3-3-5.5-3.6-8-1-3-3.4-5-4.4-8-2.6-2.6-1.2-5.4-1.2-8 0-3-1.8-5-.8-8 2.6-2.5-2.6-5-2-8 1C5 16 14 9 24 9s19 7 20 22z',
    rest: 'M24 5v4M24 28v11a4.2 4.2 0 0 1-8.4 0',
  },
  insideOut: {
    canopy: 'M7 10c4 3 7 4 9 2 3 3 5 3 8 1 3 2 5 2 8-1 2 2 5 1 9-2 0 12-7 18-17 18S7 22 7 10z',
    rest: 'M24 28v11a4.2 4.2 0 0 1-8.4 0',
  },
  dripping: {
    canopy: `M42 23${SCALLOPS}C6 12 14 6 24 6s18 6 18 17z`,
    rest: 'M24 2v4M24 23v14a4.2 4.2 0 0 1-8.4 0M9 30v3M9 38v3M33 30v3M39 34v4M33 38v3',
  },
  crossedOut: { canopy: `M42 25${SCALLOPS}C6 14 14 8 24 8s18 6 18 17z`, rest: `${TIP}${HANDLE}` },
};

/** A stage as an umbrella. The shape carries the meaning; the word always stands beside it. */
export function UmbrellaMark({
  umbrella,
  size = 24,
}: {
  readonly umbrella: Umbrella;
  readonly size?: number;
}) {
  const look = useLook();
  const { canopy, rest } = SHAPES[umbrella];
  const stroke = size < 30 ? 4 : 3.2;
  const common = {
    stroke: look.ink,
    strokeWidth: stroke,
    strokeLinecap: 'round',
    strokeLinejoin: 'round',
  } as const;
  return (
    <Svg width={size} height={size} viewBox="0 0 48 48" fill="none" aria-hidden>
      <Path d={canopy} fill={umbrella === 'open' ? look.canopy : 'none'} {...common} />
      <Path d={rest} {...common} />
      {umbrella === 'crossedOut' && (
        <Path d="M6 42L42 6" {...common} stroke={look.beet} strokeWidth={stroke + 1.5} />
      )}
    </Svg>
  );
}

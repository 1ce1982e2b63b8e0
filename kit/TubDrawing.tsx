import Svg, { Path, Rect } from 'react-native-svg';

import { type Blend } from '@core/measure';

import { flourColour } from './jarPicture';
import { useLook } from './look';

/** A full tub in the drawing, grams. */
const FULL_G = 2000;

/** A tub of flour, filled as it is: two kilograms are full. */
export function TubDrawing({ grams, flour }: { readonly grams: number; readonly flour: Blend }) {
  const look = useLook();
  const top = 58 - 42 * Math.min(1, grams / FULL_G);
  return (
    <Svg width={58} height={58} viewBox="0 0 64 64" aria-hidden>
      <Rect x={6} y={12} width={52} height={48} rx={7} fill={look.glass} />
      {grams > 0 && (
        <Path
          d={`M8 ${top + 2}Q20 ${top - 3} 32 ${top}T56 ${top + 1}V53Q56 58 51 58H13Q8 58 8 53Z`}
          fill={flourColour(flour)}
        />
      )}
      <Rect
        x={6}
        y={12}
        width={52}
        height={48}
        rx={7}
        fill="none"
        stroke={look.rim}
        strokeWidth={2.6}
      />
      <Rect
        x={3}
        y={5}
        width={58}
        height={8}
        rx={3}
        fill={look.enamel}
        stroke={look.rim}
        strokeWidth={2.6}
      />
    </Svg>
  );
}
